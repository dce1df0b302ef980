import { addAmounts, own, type Amounts } from '../../../core/ledger';
import { inches } from '../../../core/length';
import type { Bench } from '../../../core/making';
import type { LetterSet, SpellJob, Spelling } from '../../../core/spelling';
import type { Lot } from '../../../core/things';

/** How high letters stand that were not measured: common practice, no source. */
const HEIGHT = inches(3 / 4);
const INK = '#8a1c4f';

/** A set of letters as it is for one page: what is left, with what is out for the page already. */
export interface Letters {
  readonly lot: Lot;
  readonly left: Amounts;
  /** Ticks. */
  readonly height: number;
  readonly isMeasured: boolean;
  readonly colour: string;
}

/** The sets that have letters for a page. */
export function setsFor(page: string, { lots, ledger, faces }: Bench): readonly Letters[] {
  return [...lots.values()].flatMap((lot): Letters[] => {
    const state = ledger.lots.get(lot.id);
    if (lot.measure !== 'letters' || !state) return [];
    const left = addAmounts(state.here, own(state.claimed, page) ?? {});
    const colour = faces.get(lot.front ?? '')?.colours[0]?.hex ?? INK;
    const { height = HEIGHT } = lot;
    return [{ lot, left, height, isMeasured: lot.height !== undefined, colour }];
  });
}

export const letterSet = ({ lot, left }: Letters): LetterSet => ({
  id: lot.id,
  letters: new Map(Object.entries(left).filter(([glyph]) => [...glyph].length === 1)),
});

/** A way to spell a title: from one set, or from all together. */
export interface Way {
  readonly key: string;
  readonly name: string;
  readonly job: SpellJob;
}

export interface Asking {
  readonly isAnyCase: boolean;
  readonly standIns: boolean;
}

/** Each set by itself, then all together by the word and letter by letter. */
export function waysFor(text: string, sets: readonly Letters[], { isAnyCase, standIns }: Asking): readonly Way[] {
  const titles = [{ id: 'title', text, worth: 1 }];
  const job = (own: readonly Letters[], mix: SpellJob['mix']): SpellJob => ({
    sets: own.map(letterSet),
    titles,
    isAnyCase,
    mix,
    standIns,
  });
  const alone = sets.map((one): Way => ({ key: one.lot.id, name: one.lot.name, job: job([one], 'title') }));
  if (sets.length < 2) return alone;
  return [
    ...alone,
    ...(text.includes(' ') ? [{ key: 'by-word', name: 'a set for each word', job: job(sets, 'word') }] : []),
    { key: 'mixed', name: 'mixed, as it comes', job: job(sets, 'letter') },
  ];
}

/** What a spelt title takes of each set. */
export function takenBy({ titles }: Spelling): ReadonlyMap<string, Amounts> {
  const taken = new Map<string, Record<string, number>>();
  for (const title of titles) {
    if (!title.spelt) continue;
    for (const { set, glyph } of title.words.flatMap(({ letters }) => letters)) {
      const own = taken.get(set) ?? {};
      own[glyph] = (own[glyph] ?? 0) + 1;
      taken.set(set, own);
    }
  }
  return taken;
}

/** Of what was taken, the letters of which none is left then, by set. */
export const lastOf = (taken: ReadonlyMap<string, Amounts>, sets: readonly Letters[]) =>
  sets.flatMap(({ lot, left }) => {
    const gone = Object.entries(taken.get(lot.id) ?? {}).filter(([glyph, n]) => (left[glyph] ?? 0) <= n);
    return gone.length > 0 ? [{ name: lot.name, glyphs: gone.map(([glyph]) => glyph) }] : [];
  });
