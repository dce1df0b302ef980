import type { Point, Rect, Size } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { tapeOf, type Tape, type TapeLetter, type TapeMark } from './tape';

/** How a title stands: in one line or two, from the middle or the left of its place, bowed, or up the page's left side. */
export type TitleShape = 'line' | 'lines' | 'curve' | 'side';

export interface TitleWish {
  readonly shape: TitleShape;
  readonly from: 'middle' | 'left';
}

/** Where a letter's middle is, ticks, and how it is turned, degrees clockwise. */
export interface LetterPlace extends Point {
  readonly turn: number;
}

export interface StandingLetters {
  /** One for each letter, in the order of the words. */
  readonly places: readonly LetterPlace[];
  /** Each line as it is laid along a ruler, and where on the page it begins, ticks; upwards where it goes up the side. */
  readonly lines: readonly { readonly tape: Tape; readonly start: number }[];
  /** Whether it stays within its place, or on the page where it goes up the side. */
  readonly fits: boolean;
}

/** From line to line, of the letters' height; from the page's edge. Common practice, no source. */
const DOWN = 1.2;
const EDGE = inches(1 / 4);
/** How far a bowed line goes round, radians. */
const BOW = 1;

type Words = readonly (readonly TapeLetter[])[];

/** The words in two lines as even as can be. */
function inTwo(words: Words): readonly Words[] {
  if (words.length < 2) return [words];
  const broken = words.slice(1).map((_, i) => [words.slice(0, i + 1), words.slice(i + 1)] as const);
  const widest = (lines: readonly Words[]): number => Math.max(...lines.map((line) => tapeOf(line).width));
  return broken.reduce((best, lines) => (widest(lines) < widest(best) ? lines : best));
}

const middleOf = ({ x, w }: TapeMark): number => x + w / 2;

function across(lines: readonly Tape[], place: Rect, from: TitleWish['from']): StandingLetters {
  const deep = lines.reduce((sum, { height }, i) => sum + (i === 0 ? height : height * DOWN), 0);
  let foot = place.y + (place.h - deep) / 2;
  const laid = lines.map((tape, i) => {
    foot += i === 0 ? tape.height : tape.height * DOWN;
    return { tape, foot, start: Math.round(from === 'left' ? place.x : place.x + (place.w - tape.width) / 2) };
  });
  return {
    places: laid.flatMap(({ tape, foot: at, start }) =>
      tape.marks.map((mark) => ({ x: start + middleOf(mark), y: at - mark.height / 2, turn: 0 })),
    ),
    lines: laid,
    fits: deep <= place.h && lines.every(({ width }) => width <= place.w),
  };
}

function bowed(tape: Tape, place: Rect): StandingLetters {
  const radius = Math.max(tape.width / BOW, tape.height);
  const middle = place.x + place.w / 2;
  const rise = radius * (1 - Math.cos(BOW / 2));
  const top = place.y + Math.max(0, (place.h - tape.height - rise) / 2);
  const wide = 2 * radius * Math.sin(BOW / 2) + tape.height;
  const at = (mark: TapeMark): LetterPlace => {
    const round = (middleOf(mark) - tape.width / 2) / radius;
    const out = radius + tape.height - mark.height / 2;
    return {
      x: middle + out * Math.sin(round),
      y: top + radius + tape.height - out * Math.cos(round),
      turn: (round * 180) / Math.PI,
    };
  };
  return {
    places: tape.marks.map(at),
    lines: [{ tape, start: Math.round(middle - tape.width / 2) }],
    fits: wide <= place.w && tape.height + rise <= place.h,
  };
}

function upSide(tape: Tape, page: Size): StandingLetters {
  const start = (page.h - tape.width) / 2;
  return {
    places: tape.marks.map((mark) => ({
      x: EDGE + tape.height - mark.height / 2,
      y: page.h - start - middleOf(mark),
      turn: 270,
    })),
    lines: [{ tape, start: Math.round(start) }],
    fits: tape.width <= page.h - 2 * EDGE,
  };
}

/**
 * Where each letter of a title stands: start = left + (W − (Σ widths + gaps)) / 2 for a line in the middle of its place.
 * Common practice, no source. @param place the title's place on the page @param page of a spread, both pages
 */
export function letterPlaces(words: Words, place: Rect, page: Size, { shape, from }: TitleWish): StandingLetters {
  const told = words.filter((word) => word.length > 0);
  const whole = tapeOf(told);
  const standing =
    shape === 'curve'
      ? bowed(whole, place)
      : shape === 'side'
        ? upSide(whole, page)
        : across(shape === 'lines' ? inTwo(told).map(tapeOf) : [whole], place, from);
  return {
    ...standing,
    places: standing.places.map(({ x, y, turn }) => ({
      x: Math.round(x),
      y: Math.round(y),
      turn: (Math.round(turn * 10) / 10 + 360) % 360,
    })),
  };
}
