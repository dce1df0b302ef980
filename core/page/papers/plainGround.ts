import type { Ticks } from '../../ground/length';
import { area, holds, inflate, intersect, solidRects, type Rect, type Size } from '../../ground/geometry';
import type { Layout } from '../design';
import type { MorePiece, Page } from '../../stock/things';
import type { Shelf } from '../../stock/bench';

/** A paper of which so little shows that strips of it on plain cardstock would do. */
export interface PlainGround {
  readonly slot: string;
  /** The plain cardstock on hand to lay in its place. */
  readonly face: string;
  readonly lot: string;
  /** What of the paper still shows, with its hold under what covers it. */
  readonly strips: readonly (Size & { readonly count: number })[];
  /** Paper asked for now and with strips, square ticks. */
  readonly now: number;
  readonly then: number;
}

/** A layer of less than half a page frees no sheet. */
const SHEETLIKE = 0.5;
/**
 * Strips that need more than this of the paper are not worth the trouble; nor are more strips to a layer than go round
 * it.
 */
const WORTH = 0.6;
const MOST_STRIPS = 4;

/** A plain cardstock of which there are pieces enough for all layers. */
function plainFor(layers: readonly Size[], { ledger, lots }: Shelf, not: string): { face: string; lot: string } | null {
  for (const lot of lots.values()) {
    if (lot.kind !== 'cardstock' || lot.front === null || lot.front === not) continue;
    const there = [...ledger.pieces.values()].filter(
      (piece) =>
        piece.lot === lot.id &&
        piece.where === 'here' &&
        layers.every((layer) => holds(piece, piece.missing, layer, true)),
    );
    if (there.length >= layers.length) return { face: lot.front, lot: lot.id };
  }
  return null;
}

/** What shows of a layer as strips, each going `hold` under what covers it. Turned layers count as covering nothing. */
function stripsOf(layer: Rect, above: readonly (Rect & { turn: number })[], hold: Ticks): Rect[] {
  const cover = above.filter(({ turn }) => turn === 0);
  return solidRects(layer, cover).flatMap((shown) => intersect(inflate(shown, hold), layer) ?? []);
}

/**
 * Papers laid out whole of which little shows: plain cardstock under strips of them frees most of the sheet.
 * Common practice of the trade, no source.
 * @param papers the face of each slot
 * @param hold ticks of each strip that go under what covers it
 */
export function plainGrounds(
  { layers, size }: Layout,
  papers: Readonly<Record<string, string>>,
  shelf: Shelf,
  hold: Ticks,
): PlainGround[] {
  const cardstock = new Set(
    [...shelf.lots.values()]
      .filter(({ kind }) => kind === 'cardstock')
      .flatMap(({ front }) => (front === null ? [] : [front])),
  );
  const slots = [...new Set(layers.flatMap(({ slot }) => (slot === null ? [] : [slot])))];
  return slots.flatMap((slot): PlainGround[] => {
    const own = layers.filter((layer) => layer.slot === slot);
    const paper = papers[slot];
    if (
      paper === undefined ||
      cardstock.has(paper) ||
      own.some((layer) => layer.turn !== 0 || area(layer) < SHEETLIKE * Math.min(area(size), size.h ** 2))
    )
      return [];
    const strips = own.map((layer) => stripsOf(layer, layers.slice(layers.indexOf(layer) + 1), hold));
    const now = own.reduce((sum, layer) => sum + area(layer), 0);
    const then = strips.flat().reduce((sum, strip) => sum + area(strip), 0);
    if (then > now * WORTH || strips.some((some) => some.length === 0 || some.length > MOST_STRIPS)) return [];
    const plain = plainFor(own, shelf, paper);
    if (!plain) return [];
    const counts = new Map<string, Size & { count: number }>();
    for (const strip of strips.flat()) {
      const size = { w: Math.max(strip.w, strip.h), h: Math.min(strip.w, strip.h) };
      const name = `${size.w} ${size.h}`;
      counts.set(name, { ...size, count: (counts.get(name)?.count ?? 0) + 1 });
    }
    return [{ slot, ...plain, strips: [...counts.values()], now, then }];
  });
}

/**
 * A page with plain cardstock in place of a paper, and strips of that paper on its cut list.
 * @param paper the face that the strips are of @param name what each is called
 */
export function laidOnPlain(
  { papers, more = [] }: Pick<Page, 'papers' | 'more'>,
  { slot, face, strips }: PlainGround,
  paper: string,
  name: string,
): Pick<Page, 'papers' | 'more'> {
  const edges = strips.map(({ w, h, count }, i): MorePiece => ({
    id: `edge-${slot}-${more.length + i + 1}`,
    name,
    shape: { kind: 'rectangle', w, h },
    face: paper,
    count,
  }));
  return { papers: { ...papers, [slot]: face }, more: [...more, ...edges] };
}
