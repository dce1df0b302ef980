import { useMemo } from 'react';
import { choosePapers, holdsPiece } from '../../../core/page/papers';
import { coverOf, pageLayout, type DesignError, type Layout } from '../../../core/page/design';
import { cutListOf, openListOf, type WantedPiece } from '../../../core/page/cutlist';
import { stockOnHand } from '../../../core/trimmer/onHand';
import type { CutStock } from '../../../core/trimmer/cutting';
import type { ColourShare } from '../../../core/ground/colour';
import type { LayerCover } from '../../../core/trimmer/covering';
import type { Page } from '../../../core/stock/things';
import { shelfOf } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { useSettings, useTrimmer } from '../../data/settings';

/** A paper of which a leftover serves counts as so much nearer in colour (CIEDE2000): whole sheets stay whole. */
const LEFTOVER = 8;

/** All that follows from a page's choices. */
export interface PageWork {
  readonly layout: Layout | null;
  readonly error: DesignError | null;
  /** Chosen papers, and for the other slots those that are proposed. */
  readonly papers: Readonly<Record<string, string>>;
  readonly stock: readonly CutStock[];
  /** Of its photos. */
  readonly colours: readonly ColourShare[];
  readonly list: readonly WantedPiece[];
  /** Pieces of the design for which no paper is left. */
  readonly short: readonly WantedPiece[];
  readonly covers: readonly LayerCover[];
}

export function usePageWork(page: Page): PageWork {
  const bench = useBench((b) => b);
  const hold = useSettings((s) => s.hold);
  const trimmer = useTrimmer();
  const laid = useMemo(() => pageLayout(page), [page]);
  const layout = laid.ok ? laid.value : null;
  const stock = useMemo(() => stockOnHand(shelfOf(bench), page.id), [bench, page.id]);
  const colours = useMemo(
    () => page.photos.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? []),
    [page.photos, bench.photos],
  );
  const faces = useMemo(() => [...bench.faces.values()], [bench.faces]);
  const isOpen = page.glued === null;
  const open = useMemo(() => openListOf(page, bench) ?? [], [page, bench]);
  const papers = useMemo(() => {
    if (!layout || !isOpen) return page.papers;
    const leftovers = stock.filter(({ fresh }) => !fresh);
    return choosePapers(layout, {
      faces,
      stock,
      colours,
      trimmer,
      settled: page.papers,
      left: open,
      favour: (face, piece) => (leftovers.some((s) => holdsPiece(s, face.id, piece)) ? LEFTOVER : 0),
    });
  }, [layout, isOpen, faces, stock, colours, trimmer, page.papers, open]);
  const covers = useMemo(() => (layout ? coverOf(layout, hold) : []), [layout, hold]);
  const list = useMemo(
    () => (layout ? cutListOf(layout, { id: page.id, papers, ...(page.more ? { more: page.more } : {}) }) : []),
    [layout, papers, page.id, page.more],
  );
  const short = useMemo(
    () => list.filter(({ face, slot }) => isOpen && face === null && layout?.slots.some(({ id }) => id === slot)),
    [list, layout, isOpen],
  );
  return { layout, error: laid.ok ? null : laid.error, papers, stock, colours, list, short, covers };
}
