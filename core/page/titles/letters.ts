import { addAmounts, own, totalOf, type Amounts, type Ledger } from '../../stock/ledger';
import { inches, type Ticks } from '../../ground/length';
import { letterLooks } from '../placing';
import type { Face, Lot } from '../../stock/things';

/** Letters for a title: a set with what is left of it, what letters can be stamped or cut with, or her own hand. */
export interface Letters {
  /** The lot's; of her own hand, `HAND`. */
  readonly id: string;
  readonly name: string;
  readonly lot: Lot | null;
  /** What is here, with what is out for the page or used on it already; of what has no end, nothing. */
  readonly left: Amounts;
  /** Of those left, the worn ones. */
  readonly worn: Amounts;
  /** Ticks. */
  readonly height: Ticks;
  readonly isMeasured: boolean;
  /** As hex. */
  readonly colour: string;
  /** Stamped, punched, cut with a die or written: as many of each as she likes. */
  readonly isEndless: boolean;
  /** Nobody counted them: any letter may be there, or be gone. */
  readonly isUncounted?: boolean;
}

/** Her own hand's id among letters. */
export const HAND = 'hand';

const OF_LETTERS = /\b(alphabets?|alphas?|letters?|monograms?)\b/;
const MAKES_THEM = /\b(stamps?|dies?|punch(es)?|stencils?|template)\b/;
/** Stencilled and written titles are about so high, in ink. Common practice, no source. */
const WRITTEN = { height: inches(3 / 4), colour: '#2b1d33' };

/** Whether letters can be made with a tool as often as she likes. */
export const makesLetters = ({ kind, name, note }: Lot): boolean => {
  const said = `${name} ${note}`.toLowerCase();
  return kind === 'tool' && OF_LETTERS.test(said) && MAKES_THEM.test(said);
};

const fewer = (worn: Amounts, left: Amounts): Amounts =>
  Object.fromEntries(
    Object.entries(worn).flatMap(([glyph, n]) => {
      const some = Math.min(n, own(left, glyph) ?? 0);
      return some > 0 ? [[glyph, some]] : [];
    }),
  );

export interface Shelf {
  readonly lots: ReadonlyMap<string, Lot>;
  readonly faces: ReadonlyMap<string, Pick<Face, 'colours'>>;
  readonly ledger: Ledger;
}

/** The letters there are for a page: its sets first, then what has no end, her own hand last. */
export function lettersFor(page: string, { lots, ledger, faces }: Shelf): readonly Letters[] {
  const all = [...lots.values()].flatMap((lot): Letters[] => {
    const state = ledger.lots.get(lot.id);
    const isUncounted = lot.kind === 'alpha' && lot.measure === 'share' && totalOf(state?.here ?? {}) > 0;
    const isEndless = makesLetters(lot) || isUncounted;
    if (!state || (lot.measure !== 'letters' && !isEndless)) return [];
    const out = own(state.claimed, page) ?? {};
    const left = isEndless ? {} : addAmounts(addAmounts(state.here, out), own(state.used, page) ?? {});
    const worn = fewer(lot.worn ?? {}, left);
    const { id } = lot;
    const name = isUncounted ? `${lot.name}, if they are there` : lot.name;
    const isMeasured = lot.height !== undefined;
    return [
      {
        id,
        name,
        lot,
        left,
        worn,
        isMeasured,
        isEndless,
        ...(isUncounted ? { isUncounted } : {}),
        ...letterLooks(lot, faces),
      },
    ];
  });
  const hand = { id: HAND, name: 'written by hand', lot: null, left: {}, worn: {}, isMeasured: false, ...WRITTEN };
  return [
    ...all.filter(({ isEndless }) => !isEndless),
    ...all.filter(({ isUncounted }) => isUncounted),
    ...all.filter(({ isEndless, isUncounted }) => isEndless && !isUncounted),
    { ...hand, isEndless: true },
  ];
}
