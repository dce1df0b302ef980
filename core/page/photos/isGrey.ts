import { hexToLab, type ColourShare } from '../../ground/colour';

/** Chroma below this is seen as grey; so may a tenth of the picture be above it. From memory. */
const GREY = 7;
const STRAY = 0.1;

/** Whether a picture is black and white, or toned so little that it frees the choice of papers. */
export function isGrey(colours: readonly ColourShare[]): boolean {
  const whole = colours.reduce((sum, { share }) => sum + share, 0);
  const coloured = colours
    .filter(({ hex }) => {
      const { a, b } = hexToLab(hex);
      return Math.hypot(a, b) > GREY;
    })
    .reduce((sum, { share }) => sum + share, 0);
  return whole > 0 && coloured <= STRAY * whole;
}
