import type { Layout, PageLayer } from '../design';
import { contains, type Rect } from '../geometry';
import type { OutlineId } from '../placing';
import type { Page } from '../things';
import { decided, refuse, type Deciding } from './act';
import type { Bench } from './bench';
import { doAct } from './doAct';
import { layOn, type Laying } from './laying';
import { changePage } from './pages';
import { candidatesOf, thingsToLay } from './toLay';

/** Things that are round enough to stand for a circle of paper. */
const ROUND: ReadonlySet<OutlineId> = new Set([
  'button',
  'flair',
  'flower',
  'doily',
  'dot',
  'sequin',
  'snowflake',
  'sun',
]);
/** How much smaller or larger than the circle they may be; smaller ones would leave the ring bare. */
const [LEAST, MOST] = [0.4, 1.3];

/** A round thing that is there, in place of a circle of paper. */
export interface InItsPlace {
  /** The layer that is no longer cut. */
  readonly layer: string;
  readonly name: string;
  readonly laying: Laying;
}

const isCircle = ({ role, shape, w, h }: PageLayer): boolean => role === 'round' && shape?.kind === 'circle' && w === h;

/** Whether something lies in the middle of a circle already. */
const isTaken = (circle: Rect, { placed = [] }: Page): boolean =>
  placed.some(({ x, y }) => contains(circle, { x, y, w: 0, h: 0 }));

/** One of each kind in turn, so that two alike lie side by side only where there is nothing else. */
function inTurn<T>(kinds: readonly (readonly T[])[]): T[] {
  const most = Math.max(0, ...kinds.map((kind) => kind.length));
  return Array.from({ length: most }, (_, n) => kinds.flatMap((kind) => kind.slice(n, n + 1))).flat();
}

/**
 * Round things that can lie where the design has circles of paper: what is out for the page, then of its kits, then of
 * the stash; of those the nearest in size. Of paper are only the places for which there is none.
 */
export function thingsForRounds(page: Page, layout: Layout, bench: Bench): readonly InItsPlace[] {
  const places = layout.layers.filter((layer) => isCircle(layer) && !isTaken(layer, page));
  const [first] = places;
  if (!first) return [];
  const { out, inKits, elsewhere } = thingsToLay(page, bench);
  const far = (size: number): number => Math.abs(size - first.w);
  const kinds = [out, inKits, elsewhere].flatMap((things) =>
    candidatesOf(things, bench)
      .map((one) => ({ ...one, size: Math.max(one.thing.size.w, one.thing.size.h) }))
      .filter(({ thing, size }) => ROUND.has(thing.outline) && size >= LEAST * first.w && size <= MOST * first.w)
      .sort((a, b) => far(a.size) - far(b.size)),
  );
  let open = places.length;
  const taken = kinds.flatMap(({ what, thing, left }) => {
    const count = Math.min(open, left);
    open -= count;
    return count > 0 ? [Array.from({ length: count }, () => ({ what, name: thing.name }))] : [];
  });
  return inTurn(taken).flatMap(({ what, name }, i) => {
    const place = places[i];
    if (!place) return [];
    const laying = { what, x: place.x + Math.round(place.w / 2), y: place.y + Math.round(place.h / 2), turn: 0 };
    return [{ layer: place.id, name, laying }];
  });
}

/** Lays things in the places of circles, for which no paper is cut then; what was cut of them goes back. */
export const layInItsPlace =
  (id: string, things: readonly InItsPlace[]): Deciding =>
  (bench, now) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const layers = things.map(({ layer }) => layer);
    // Pressed twice, the second finds the circles gone.
    if (layers.length === 0 || layers.some((layer) => page.without?.includes(layer)))
      return refuse('changed-since', page.title);
    const left = changePage(id, ({ without = [] }: Page) => ({ without: [...without, ...layers] }))(bench, now);
    if (!left.ok) return left;
    const staged = doAct(bench, left.value, now);
    if (!staged.ok) return staged;
    const laid = layOn(
      id,
      things.map(({ laying }) => laying),
    )(staged.value.bench, now);
    if (!laid.ok) return laid;
    return decided('laid-in-place', page.title, {
      count: things.length,
      events: [...left.value.events, ...laid.value.events],
      records: [...left.value.records, ...laid.value.records],
    });
  };
