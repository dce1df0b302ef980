import type { SharingPage } from '../../../core/sharing';
import { shareSmallThings, type SmallShare, type SmallThing, type SmallWish } from '../../../core/shareout';
import type { LotKind } from '../../../core/things';
import { type Bench } from '../../../core/making';

/** What is given out in threes and fives. */
const GIVEN: readonly LotKind[] = ['dots', 'embellishment', 'ephemera'];

const wordsOf = (...texts: readonly (string | undefined)[]): string[] =>
  texts
    .join(' ')
    .toLowerCase()
    .split(/[^\p{L}]+/u)
    .filter((word) => word.length > 2);

/** Embellishments of some kits shared over pages: by colour, by theme, in threes and fives. */
export function smallGifts(pages: readonly SharingPage[], bench: Bench, kits: ReadonlySet<string>): SmallShare {
  const things = [...bench.lots.values()].flatMap((lot): SmallThing[] => {
    const count = bench.ledger.lots.get(lot.id)?.here[''] ?? 0;
    if (!kits.has(lot.kit) || lot.measure !== 'count' || !GIVEN.includes(lot.kind) || count === 0) return [];
    return [
      {
        id: lot.id,
        count,
        colours: bench.faces.get(lot.front ?? '')?.colours ?? [],
        words: wordsOf(lot.name, lot.note),
      },
    ];
  });
  const wishes = pages.map(({ page, colours }): SmallWish => {
    const stories = page.photos.map(({ photo }) => bench.stories.get(bench.photos.get(photo ?? '')?.story ?? ''));
    return {
      page: page.id,
      colours,
      words: [...new Set(wordsOf(page.title, page.place, ...stories.flatMap((story) => [story?.name, story?.place])))],
    };
  });
  return shareSmallThings(
    things,
    wishes,
    [...bench.kits.values()].flatMap(({ theme }) => theme.map((word) => word.toLowerCase())),
  );
}
