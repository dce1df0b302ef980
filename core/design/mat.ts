import type { Size } from '../geometry';

/** A mat is its photo and a margin on each of the four sides: a 3x4 photo with 1/8 in has a 3 1/4 x 4 1/4 mat. */
export const matOf = (photo: Size, margin: number): Size => ({ w: photo.w + 2 * margin, h: photo.h + 2 * margin });
