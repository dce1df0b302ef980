import type { LaidLetter, SpeltTitle } from '../spelling';
import type { Placed } from '../../stock/things';
import { letterPlaces, type StandingLetters, type TapeLetter, type TitleWish } from '../writing';
import type { Rect, Size } from '../../ground/geometry';
import { HAND, type Letters } from './letters';

type Spelt = Extract<SpeltTitle, { spelt: true }>;

/** What a letter shows once it is laid: one that is cut shows what it is cut to. */
const shows = ({ how, wants, glyph }: LaidLetter): string => (how === 'cut' ? wants : glyph);

const tapeLetter = (letter: LaidLetter, letters: readonly Letters[]): TapeLetter => ({
  glyph: shows(letter),
  height: letters.find(({ id }) => id === letter.set)?.height ?? 0,
});

/** Where a spelt title's letters stand. @param place the title's @param page of a spread, both pages */
export const standingOf = (
  title: Spelt,
  letters: readonly Letters[],
  place: Rect,
  page: Size,
  wish: TitleWish,
): StandingLetters =>
  letterPlaces(
    title.words.map((word) => word.letters.map((letter) => tapeLetter(letter, letters))),
    place,
    page,
    wish,
  );

/** A spelt title's letters as they are laid on the page: each its place; one that stands in by turning is turned. */
export function titleLaid(
  title: Spelt,
  letters: readonly Letters[],
  { places }: Pick<StandingLetters, 'places'>,
): readonly Omit<Placed, 'id'>[] {
  return title.words
    .flatMap((word) => word.letters)
    .flatMap((letter, i): Omit<Placed, 'id'>[] => {
      const [at, from] = [places[i], letters.find(({ id }) => id === letter.set)];
      if (!at || !from) return [];
      const turn = letter.how === 'turned' ? (at.turn + 180) % 360 : at.turn;
      const { height, colour } = from;
      const what =
        from.isEndless || from.id === HAND
          ? { drawn: 'letter' as const, glyph: letter.glyph, height, colour }
          : { lot: from.id, part: letter.glyph, ...(letter.how === 'cut' ? { shows: letter.wants } : {}) };
      return [{ what, x: at.x, y: at.y, turn, isTitle: true }];
    });
}
