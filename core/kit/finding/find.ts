import { differenceCiede2000, harmonyOf, hexToLab, type Harmony, type LabD65 } from '../../ground/colour';
import { holds, type Size } from '../../ground/geometry';
import { kitOfPart, kitOfPiece } from '../closing';
import { stands, type Ledger, type LedgerEvent, type LotState } from '../../stock/ledger';
import type { Shelf } from '../../stock/bench';
import type { Plans } from '../../page/cutlist';
import type { Face, Lot, LotKind } from '../../stock/things';
import { hasAll, plainWords, wordsAsked } from './words';
import { heldIn } from '../../ground/heldIn';

/** Where a thing is, as she asks for it. */
export type FoundState = 'here' | 'bench' | 'promised' | 'on-page' | 'lent' | 'gone';

/** A thing that can be found: a piece of paper, or a counted, measured or lettered lot. */
export interface Findable {
  /** The piece's id, or the lot's. */
  readonly id: string;
  readonly lot: Lot;
  /** The kits that it is with: one of her own, or what it came with; the parts of a pack may be with several. */
  readonly kits: readonly string[];
  readonly isPiece: boolean;
  readonly states: readonly FoundState[];
  /** All that can be typed to find it, in lower case. */
  readonly words: string;
  readonly colours: readonly { readonly lab: LabD65; /** Of its face. */ readonly share: number }[];
  /** The day something last happened to it; null: never since the beginning of the record. */
  readonly touched: string | null;
  readonly place: string;
}

export interface FindQuery {
  readonly text: string;
  readonly kit: string | null;
  readonly kind: LotKind | null;
  readonly states: readonly FoundState[];
  readonly place: string | null;
  /** Holds a piece of this size, missing areas respected. */
  readonly size: Size | null;
  /** A colour, and what is looked for of it. */
  readonly colour: { readonly hex: string; readonly harmony: Harmony } | null;
  /** Not touched since this day. */
  readonly untouchedSince: string | null;
}

export interface Found extends Findable {
  /** CIEDE2000 to the nearest colour asked for; null: none is. */
  readonly difference: number | null;
}

/** Colours further off than this (CIEDE2000) are not what was asked for. */
const FAR = 25;
/** A colour that is next to nothing of a face counts as so much further off. */
const LITTLE = 15;

const GONE = new Set(['waste', 'given', 'sold', 'recycled', 'missed']);

function stateOfPiece(where: string, isPlanned: boolean): FoundState[] {
  if (where === 'here') return ['here'];
  if (where === 'claimed') return isPlanned ? ['promised', 'bench'] : ['bench'];
  if (where === 'lent') return ['lent'];
  return where === 'used' ? ['on-page'] : GONE.has(where) ? ['gone'] : [];
}

/** The last day that something happened to each piece and lot. */
function lastTouched(events: readonly LedgerEvent[], { ledger }: Shelf): Map<string, string> {
  const days = new Map<string, string>();
  const touch = (id: string, day: string): void => {
    if ((days.get(id) ?? '') < day) days.set(id, day);
  };
  for (const event of events) {
    if (!stands(ledger, event)) continue;
    if ('lot' in event) touch(event.lot, event.day);
    if ('piece' in event) touch(event.piece, event.day);
    if (event.type === 'received' || event.type === 'arrived')
      for (const { id } of event.pieces ?? []) touch(id, event.day);
    if (event.type === 'cut') for (const { id } of event.into) touch(id, event.day);
  }
  return days;
}

/** The kits that what is here of a counted thing is with; of one that is all gone, what it came with. */
function kitsOfLot(lot: Lot, ledger: Ledger): string[] {
  const here = Object.keys(ledger.lots.get(lot.id)?.here ?? {});
  return here.length === 0 ? [lot.kit] : [...new Set(here.map((part) => kitOfPart(lot, part, ledger)))];
}

/** What a lot is found by: all that is said of it, its faces and its kit, and its main colours. */
function wordsAndColours(
  lot: Lot,
  { ledger, kits }: Shelf,
  faces: ReadonlyMap<string, Face>,
  kindWord: string,
): Pick<Findable, 'words' | 'colours'> {
  const [kit, own] = [
    kits.get(lot.kit),
    [lot.front, lot.back].map((id) => faces.get(id ?? '')).filter((face) => face !== undefined),
  ];
  return {
    words: plainWords(
      [
        lot.name,
        lot.note,
        ...(lot.items ?? []).map(({ name }) => name),
        kindWord,
        kit?.name,
        kit?.club,
        kit?.month,
        ...(kit?.theme ?? []),
        ...own.flatMap(({ name, pattern, base, words = [] }) => [name, pattern, base ? `${base} base` : '', ...words]),
        ledger.lots.get(lot.id)?.place,
      ].join(' '),
    ),
    colours: own.flatMap(({ colours }) => colours.slice(0, 3).map(({ hex, share }) => ({ lab: hexToLab(hex), share }))),
  };
}

