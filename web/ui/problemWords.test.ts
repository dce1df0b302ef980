import { describe, expect, test } from 'vitest';
import { readLine } from '../../core/listing';
import { problemWords } from './problemWords';

function words(text: string): string {
  const line = readLine(text);
  if (line.status !== 'not-read') throw new Error(`${text} was read`);
  return problemWords(line.problem);
}

describe('every problem of a line says what is wrong and what would help', () => {
  test.each([
    ['wahsi 10 yd', /“wahsi” is not known here\. Did you mean washi\?/],
    ['some nonsense', /no size and no kind of thing.*12x12/],
    ['2 x 12x12 moths, ink + ambr', /“ambr” is not a colour I know\. Did you mean amber\?/],
    ['2 x 12x12 moths, ink + zzzzzz', /“zzzzzz” is not a colour I know\.$/],
    ['0x12 moths', /not a size.*12x12/],
    ['alpha puffy: A3 E', /A3 E4 N2/],
    ['washi', /10 yd/],
    ['2 x 12x12', /name is missing/],
    ['0 x 12x12 moths', /None of something/],
    ['pad 6x8 notes, 6 sheets of 12 designs', /at least as many sheets as designs/],
    ['circle punch 2 in, reach far', /reach 1 3\/4/],
  ])('%s', (text, expected) => {
    expect(words(text)).toMatch(expected);
  });
});
