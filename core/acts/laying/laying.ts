import { own, type Amounts, type Ledger } from '../../stock/ledger';
import { amountsOf, founded, laidOf, looksOf, outOrUsed, stockOf } from '../../page/placing';
import type { Page, Placed, PlacedWhat } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { changeOf, isSame, type Change } from '../../stock/bench';

/** Something to be laid, and where. */
export type Laying = Omit<Placed, 'id'>;

const nameOf = (what: PlacedWhat, bench: Bench): string => looksOf(what, bench)?.name ?? '';

/** So much more as one amount needs to come up to another, by part; null: none. */
export function shortOf(wanted: Amounts, there: Amounts): Amounts | null {
  const short = Object.entries(wanted).flatMap(([part, n]) => {
    const more = n - (own(there, part) ?? 0);
    return more > 0 ? [[part, more] as const] : [];
  });
  return short.length === 0 ? null : Object.fromEntries(short);
}

/** Uses what of a lot is laid on a page, as far as that was not done. */
export function useLaid(lot: string, page: Page, ledger: Ledger): NewEvent[] {
  const unused = shortOf(laidOf(page, lot), own(ledger.lots.get(lot)?.used ?? {}, page.id) ?? {});
  return unused ? [{ type: 'used', lot, amounts: unused, page: page.id }] : [];
}

/** Takes out what is laid of a lot and is not out yet. */
function takeLaidOut(lot: string, page: Page, ledger: Ledger): NewEvent[] {
  const short = shortOf(laidOf(page, lot), outOrUsed(ledger, lot, page.id));
  return short ? [{ type: 'claimed', lot, amounts: short, page: page.id }] : [];
}

function bringPiece(piece: string, page: Page, ledger: Ledger): NewEvent[] {
  const state = ledger.pieces.get(piece);
  const isOut = state?.where === 'claimed' && state.page === page.id;
  if (state?.where === 'used' && state.page === page.id) return [];
  const slot = isOut ? state.slot : null;
  return [
    ...(isOut ? [] : [{ type: 'claimed', piece, page: page.id, slot } as const]),
    ...(page.glued === null ? [] : [{ type: 'used', piece, page: page.id, slot } as const]),
  ];
}

const lotsIn = (things: readonly { readonly what: PlacedWhat }[]): readonly string[] => [
  ...new Set(things.flatMap(({ what }) => ('lot' in what ? [what.lot] : []))),
];

/**
 * Lays things on a page, above what lies there. What is not out for it yet is taken out; on a page that is glued
 * already what is laid is used at once.
 */
export const layOn =
  (id: string, things: readonly Laying[]): Deciding =>
  (bench, { newId }) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const [one] = things;
    if (!one) return refuse('nothing-to-do', page.title);
    const { ledger } = bench;
    const pieces = things.flatMap(({ what }) => ('piece' in what ? [what.piece] : []));
    const laid = new Set((page.placed ?? []).flatMap(({ what }) => ('piece' in what ? [what.piece] : [])));
    if (pieces.some((piece, i) => laid.has(piece) || pieces.indexOf(piece) !== i))
      return refuse('nothing-to-do', nameOf(one.what, bench));
    const now: Page = {
      ...page,
      placed: [...(page.placed ?? []), ...things.map((thing) => ({ ...thing, id: newId() }))],
    };
    return decided('laid', things.length === 1 ? nameOf(one.what, bench) : '', {
      count: things.length,
      events: [
        ...pieces.flatMap((piece) => bringPiece(piece, now, ledger)),
        ...lotsIn(things).flatMap((lot) => [
          ...takeLaidOut(lot, now, ledger),
          ...(page.glued === null ? [] : useLaid(lot, now, ledger)),
        ]),
      ],
      records: [put('pages', now)],
    });
  };

/** Letters of a title go where one of them goes. */
const withTitle = (placed: readonly Placed[], one: Placed, dx: number, dy: number): readonly Placed[] =>
  one.isTitle && (dx !== 0 || dy !== 0)
    ? placed.map((other) => (other.isTitle && other !== one ? { ...other, x: other.x + dx, y: other.y + dy } : other))
    : placed;

/** What lies on a page with one moved: its mats go where it goes, and stay beneath it. */
function withMoved(all: readonly Placed[], one: Placed, now: Placed, { at, isAlone }: HowMoved): readonly Placed[] {
  const [dx, dy, turn] = [now.x - one.x, now.y - one.y, now.turn - one.turn];
  const placed = isAlone ? all : withTitle(all, one, dx, dy);
  const isMat = ({ matOf }: Placed): boolean => matOf === one.id;
  const mats = placed
    .filter(isMat)
    .map((mat): Placed => ({ ...mat, x: mat.x + dx, y: mat.y + dy, turn: (mat.turn + turn + 360) % 360 }));
  const moved = placed.map((other) => (other === one ? now : (mats.find(({ id }) => id === other.id) ?? other)));
  if (at === undefined) return moved;
  const rest = moved.filter((other) => other !== now && !isMat(other));
  return rest.toSpliced(Math.max(0, Math.min(rest.length, at)), 0, ...mats, now);
}

