import type { Ticks } from '../../ground/length';
import type { CutStock, Trimmer } from '../../trimmer/cutting';
import { pageLayout } from '../../page/design';
import { kitOfPiece } from '../../kit/closing';
import { choosePapers, laidOnPlain, plainGrounds } from '../../page/papers';
import { shareJobFor, type ShareWishes, type SharingPage } from '../../kit/sharing';
import { stockOnHand } from '../../trimmer/onHand';
import type { ShareJob } from '../../kit/shareout';
import type { Page } from '../../stock/things';
import { shelfOf, type Bench } from '../../stock/bench';

/**
 * Her school for strips over a spread, where the page's own options do not say: four from one sheet, or three each from
 * two.
 */
const STRIPS = { one: '4', two: '3' } as const;

/** The page in her school; pages of other designs are as they are. */
export const inSchool = (page: Page, spread: 'one' | 'two'): Page =>
  page.format.spread && page.design === 'strip-bands' && page.options?.['strips'] === undefined
    ? { ...page, options: { ...page.options, strips: STRIPS[spread] } }
    : page;

/** Pages as they are laid out, with the colours of their photos; those whose photos do not fit are left out. */
export const layForSharing = (pages: readonly Page[], bench: Bench): SharingPage[] =>
  pages.flatMap((page) => {
    const layout = pageLayout(page);
    return layout.ok
      ? [
          {
            page,
            layout: layout.value,
            colours: page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []),
          },
        ]
      : [];
  });

export interface Sources {
  readonly kits: ReadonlySet<string>;
  /** Papers (lots) that are not cut. */ readonly never: readonly string[];
}

/** What is on hand of some kits. */
const stockOf = (bench: Bench, { kits, never }: Sources): CutStock[] =>
  stockOnHand(shelfOf(bench), null).filter(({ id }) => {
    const piece = bench.ledger.pieces.get(id);
    return piece !== undefined && kits.has(kitOfPiece(piece, bench.lots) ?? '') && !never.includes(piece.lot);
  });

/**
 * Pages with strips on plain cardstock where little of a paper would show: of the paper that is proposed for them.
 * @param how hold: ticks of each strip that go under what covers it; called: what a slot's edges are called
 */
export function onPlain(
  pages: readonly SharingPage[],
  bench: Bench,
  sources: Sources,
  {
    hold,
    trimmer,
    called,
  }: { readonly hold: Ticks; readonly trimmer: Trimmer; readonly called: (slot: string) => string },
): SharingPage[] {
  const stock = stockOf(bench, sources);
  const faces = [...bench.faces.values()];
  return pages.map((sharing) => {
    const { page, layout, colours } = sharing;
    const papers = choosePapers(layout, { faces, stock, colours, trimmer, settled: page.papers });
    const own = plainGrounds(layout, papers, shelfOf(bench), hold).reduce((now, ground) => {
      const name = layout.slots.find(({ id }) => id === ground.slot)?.name ?? ground.slot;
      return { ...now, ...laidOnPlain(now, ground, papers[ground.slot] ?? '', called(name)) };
    }, page);
    return { ...sharing, page: own };
  });
}

/** The share-out of what is on hand of some kits. */
export const jobOf = (
  pages: readonly SharingPage[],
  bench: Bench,
  sources: Sources,
  wishes: ShareWishes,
  trimmer: Trimmer,
): ShareJob => shareJobFor(pages, stockOf(bench, sources), [...bench.faces.values()], trimmer, wishes);
