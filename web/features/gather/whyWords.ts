import type { InKit, WhyIn } from '../../../core/kit/gathering';
import { countWords } from '../../words/countWords';

const SAME = 5;
const NEAR = 14;

const one = (why: WhyIn): string => {
  switch (why.kind) {
    case 'asked':
      return 'you took it in';
    case 'due':
      return 'kept for this month';
    case 'meant':
      return 'an aim wants it used';
    case 'first':
      return 'what it begins with';
    case 'words':
      return `has “${why.words.join('”, “')}” in it`;
    case 'colours':
      return why.difference < SAME
        ? 'in these colours'
        : why.difference < NEAR
          ? 'goes with it in colour'
          : 'a little apart in colour';
    case 'oldest':
      return `has lain ${countWords(why.months, 'month')}`;
  }
};

/** Why something is in a kit, in a few words: the two that say most. */
export function whyWords({ why }: Pick<InKit, 'why'>): string {
  const isFirst = why.some(({ kind }) => kind === 'first');
  const told = why.filter(({ kind }) => !isFirst || kind !== 'colours');
  return told.length === 0 ? 'its colour is not told' : told.slice(0, 2).map(one).join(', ');
}
