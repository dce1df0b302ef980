import type { Size } from '../../ground/geometry';
import { inches, toInches, type Ticks } from '../../ground/length';
import type { PageFormat, PageWritten, WrittenOn } from '../../stock/things';
import { SMALL_HAND } from './hand';
import { wrap } from './wrap';

/** How much room there is for writing. */
export interface WritingRoom {
  /** How long a line is, ticks. */
  readonly width: Ticks;
  /** How many lines there are, on all sides together. */
  readonly lines: number;
  /** Of a card or tag, how many there are on each of its sides. */
  readonly perSide: number;
  /** From line to line, ticks. */
  readonly line: Ticks;
}

/** Writing as it stands. */
export interface Written extends WritingRoom {
  readonly text: readonly string[];
  /** The line it begins on, from 1, so that as much is free above as below; round the edge, always the first. */
  readonly beginsOn: number;
  /** So many letters more than there is room for. */
  readonly over: number;
  /** The shortest sentence without which it fits; null: none, or it fits. */
  readonly leaveOut: string | null;
}

/** What cards, tags, labels and what slides into pockets mostly measure. Common practice, no source. */
const SIZES: Partial<Record<WrittenOn, Size>> = {
  card: { w: inches(4), h: inches(3) },
  tag: { w: inches(2), h: inches(4) },
  label: { w: inches(2), h: inches(1) },
  pocket: { w: inches(3), h: inches(4) },
};
/** Of cards, tags and labels, left free on each side; of a strip, between two; from the page's edge. */
const RIM = inches(1 / 8);
const BETWEEN = inches(1 / 8);
const INSET = inches(3 / 8);
const SIDES: Partial<Record<WrittenOn, number>> = { tag: 2, pocket: 2 };

/** How large what is written on is. */
export const sizeOf = ({ on, size }: PageWritten): Size | null => size ?? SIZES[on] ?? null;

/**
 * How much room a page has for writing. Round the edge: 2 (W + H) less the corners, 45 in on a page of 12 x 12 in. Common
 * practice, no source.
 * @param place the design's place for it
 */
export function roomFor(written: PageWritten, place: Size, { w, h, spread }: PageFormat): WritingRoom {
  const { on, hand = SMALL_HAND, lines } = written;
  const all = { width: place.w, line: hand.line };
  if (on === 'edge') {
    const [wide, high] = [(spread ? 2 * w : w) - 2 * INSET, h - 2 * INSET];
    return { ...all, width: 2 * (wide + high), lines: 1, perSide: 1 };
  }
  if (on === 'strips') {
    const many = Math.max(1, Math.floor((place.h + BETWEEN) / (hand.line + BETWEEN)));
    return { width: place.w - 2 * RIM, line: hand.line + BETWEEN, lines: many, perSide: many };
  }
  const size = sizeOf(written);
  if (!size) {
    const many = Math.max(1, Math.floor(place.h / hand.line));
    return { ...all, lines: many, perSide: many };
  }
  const fits = Math.max(1, Math.floor((size.h - 2 * RIM) / hand.line));
  const perSide = on === 'label' ? (lines ?? fits) : fits;
  return { width: size.w - 2 * RIM, line: hand.line, perSide, lines: perSide * (SIDES[on] ?? 1) };
}

const sentencesOf = (text: string): readonly string[] =>
  text.match(/[^.!?\n]+[.!?]*/gu)?.map((one) => one.trim()) ?? [];

/** Words as they stand where a page is written on: as large as the hand writes; what there is no room for stays. */
export function writtenOn(text: string, written: PageWritten, place: Size, format: PageFormat): Written {
  const room = roomFor(written, place, format);
  const { perInch } = written.hand ?? SMALL_HAND;
  const most = Math.max(1, Math.floor(toInches(room.width) * perInch));
  const lines = wrap(text, most);
  const spill = (of: readonly string[]): number => of.slice(room.lines).join(' ').length;
  const without = (sentence: string): string => text.replace(sentence, '').replace(/ {2,}/g, ' ').trim();
  const shorter = sentencesOf(text)
    .filter((one) => one !== '' && without(one) !== '' && spill(wrap(without(one), most)) === 0)
    .sort((a, b) => a.length - b.length);
  const over = spill(lines);
  const free = Math.max(0, room.lines - lines.length);
  return {
    ...room,
    text: lines,
    beginsOn: room.lines > room.perSide || lines.length === 0 ? 1 : 1 + Math.floor(free / 2),
    over,
    leaveOut: over > 0 ? (shorter[0] ?? null) : null,
  };
}

/** How writing stands that nothing is said of. */
export const ON_LINES: PageWritten = { on: 'lines' };
