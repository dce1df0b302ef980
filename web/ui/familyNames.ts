import type { Family } from '../../core/ground/colour';

/** Families of colour, as they are called. */
export const FAMILY_NAMES: Record<Family, string> = {
  blues: 'ink and night',
  pinks: 'pink and red',
  ambers: 'lamp, clay, bronze',
  greens: 'leaf and celadon',
  violets: 'violet',
  neutrals: 'cream, ash, slate',
};
