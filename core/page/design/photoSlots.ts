import type { Slot } from './design';

/** What lies under the first mat of a photo, where it has more than one. */
export const OUTER_MAT: Slot = { id: 'outer-mat', name: 'Outer mats', suits: 'any' };

/** What a place of a design becomes that no photo takes, and what fills the rest of one. */
export const PLACE_CARD: Slot = { id: 'place-card', name: 'Cards in photo places', suits: 'quiet' };
