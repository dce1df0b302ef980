import { own, type Amounts } from '../../stock/ledger';
import { accountOf, leftOf, partsOf, type Part } from '../../kit/closing';
import type { Kit } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding, type NewEvent, type RecordWrite } from '../act';
import type { Bench } from '../../stock/bench';

/** The entries that put parts into a kit, or back with what they came with: null. What is there already stays. */
function entriesFor(bench: Bench, parts: readonly Part[], to: string | null): NewEvent[] {
  const { pieces, lots } = bench.ledger;
  return parts.flatMap((part): NewEvent[] => {
    if ('piece' in part) {
      const piece = pieces.get(part.piece);
      const from = piece?.kit ?? null;
      return piece?.where === 'here' && from !== to ? [{ type: 'gathered', piece: piece.id, from, to }] : [];
    }
    const state = lots.get(part.lot);
    if (!state) return [];
    const byKit = new Map<string | null, Amounts>();
    for (const one of part.parts) {
      const [here, from] = [own(state.here, one) ?? 0, own(state.kits, one) ?? null];
      if (here > 0 && from !== to) byKit.set(from, { ...byKit.get(from), [one]: here });
    }
    return [...byKit].map(([from, amounts]): NewEvent => ({ type: 'gathered', lot: part.lot, amounts, from, to }));
  });
}

/** What parts are called where all are of one thing. */
function nameOf({ lots, ledger }: Bench, parts: readonly Part[]): string {
  const [first, ...more] = new Set(
    parts.map((part) => ('piece' in part ? (ledger.pieces.get(part.piece)?.lot ?? '') : part.lot)),
  );
  return first !== undefined && more.length === 0 ? (lots.get(first)?.name ?? '') : '';
}

/** Gathers a kit of her own from what lies in the stash and in other kits. */
export const gatherKit =
  (kit: Kit, parts: readonly Part[]): Deciding =>
  (bench) => {
    const events = entriesFor(bench, parts, kit.id);
    if (bench.kits.has(kit.id) || events.length === 0) return refuse('nothing-to-do', kit.name);
    return decided('gathered-kit', kit.name, { count: events.length, events, records: [put('kits', kit)] });
  };

/** Puts more into a kit of her own, whichever kit it was in. */
export const putInto =
  (id: string, parts: readonly Part[]): Deciding =>
  (bench) => {
    const kit = bench.kits.get(id);
    if (kit?.gathered === undefined) return refuse('gone', kit?.name);
    const events = entriesFor(bench, parts, id);
    if (events.length === 0) return refuse('nothing-to-do', nameOf(bench, parts));
    return decided('put-into-kit', nameOf(bench, parts), { count: events.length, events });
  };

/** A kit without what was decided of things that are no longer in it. */
function forgetting(kit: Kit, keys: ReadonlySet<string>): RecordWrite[] {
  const fates = Object.entries(kit.fates ?? {}).filter(([key]) => !keys.has(key));
  return fates.length === Object.keys(kit.fates ?? {}).length
    ? []
    : [put('kits', { ...kit, fates: Object.fromEntries(fates) })];
}

const keyOf = (part: Part): string => ('piece' in part ? part.piece : part.lot);

/** Puts something of a kit of her own back with what it came with; where its own kit is closed, that asks for it. */
export const putBack =
  (id: string, parts: readonly Part[]): Deciding =>
  (bench) => {
    const kit = bench.kits.get(id);
    if (kit?.gathered === undefined) return refuse('gone', kit?.name);
    const events = entriesFor(bench, parts, null).filter((event) => event.type === 'gathered' && event.from === id);
    if (events.length === 0) return refuse('nothing-to-do', nameOf(bench, parts));
    return decided('put-back', nameOf(bench, parts), {
      count: events.length,
      events,
      records: forgetting(kit, new Set(parts.map(keyOf))),
    });
  };

/** Whether something was made of what was in it. @param left pieces of it that lie there */
const isTouched = (bench: Bench, kit: string, left: ReadonlySet<string>): boolean =>
  [...bench.ledger.pieces.values()].some((piece) => piece.kit === kit && !left.has(piece.id)) ||
  [...bench.ledger.lots.values()].some(({ kits, here }) =>
    Object.entries(kits).some(([part, own]) => own === kit && !Object.hasOwn(here, part)),
  ) ||
  accountOf(kit, bench).counted.some(
    ({ balance: { received, corrected, left: there } }) => received + corrected !== there,
  );

/**
 * Takes a kit of her own apart: all that is left of it goes back with what it came with. Its record goes, too, where
 * nothing was made of it and no share-out tells of it.
 */
export const takeKitApart =
  (id: string): Deciding =>
  (bench, { day }) => {
    const kit = bench.kits.get(id);
    if (kit?.gathered === undefined) return refuse('gone', kit?.name);
    const parts = leftOf(kit, bench).flatMap(partsOf);
    const left = new Set(parts.map(keyOf));
    const { fates: _, ...rest } = kit;
    // A share-out's record may speak of it, too.
    const isTold = isTouched(bench, id, left) || [...bench.sharings.values()].some(({ kits }) => kits.includes(id));
    return decided('took-kit-apart', kit.name, {
      count: parts.length,
      events: entriesFor(bench, parts, null),
      records: [isTold ? put('kits', { ...rest, closed: kit.closed ?? day }) : drop('kits', id)],
    });
  };
