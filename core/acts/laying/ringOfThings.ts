import type { Ticks } from '../../ground/length';
import { circlesIn, type Layout } from '../../page/design';
import { contains, type Rect } from '../../ground/geometry';
import { canStandFor, widthOfRound, type Candidate } from '../../page/placing';
import type { Page } from '../../stock/things';
import { decided, refuse, type Deciding } from '../act';
import type { Bench } from '../../stock/bench';
import { doAct } from '../doAct';
import { layOn, type Laying } from './laying';
import { changePage, newPage } from '../pages/pages';
import { candidatesOf, thingsToLay, type ThingsToLay } from './toLay';

/** A round thing that is there, in place of a circle of paper. */
export interface InItsPlace {
  /** The layer that is no longer cut. */
  readonly layer: string;
  readonly name: string;
  readonly laying: Laying;
}

/** Whether something lies in the middle of a circle already. */
const isTaken = (circle: Rect, { placed = [] }: Page): boolean =>
  placed.some(({ x, y }) => contains(circle, { x, y, w: 0, h: 0 }));

/** One of each kind in turn, so that two alike lie side by side only where there is nothing else. */
function inTurn<T>(kinds: readonly (readonly T[])[]): T[] {
  const most = Math.max(0, ...kinds.map((kind) => kind.length));
  return Array.from({ length: most }, (_, n) => kinds.flatMap((kind) => kind.slice(n, n + 1))).flat();
}

/** What may be laid of the bench, in the order in which it is taken. */
type MayTake = (kit: string) => boolean;
const ALL: MayTake = () => true;

/** Round things with how wide they are, from what is at hand to what is not. */
const roundsOf = ({ out, inKits, elsewhere }: ThingsToLay, mayTake: MayTake, bench: Bench) =>
  [out, inKits, elsewhere].map((things) =>
    candidatesOf(
      things.filter(({ kit }) => mayTake(kit)),
      bench,
    ).flatMap((one): (Candidate & { readonly wide: number })[] => {
      const wide = widthOfRound(one.thing);
      return wide === null ? [] : [{ ...one, wide }];
    }),
  );

/** A page that has nothing yet. */
const BLANK = newPage('', { format: { w: 1, h: 1, spread: false }, design: '', mat: 0, photos: [], papers: {} }, '');

/** How wide each round thing is that a new page could have, ticks. @param mayTake whether a kit's things may be on it */
export function roundsFor(bench: Bench, mayTake: MayTake): readonly Ticks[] {
  const things = thingsToLay(BLANK, bench);
  return roundsOf(things, mayTake, bench)
    .flat()
    .flatMap(({ wide, left }) => Array<number>(left).fill(wide));
}

/**
 * Round things that can lie where the design has circles of paper: what is out for the page, then of its kits, then of
 * the stash; of those the nearest in size. Of paper are only the places for which there is none.
 * @param mayTake whether a kit's things may be on it
 */
export function thingsForRounds(page: Page, layout: Layout, bench: Bench, mayTake = ALL): readonly InItsPlace[] {
  const places = circlesIn(layout).filter((layer) => !isTaken(layer, page));
  const [first] = places;
  if (!first) return [];
  const far = ({ wide }: { readonly wide: number }): number => Math.abs(wide - first.w);
  const kinds = roundsOf(thingsToLay(page, bench), mayTake, bench).flatMap((things) =>
    things.filter(({ wide }) => canStandFor(wide, first.w)).sort((a, b) => far(a) - far(b)),
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
