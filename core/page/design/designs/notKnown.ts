import { err } from '../../../ground/result';
import type { Design } from '../design';

/** Stands for a design that this version does not have: a page keeps it, and is not laid out until it has another. */
export const notKnown = (id: string): Design => ({
  id,
  name: `${id} (not known here)`,
  looks: 'This version of Nubbin does not know this design. The page keeps it until you choose another.',
  mostPhotos: Infinity,
  options: [],
  steps: [],
  slots: [],
  layOutPage: () => err({ kind: 'not-known', photo: null, needs: null, room: null, most: null }),
});
