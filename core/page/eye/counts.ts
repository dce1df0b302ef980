import { accentsByMotif, type Remark, type Sheet } from './eyed';

/** Small things stand well in threes and fives: two or four of a motif do not. */
export const evenNumbers = (sheet: Sheet): Remark[] =>
  [...accentsByMotif(sheet)].flatMap(([motif, accents]): Remark[] =>
    accents.length === 2 || accents.length === 4
      ? [
          {
            kind: 'even',
            motif,
            things: accents.map(({ id }) => id),
            why: `${accents.length} of the ${motif}: one more or one fewer would stand better.`,
          },
        ]
      : [],
  );

/** One raised thing alone wants a second. */
export function loneRaised({ things }: Sheet): Remark[] {
  const raised = things.filter((thing) => thing.raised);
  return raised.length === 1
    ? [
        {
          kind: 'lone-raised',
          things: raised.map(({ id }) => id),
          why: 'Only one thing is raised; a second would answer it.',
        },
      ]
    : [];
}