const isSome = (amounts: object): boolean => Object.keys(amounts).length > 0;

function statesOfLot(state: LotState): FoundState[] {
  return [
    ...(isSome(state.here) ? ['here' as const] : []),
    ...(isSome(state.claimed) ? ['bench' as const] : []),
    ...(isSome(state.used) ? ['on-page' as const] : []),
    ...(isSome(state.lent) ? ['lent' as const] : []),
    ...(isSome(state.given) || isSome(state.sold) || isSome(state.recycled) ? ['gone' as const] : []),
  ];
}

/** Everything that can be found, made ready once: a query then only looks through it. */
export function indexStash(
  shelf: Shelf,
  faces: ReadonlyMap<string, Face>,
  plans: Plans,
  events: readonly LedgerEvent[],
  kindWords: (kind: LotKind) => string,
): Findable[] {
  const { ledger, lots } = shelf;
  const touched = lastTouched(events, shelf);
  const shared = new Map<string, Pick<Findable, 'words' | 'colours'>>();
  const sharedOf = (lot: Lot): Pick<Findable, 'words' | 'colours'> => {
    const known = shared.get(lot.id);
    if (known) return known;
    const made = wordsAndColours(lot, shelf, faces, kindWords(lot.kind));
    shared.set(lot.id, made);
    return made;
  };
  const found: Findable[] = [];
  for (const piece of ledger.pieces.values()) {
    const lot = lots.get(piece.lot);
    const states = stateOfPiece(piece.where, plans.has(piece.page ?? ''));
    if (lot && states.length > 0)
      found.push({
        id: piece.id,
        lot,
        kits: [kitOfPiece(piece, lots) ?? lot.kit],
        isPiece: true,
        states,
        touched: touched.get(piece.id) ?? null,
        place: ledger.lots.get(lot.id)?.place ?? '',
        ...sharedOf(lot),
        ...(piece.name === undefined ? {} : { words: `${plainWords(piece.name)} ${sharedOf(lot).words}` }),
      });
  }
  for (const state of ledger.lots.values()) {
    const lot = lots.get(state.lot);
    if (!lot || lot.measure === 'sheets') continue;
    const states = statesOfLot(state);
    if (states.length > 0)
      found.push({
        id: lot.id,
        lot,
        kits: kitsOfLot(lot, ledger),
        isPiece: false,
        states,
        touched: touched.get(lot.id) ?? null,
        place: state.place,
        ...sharedOf(lot),
      });
  }
  return found;
}

/** How near a thing's colours come to those wanted: a colour that it has little of counts as further off. */
function nearest({ colours }: Findable, wanted: readonly LabD65[]): { difference: number; order: number } {
  let best = { difference: Infinity, order: Infinity };
  for (const { lab, share } of colours)
    for (const other of wanted) {
      const difference = differenceCiede2000(other, lab);
      const order = difference + LITTLE * (1 - share);
      if (order < best.order) best = { difference, order };
    }
  return best;
}

/** The things that a query asks for; by how near their colour is where one is asked for, else in the index's order. */
export function findThings(index: readonly Findable[], query: FindQuery, { ledger }: Shelf): Found[] {
  const words = wordsAsked(query.text);
  const wanted = query.colour ? harmonyOf(query.colour.hex, query.colour.harmony).map(hexToLab) : null;
  const found: Found[] = [];
  const order = new Map<string, number>();
  for (const thing of index) {
    if (query.kit !== null && !thing.kits.includes(query.kit)) continue;
    if (query.kind !== null && thing.lot.kind !== query.kind) continue;
    if (query.place !== null && thing.place !== query.place) continue;
    if (!thing.states.some((state) => query.states.includes(state))) continue;
    if (query.untouchedSince !== null && (thing.touched ?? '') >= query.untouchedSince) continue;
    if (!hasAll(thing.words, words)) continue;
    if (query.size) {
      const piece = thing.isPiece ? ledger.pieces.get(thing.id) : undefined;
      if (!piece || !holds(piece, piece.missing, query.size, !thing.lot.upright)) continue;
    }
    if (!wanted) {
      found.push({ ...thing, difference: null });
      continue;
    }
    const best = nearest(thing, wanted);
    if (best.difference <= FAR) {
      found.push({ ...thing, difference: best.difference });
      order.set(thing.id, best.order);
    }
  }
  return wanted ? found.sort((a, b) => heldIn(order, a.id) - heldIn(order, b.id)) : found;
}
