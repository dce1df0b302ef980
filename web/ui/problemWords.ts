import type { ListProblem } from '../../core/listing';

/** What is not understood of a line, and what would help. */
export function problemWords({ kind, text, closest }: ListProblem): string {
  const meant = closest === null ? '' : ` Did you mean ${closest}?`;
  switch (kind) {
    case 'nothing-known':
      return closest === null
        ? `“${text}”: I see no size and no kind of thing. Write a size for paper (12x12), or a kind such as washi, stickers, dots.`
        : `“${text}” is not known here.${meant}`;
    case 'unknown-colour':
      return `“${text}” is not a colour I know.${meant}`;
    case 'bad-size':
      return `“${text}” is not a size. Write it as 12x12 or 3 1/4x4 1/4.`;
    case 'bad-letters':
      return 'Letters are told as A3 E4 N2, as sets (2 sheets A to Z plus vowels), or by rows as they stand on the sheet (AAABB / CCDDD), after a colon.';
    case 'bad-pad':
      return 'A pad has at least as many sheets as designs. Write 24 sheets of 12 designs.';
    case 'bad-reach':
      return 'How far does it reach from the edge? Write reach 1 3/4.';
    case 'no-length':
      return 'How long is it? Write 10 yd, 3 m or 40 in.';
    case 'no-name':
      return 'What is it called? A name is missing.';
    case 'too-many':
      return 'At most 10,000 of one line can be taken in. Is the count right?';
    case 'count-of-none':
      return 'None of something need not be on the list.';
  }
}
