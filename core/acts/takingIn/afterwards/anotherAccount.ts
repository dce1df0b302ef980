import type { Size } from '../../../ground/geometry';
import { totalOf, type Amounts } from '../../../stock/ledger';
import { inches } from '../../../ground/length';
import type { Lot, LotKind, Measure } from '../../../stock/things';
import type { Told } from './retell';

/** Sheets where no size is told. */
const USUAL: Size = { w: inches(12), h: inches(12) };
/** Of what is used by share, one whole. */
export const WHOLE = 100;

/** What is kept account of once a thing is of another kind. */
export function measureFor(kind: LotKind, was: Measure, size: Size | null): Measure {
  switch (kind) {
    case 'paper':
    case 'cardstock':
    case 'vellum':
    case 'acetate':
    case 'cut-apart':
      return 'sheets';
    case 'card':
    case 'packaging':
      if (was === 'sheets' && size) return 'sheets';
      return was === 'share' ? 'share' : 'count';
    case 'alpha':
      return was === 'letters' ? 'letters' : 'share';
    case 'washi':
    case 'ribbon':
    case 'twine':
      return was === 'length' ? 'length' : 'share';
    case 'medium':
      return 'share';
    case 'tool':
      return 'count';
    default:
      return was === 'share' ? 'share' : 'count';
  }
}

/** The size sheets have in an account by sheets; scraps have their own each. */
export const sheetSize = ({ measure, size, isLeftover }: Pick<Lot, 'measure' | 'size' | 'isLeftover'>): Size | null =>
  measure === 'sheets' && !isLeftover ? (size ?? USUAL) : size;

/** How many there are, whatever is kept account of. */
const wholesOf = (amounts: Amounts, measure: Measure): number => {
  if (Object.keys(amounts).length === 0) return 0;
  if (measure === 'share') return Math.ceil(totalOf(amounts) / WHOLE);
  return measure === 'letters' || measure === 'length' ? 1 : totalOf(amounts);
};

const inMeasure = (wholes: number, measure: Measure): Amounts => ({
  '': measure === 'share' ? wholes * WHOLE : wholes,
});

function sheetsOf(count: number, { w, h }: Size, pieces: Told['pieces'], newId: () => string): Told['pieces'] {
  return Array.from({ length: count }, (_, i) => {
    const was = pieces[i];
    const isSame = was?.w === w && was.h === h;
    return { id: was?.id ?? newId(), w, h, ...(isSame && was.missing ? { missing: was.missing } : {}) };
  });
}

/**
 * The same stock by another account, count or size. @param lot as it is to be @param was what account was kept of
 * @param count how many there really were; absent: as many as there are
 */
export function anotherAccount(
  lot: Lot,
  was: Measure,
  { pieces, here, owed }: Told,
  count: number | undefined,
  newId: () => string,
): Told {
  const { measure } = lot;
  const there = was === 'sheets' ? pieces.length : wholesOf(here, was);
  const due = inMeasure(wholesOf(owed, was), measure);
  const all = count ?? there;
  // Each scrap has its own size, and is told as it is.
  if (was === 'sheets' && measure === 'sheets' && lot.isLeftover) return { pieces, here: {}, owed: {} };
  if (measure === 'sheets') return { pieces: sheetsOf(all, lot.size ?? USUAL, pieces, newId), here: {}, owed: due };
  if (was === measure && count === undefined) return { pieces: [], here, owed };
  if (measure === 'length') return { pieces: [], here: { '': Math.round(totalOf(here) * all) }, owed };
  return { pieces: [], here: inMeasure(all, measure), owed: due };
}
