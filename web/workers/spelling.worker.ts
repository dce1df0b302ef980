import { expose } from 'comlink';
import { spellSolverFrom, type SpellSolver } from '../../core/page/spelling';
import {
  spellTogether,
  titlesFromLeft,
  waysToSpell,
  type Asking,
  type Letters,
  type Phrase,
  type TitleFound,
  type TitlesTogether,
  type WaitingTitle,
  type WayToSpell,
} from '../../core/page/titles';
import { hello } from './answering';
import { breathe } from './breathe';
import { freshHighs } from './freshHighs';

/** Of each kind of question the latest counts: those before it are not answered any more. */
const latest = new Map<string, number>();

async function answer<L, T>(kind: string, load: () => Promise<L>, of: (loaded: L) => T): Promise<T | null> {
  const mine = (latest.get(kind) ?? 0) + 1;
  latest.set(kind, mine);
  const loaded = await load();
  await breathe();
  return mine === latest.get(kind) ? of(loaded) : null;
}

const solver = async (): Promise<SpellSolver> => spellSolverFrom(await freshHighs());

const api = {
  hello,
  /** The ways to spell a title; null: another was asked for meanwhile. As the others. */
  ways: (text: string, letters: readonly Letters[], asking: Asking): Promise<readonly WayToSpell[] | null> =>
    answer('ways', solver, (spell) => waysToSpell(text, letters, asking, spell)),
  /** The titles of several pages together. @param words hers, of which it is told which are lost then */
  together: (
    waiting: readonly WaitingTitle[],
    letters: readonly Letters[],
    asking: Asking,
    words: readonly string[],
  ): Promise<TitlesTogether | null> =>
    answer('together', solver, (spell) => spellTogether(waiting, letters, asking, words, spell)),
  /** What can be a title from what is left: phrases, and words that go with those of the theme. */
  fromLeft: (
    phrases: readonly Phrase[],
    theme: readonly string[],
    letters: readonly Letters[],
    isAnyCase: boolean,
  ): Promise<readonly TitleFound[] | null> =>
    answer(
      'from-left',
      () => import('./wordsRoundTheme'),
      ({ wordsRoundTheme }) => {
        const more = wordsRoundTheme(theme).map((text): Phrase => ({ text, from: 'theme' }));
        return titlesFromLeft([...phrases, ...more], letters, isAnyCase);
      },
    ),
};
export type SpellingApi = typeof api;
expose(api);
