import type { LengthError } from '../../core/ground/length';

const WORDS: Record<LengthError['kind'], string> = {
  empty: 'A measure is missing, such as 3 1/4 or 83mm.',
  'not-a-length': 'This is not a measure. Write 3 1/4, 3.25, 3-1/4" or 83mm.',
  'unfinished-fraction': 'The fraction is not finished: 3 1/ wants a number, as in 3 1/4.',
  negative: 'A measure cannot be less than nothing: leave the minus out.',
  'zero-denominator': 'A fraction cannot be divided by 0.',
  'too-long': 'This is longer than any paper.',
};

/** What is said where something is no length of a roll. */
export const NO_ROLL = 'This is not a length. Write 10 yd, 2.5 m or 18 in.';

/** What is wrong with a measure as typed, and what would help. */
export const measureWords = (error: LengthError): string => WORDS[error.kind];
