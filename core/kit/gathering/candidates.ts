import type { ColourShare } from '../../ground/colour';
import { plainWords } from '../finding';
import { leftOf, type LeftThing, type Part } from '../closing';
import type { Amounts } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { isQuiet } from '../../page/papers';
import { itemsOf } from '../../page/placing';
import type { Shelf } from '../../stock/bench';
import { canStillSpell } from '../../page/titles';
import { isForPages, monthNumber, newestMonth, type Face, type Kit, type Lot, type LotKind } from '../../stock/things';

/** What a thing is for a kit. */
export type Role = 'busy' | 'quiet' | 'ground' | 'cards' | 'small' | 'letters' | 'tape';
export const PAPER_ROLES: readonly Role[] = ['busy', 'quiet', 'ground'];

/** Something that could go into a kit of her own. */
export interface Candidate {
  /** The piece's id; of counted things the lot's, with the part that it is of it where there are several. */
  readonly key: string;
  readonly part: Part;
  readonly lot: Lot;
  /** The kit that it is with. */
  readonly kit: Kit;
  readonly role: Role;
  readonly name: string;
  readonly colours: readonly ColourShare[];
  /** Plain words of it. */
  readonly words: string;
  /** Months since it came; null: it is not known. */
  readonly age: number | null;
  /** Of a paper, square ticks; else 0. */
  readonly area: number;
  readonly amounts: Amounts;
  /** It was kept for the month that the kit is for, or one before it. */
  readonly isDue: boolean;
}

/** Where things are looked for. */
export interface Stash extends Shelf {
  readonly faces: ReadonlyMap<string, Face>;
}

const SMALL: readonly LotKind[] = ['ephemera', 'dots', 'embellishment', 'stickers', 'packaging'];
const TAPE: readonly LotKind[] = ['washi', 'ribbon', 'twine'];
/** A smaller scrap is for punches, and no part of a kit; common practice, no source. */
const SMALLEST = inches(2) * inches(3);

function roleOf(lot: Lot, faces: Stash['faces']): Role | null {
  if (!isForPages(lot)) return null;
  if (lot.measure === 'letters') return 'letters';
  if (lot.kind === 'cardstock') return 'ground';
  if (lot.kind === 'card' || lot.kind === 'cut-apart') return 'cards';
  if (TAPE.includes(lot.kind)) return 'tape';
  if (SMALL.includes(lot.kind)) return 'small';
  if (lot.kind !== 'paper' && lot.kind !== 'vellum' && lot.kind !== 'acetate') return null;
  const face = faces.get(lot.front ?? lot.back ?? '');
  return face && !isQuiet(face) ? 'busy' : 'quiet';
}

type Told = Pick<Candidate, 'key' | 'part' | 'name' | 'amounts' | 'area'> & { readonly printed?: string };

function partsOf({ lot, pieces, amounts }: LeftThing): Told[] {
  if (pieces.length > 0)
    return pieces
      .filter(({ solid }) => solid >= SMALLEST || lot.kind === 'card')
      .map(({ id, solid, name }) => ({
        key: id,
        part: { piece: id },
        name: name ?? lot.name,
        amounts: {},
        area: solid,
      }));
  if (lot.measure === 'letters')
    return !canStillSpell(amounts)
      ? []
      : [{ key: lot.id, part: { lot: lot.id, parts: Object.keys(amounts) }, name: lot.name, amounts, area: 0 }];
  return Object.entries(amounts).map(([part, n]): Told => {
    const item = itemsOf(lot).find(({ id }) => id === part);
    return {
      key: part === '' ? lot.id : `${lot.id}/${part}`,
      part: { lot: lot.id, parts: [part] },
      name: item?.name ?? lot.name,
      amounts: { [part]: n },
      area: 0,
      ...(item?.words === undefined ? {} : { printed: item.words }),
    };
  });
}

function coloursOf(lot: Lot, part: Part, faces: Stash['faces']): readonly ColourShare[] {
  const item = 'lot' in part ? itemsOf(lot).find(({ id }) => id === part.parts[0]) : undefined;
  const hexes = item?.colours ?? [];
  if (hexes.length > 0) return hexes.map((hex) => ({ hex, share: 1 / hexes.length }));
  return faces.get(lot.front ?? lot.back ?? '')?.colours ?? [];
}

/** Whether what was decided of a thing leaves it free for a kit of a month. */
const isFree = ({ fate }: LeftThing, month: string): boolean => fate?.for !== 'month' || fate.month <= month;

/**
 * Everything that could go into a kit for a month: what is left of all kits and of closed ones of her own. What is kept
 * for a later month, lies in a kit of her own that is open, or came with the newest kit is not among it.
 * @param into a kit of her own that it is for: what lies in it is not among it either
 * @param withNewest the newest kit's things, too
 */
export function candidatesFor(
  stash: Stash,
  month: string,
  { into = null, withNewest = false }: Choosing = {},
): Candidate[] {
  const newest = newestMonth(stash.kits.values());
  const now = monthNumber(month);
  return [...stash.kits.values()]
    .filter(
      (kit) =>
        kit.id !== into &&
        (kit.gathered === undefined ? withNewest || kit.isOpened || kit.month !== newest : kit.closed !== undefined),
    )
    .flatMap((kit) =>
      leftOf(kit, stash)
        .filter((thing) => isFree(thing, month))
        .flatMap((thing) => {
          const { lot, fate } = thing;
          const role = roleOf(lot, stash.faces);
          if (role === null) return [];
          const origin = stash.kits.get(lot.kit) ?? kit;
          const came = monthNumber(origin.month);
          const face = stash.faces.get(lot.front ?? lot.back ?? '');
          return partsOf(thing).map(({ printed, ...told }): Candidate => ({
            ...told,
            lot,
            kit,
            role,
            colours: coloursOf(lot, told.part, stash.faces),
            words: plainWords(
              [told.name, printed, lot.name, lot.note, ...(face?.words ?? []), ...origin.theme].join(' '),
            ),
            age: came === null || now === null ? null : now - came,
            isDue: fate?.for === 'month',
          }));
        }),
    );
}

export interface Choosing {
  readonly into?: string | null;
  readonly withNewest?: boolean;
}
