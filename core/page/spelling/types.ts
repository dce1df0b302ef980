/** Letters of one kind: a glyph is one character in normal form C. */
export interface LetterSet {
  readonly id: string;
  /** How many of each are left. */
  readonly letters: ReadonlyMap<string, number>;
}

export interface WantedTitle {
  readonly id: string;
  readonly text: string;
  readonly worth: number;
}

export interface SpellJob {
  readonly sets: readonly LetterSet[];
  readonly titles: readonly WantedTitle[];
  /** Whether either case of a letter serves. */
  readonly isAnyCase: boolean;
  /** What is all from one set: a title, a word, or nothing. */
  readonly mix: 'title' | 'word' | 'letter';
  readonly standIns: boolean;
}

/** How a glyph stands in for another. */
export type How = 'turned' | 'alike' | 'unmarked' | 'cut';

/** A letter of a title, and the glyph that is laid for it. */
export interface LaidLetter {
  readonly wants: string;
  readonly set: string;
  readonly glyph: string;
  /** Null: it is the letter itself. */
  readonly how: How | null;
}

export interface SpeltWord {
  readonly text: string;
  readonly letters: readonly LaidLetter[];
}

export type SpeltTitle =
  | { readonly id: string; readonly spelt: true; readonly words: readonly SpeltWord[] }
  | {
      readonly id: string;
      readonly spelt: false;
      /** Letters that, added to one set, would let it be spelt from what is left. */
      readonly short: Readonly<Record<string, number>>;
    };

export interface SpellStats {
  readonly worth: number;
  readonly spelt: number;
  readonly cost: number;
  /** Sets used, counted for each title and added up. */
  readonly sets: number;
  readonly vowelsLeft: number;
  /** What no answer can beat. */
  readonly worthBound: number;
  /** All four aims are proved. */
  readonly optimal: boolean;
}

export interface Spelling {
  readonly titles: readonly SpeltTitle[];
  /** What is left of each set; glyphs of which none is left are not named. */
  readonly left: readonly LetterSet[];
  readonly stats: SpellStats;
}
