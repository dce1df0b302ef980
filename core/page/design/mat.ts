import type { Size } from '../../ground/geometry';
import type { DesignPhoto } from './design';

/** A size with a margin on each of the four sides: a 3x4 photo with 1/8 in has a 3 1/4 x 4 1/4 mat. */
export const withMargin = ({ w, h }: Size, margin: number): Size => ({ w: w + 2 * margin, h: h + 2 * margin });

/** A photo with all its mats: one lies on the other, each with its own margin. */
export const matOf = (photo: DesignPhoto): Size =>
  withMargin(
    photo,
    photo.mats.reduce((sum, margin) => sum + margin, 0),
  );
