import { isBeyondDesign } from '../../page/design';
import { kitOfPart, kitOfPiece, lotsMeant } from '../../kit/closing';
import { addAmounts, own, piecesFor } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { laidOf, looksOf, outOrUsed, smallThing, type Candidate, type Looks } from '../../page/placing';
import { makesLetters } from '../../page/titles';
import {
  isForPages,
  isKept,
  kitsOfFaces,
  type Lot,
  type Page,
  type PlacedStamp,
  type PlacedWhat,
} from '../../stock/things';
import type { Bench } from '../../stock/bench';
import { outFor, type Chosen } from '../pages/out';

/** Something that can be laid on the page: what it is, what it looks like, and how much of it is left. */
export interface ToLay {
  readonly key: string;
  readonly what: PlacedWhat;
  readonly looks: Looks;
  /** Of counted things, how many; of a roll, ticks; of a piece, 1. */
  readonly left: number;
  readonly isOut: boolean;
  readonly kit: string;
}

/** Of a roll, so much is laid at once. */
const STRIP = inches(3);
const ROLLS = new Set(['washi', 'ribbon', 'twine']);
const isSmall = (lot: Lot): boolean => lot.measure === 'count' && !isKept(lot.kind) && isForPages(lot);

/** What is left of a lot for a page, by part: what is here, and what is out for the page and does not lie there yet. */
function leftFor(lot: string, page: Page, { ledger }: Bench) {
  const [here, out, laid] = [ledger.lots.get(lot)?.here ?? {}, outOrUsed(ledger, lot, page.id), laidOf(page, lot)];
  const parts = new Set([...Object.keys(here), ...Object.keys(out)]);
  return [...parts].map((part) => {
    const isOut = (own(out, part) ?? 0) - (own(laid, part) ?? 0);
    return { part, isOut: isOut > 0, left: (own(here, part) ?? 0) + Math.max(0, isOut) };
  });
}

function fromLots(page: Page, bench: Bench): ToLay[] {
  return [...bench.lots.values()].flatMap((lot) => {
    const isRoll = lot.measure === 'length' && ROLLS.has(lot.kind);
    const isLetters = lot.measure === 'letters';
    if (!isRoll && !isSmall(lot) && !isLetters) return [];
    return leftFor(lot.id, page, bench).flatMap(({ part, left, isOut }): ToLay[] => {
      // Letters are laid by the title; what is out and does not lie there yet, one by one.
      if (left <= 0 || (isLetters && !isOut)) return [];
      const what = isRoll ? { lot: lot.id, length: Math.min(STRIP, left) } : { lot: lot.id, part };
      const looks = looksOf(what, bench);
      return looks
        ? [{ key: `${lot.id}/${part}`, what, looks, left, isOut, kit: kitOfPart(lot, part, bench.ledger) }]
        : [];
    });
  });
}

function piecesOut(page: Page, bench: Bench): ToLay[] {
  const { loose, cut } = outFor(bench, page.id);
  const laid = new Set((page.placed ?? []).flatMap(({ what }) => ('piece' in what ? [what.piece] : [])));
  return [...loose, ...cut.filter(({ slot }) => slot !== null && isBeyondDesign(slot))]
    .filter(({ id }) => !laid.has(id))
    .flatMap((piece): ToLay[] => {
      const { id } = piece;
      const looks = looksOf({ piece: id }, bench);
      const kit = kitOfPiece(piece, bench.lots) ?? '';
      return looks ? [{ key: id, what: { piece: id }, looks, left: 1, isOut: true, kit }] : [];
    });
}

const IS_STAMP = /\bstamps?\b/i;
const STAMP_INK = '#2b1d33';

/** Her stamps that have a picture, as they are stamped on a page. */
export function stampsOf({ lots, ledger }: Pick<Bench, 'lots' | 'ledger'>): readonly PlacedStamp[] {
  return [...lots.values()].flatMap((lot): PlacedStamp[] => {
    const isHere = Object.keys(ledger.lots.get(lot.id)?.here ?? {}).length > 0;
    if (lot.kind !== 'tool' || !isHere || !IS_STAMP.test(`${lot.name} ${lot.note}`) || makesLetters(lot)) return [];
    const { w, h } = smallThing(lot, '', []).size;
    return [{ drawn: 'stamp', name: lot.name, w, h, colour: STAMP_INK }];
  });
}

/** Kits that something of the page comes from; of a page that has nothing yet, the newest. */
function kitsOf(page: Page, { lots, kits, ledger }: Bench): ReadonlySet<string> {
  const out = [...lots.values()].flatMap((lot) =>
    Object.keys(own(ledger.lots.get(lot.id)?.claimed ?? {}, page.id) ?? {}).map((part) => kitOfPart(lot, part, ledger)),
  );
  const papers = piecesFor(ledger, page.id).flatMap((piece) => kitOfPiece(piece, lots) ?? []);
  const mine = new Set([...kitsOfFaces(Object.values(page.papers), lots.values()), ...out, ...papers]);
  if (mine.size > 0) return mine;
  const [newest] = [...kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  return new Set(newest ? [newest.id] : []);
}

export interface ThingsToLay {
  /** What is out for the page first, then what is in its kits, then the rest of the stash. */
  readonly out: readonly ToLay[];
  readonly inKits: readonly ToLay[];
  readonly elsewhere: readonly ToLay[];
}

/** All that can be laid on a page. */
export function thingsToLay(page: Page, bench: Bench): ThingsToLay {
  const all = [...piecesOut(page, bench), ...fromLots(page, bench)];
  const kits = kitsOf(page, bench);
  return {
    out: all.filter(({ isOut }) => isOut),
    inKits: all.filter(({ isOut, kit }) => !isOut && kits.has(kit)),
    elsewhere: all.filter(({ isOut, kit }) => !isOut && !kits.has(kit)),
  };
}

/** What of something that is out can be laid on the page next; null: all of it lies there, or it is not laid. */
export function nextOf(chosen: Chosen, page: Page, measure: Lot['measure'] | undefined): PlacedWhat | null {
  if ('piece' in chosen)
    return page.placed?.some(({ what }) => 'piece' in what && what.piece === chosen.piece) ? null : chosen;
  if (measure !== 'count' && measure !== 'length' && measure !== 'letters') return null;
  const left = Object.entries(addAmounts(chosen.amounts, laidOf(page, chosen.lot), -1)).filter(([, n]) => n > 0);
  const [next] = left;
  if (!next) return null;
  const [part, n] = next;
  return measure === 'length' ? { lot: chosen.lot, length: n } : { lot: chosen.lot, part };
}

/** Of what can be laid, the small things that clusters are made of; what her aims want used among them. */
export function candidatesOf(things: readonly ToLay[], bench: Bench): Candidate[] {
  const meant = new Set(lotsMeant(bench).map(({ id }) => id));
  return things.flatMap(({ what, looks, left, isOut }) =>
    'part' in what && looks.kind === 'small'
      ? [{ what, thing: looks.thing, left, isOut, isMeant: meant.has(what.lot) }]
      : [],
  );
}
