import { expect, test } from 'vitest';
import { readItems, readLetters, readScrap, linesOfTable, readList, columnCalled, rowOf, entriesOf } from '.';
import { coloursIn, hexOfWord, readPalette } from '../../ground/colour';

/** Words that every plain object knows: none of them may mean anything. */
const INHERITED = Object.getOwnPropertyNames(Object.prototype);

test.each(INHERITED)('%s is a word like any other, wherever it stands', (word) => {
  const lines = [
    `${word} ink`,
    `2 x 12x12 ${word} / ${word}, ${word}`,
    `${word}: 3`,
    `- ${word} (${word})`,
    `${word}\t2`,
  ];
  const read = readList([word.toUpperCase(), ...lines, `alpha ${word}: A3 E2`].join('\n'), 'in');
  expect(read).toHaveLength(lines.length + 2);
  expect(entriesOf(read, {}, 'in').every(({ item }) => rowOf(item).name !== undefined)).toBe(true);
  expect([hexOfWord(word), columnCalled(word), coloursIn(word)]).toEqual([null, null, []]);
  expect(readPalette(word).ok).toBe(false);
  for (const text of [...lines, word])
    for (const reader of [readItems, readLetters, (told: string) => readScrap(told, 'in'), linesOfTable])
      expect(() => (reader as (told: string) => unknown)(text)).not.toThrow();
});
