import { middleOf, type Remark, type Sheet } from './eyed';

/** Figures should look into the page. */
export const looksOff = ({ w, things }: Sheet): Remark[] =>
  things.flatMap((thing): Remark[] => {
    // Thirds are compared unrounded.
    const at = 3 * middleOf(thing).x;
    const isOff = (thing.faces === 'left' && at < w) || (thing.faces === 'right' && at > 2 * w);
    return isOff
      ? [
          {
            kind: 'looks-off',
            things: [thing.id],
            why: `It looks ${thing.faces}, off the page: let it look in from the other side.`,
          },
        ]
      : [];
  });