export interface HowMoved {
  /** Its place among what else lies there, from 0; absent: as it was. */
  readonly at?: number;
  /** A letter without the others of its title. */
  readonly isAlone?: boolean;
}

/** Moves, turns or lifts something that lies on a page, with its mats; a letter with the others of its title. */
export const moveLaid =
  (id: string, placed: string, moved: (now: Placed) => Placed, how: HowMoved = {}): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    const one = page?.placed?.find((other) => other.id === placed);
    if (!page?.placed || !one) return refuse('gone');
    return decided('moved-laid', nameOf(one.what, bench), {
      records: [put('pages', { ...page, placed: withMoved(page.placed, one, moved(one), how) })],
    });
  };

/** Whether a thing may be told so: whole measures, stacks of two to nine, and of the same stock as before. */
function isToldRight(was: PlacedWhat, what: PlacedWhat): boolean {
  if (stockOf(was) !== stockOf(what) || 'drawn' in was !== 'drawn' in what || isSame(was, what)) return false;
  // What is written or stamped can only be told in another colour.
  if ('drawn' in what && !('length' in what)) return 'colour' in was && isSame(was, { ...what, colour: was.colour });
  if ('length' in what) return Number.isSafeInteger(what.length) && what.length > 0 && 'length' in was;
  const { count = 1 } = 'part' in what ? what : {};
  return (
    'part' in what && 'part' in was && what.part === was.part && Number.isSafeInteger(count) && count > 0 && count < 10
  );
}

/**
 * Makes a strip or a line longer or shorter, or a stack higher: what it takes more comes out, what it takes less is
 * left over.
 */
export const amendLaid =
  (id: string, placed: string, what: PlacedWhat): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    const one = page?.placed?.find((other) => other.id === placed);
    if (!page?.placed || !one) return refuse('gone');
    if (!isToldRight(one.what, what)) return refuse('nothing-to-do', nameOf(one.what, bench));
    const now: Page = { ...page, placed: page.placed.map((other) => (other === one ? { ...one, what } : other)) };
    const less =
      page.glued !== null && 'lot' in what && 'lot' in one.what ? shortOf(amountsOf(one.what), amountsOf(what)) : null;
    return decided('moved-laid', nameOf(what, bench), {
      events: [
        ...('lot' in what ? takeLaidOut(what.lot, now, bench.ledger) : []),
        ...('lot' in what && page.glued !== null ? useLaid(what.lot, now, bench.ledger) : []),
        ...(less && 'lot' in what ? [{ type: 'returned', lot: what.lot, amounts: less, page: id } as const] : []),
      ],
      records: [put('pages', now)],
    });
  };

/**
 * Takes things off a page: they are out for it as before. Of a page that is glued they come back to the stash.
 */
export const takeOff =
  (id: string, ids: readonly string[]): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const off = (page.placed ?? []).filter((one) => ids.includes(one.id));
    const [one] = off;
    if (!one) return refuse('nothing-to-do', page.title);
    const gone = new Set(off.map((other) => other.id));
    const now: Page = {
      ...page,
      placed: (page.placed ?? [])
        .filter((other) => !off.includes(other))
        .map(({ matOf, ...other }) => (matOf === undefined || gone.has(matOf) ? other : { ...other, matOf })),
    };
    return decided('took-off', off.length === 1 ? nameOf(one.what, bench) : '', {
      count: off.length,
      events: page.glued === null ? [] : off.flatMap(({ what }) => peeled(what, page, bench)),
      records: [put('pages', now)],
    });
  };

function peeled(what: PlacedWhat, page: Page, { ledger }: Bench): NewEvent[] {
  if ('piece' in what)
    return [{ type: 'returned', piece: what.piece, page: page.id, slot: ledger.pieces.get(what.piece)?.slot ?? null }];
  return 'lot' in what ? [{ type: 'returned', lot: what.lot, amounts: amountsOf(what), page: page.id }] : [];
}

/** What no longer lies on pages, since it is no longer out for them, as changes of their records. */
export const liftedIn = ({ pages, ledger }: Bench): Change[] =>
  [...pages.values()].flatMap((page) => {
    if (!page.placed) return [];
    const placed = founded(page, ledger);
    const change = placed.length === page.placed.length ? null : changeOf('pages', page.id, page, { ...page, placed });
    return change ? [change] : [];
  });
