import { nameOfColour } from '../../ground/colour';
import { TICKS_PER_INCH } from '../../ground/length';
import type { Punch } from '../things';
import type { ListItem } from './listItem';

/**
 * A line of a packing list told in columns, as tables and JSON files have it. Lengths as text; in inches where no unit
 * stands.
 */
export interface ListRow {
  readonly name: string;
  readonly count?: number;
  readonly size?: string;
  /** Of a roll. */
  readonly length?: string;
  readonly letters?: string;
  /** Of letters. */
  readonly height?: string;
  readonly colours?: string;
  readonly upright?: boolean;
  /** Of what is used by share, how much of each there is: `plenty`, `half left`, `30 %`. */
  readonly left?: string;
  /** Of a pad: how many designs its sheets are of. */
  readonly designs?: number;
  /** Of a punch. */
  readonly reach?: string;
  readonly note?: string;
}

export const LIST_COLUMNS = [
  'count',
  'size',
  'name',
  'colours',
  'upright',
  'length',
  'letters',
  'height',
  'left',
  'designs',
  'reach',
  'note',
] as const satisfies readonly (keyof ListRow)[];

const side = (length: number): string => String(length / TICKS_PER_INCH);

/** What a punch makes, as it is told behind its name. */
const sidesOf = ({ size, height }: Punch): string =>
  [size, ...(height === undefined ? [] : [height])].map(side).join('x');

/** A name in which numbers stand in quotes, so that they are read as a part of it. */
export const quoted = (name: string): string =>
  name.replace(/[^\s,]*\d[^\s,]*/g, (word) => (/["“”]/.test(word) ? word : `"${word}"`));

/** An item in columns. */
export function rowOf({
  name,
  count,
  measure,
  size,
  length,
  letters,
  front,
  upright,
  level,
  designs,
  height,
  punch,
  note,
}: ListItem): ListRow {
  return {
    ...(measure === 'length' || measure === 'letters' ? {} : { count }),
    ...(size ? { size: `${side(size.w)}x${side(size.h)}` } : {}),
    name: punch ? `${name} ${sidesOf(punch)} in` : name,
    ...(front && front.colours.length > 0 ? { colours: front.colours.map(nameOfColour).join(' + ') } : {}),
    ...(upright ? { upright } : {}),
    ...(length === null ? {} : { length: `${side(length)} in` }),
    ...(letters
      ? {
          letters: Object.entries(letters)
            .map(([glyph, n]) => `${glyph}${n}`)
            .join(' '),
        }
      : {}),
    ...(height === undefined ? {} : { height: `${side(height)} in` }),
    ...(level === undefined ? {} : { left: level === 100 ? 'plenty' : `${level} %` }),
    ...(designs === undefined ? {} : { designs }),
    ...(punch?.reach ? { reach: side(punch.reach) } : {}),
    ...(note === '' ? {} : { note }),
  };
}

/** The line that says what the columns say; whether it can be understood, reading it tells. */
export function lineOf({
  name: told,
  count,
  size,
  length,
  letters,
  height,
  colours,
  upright,
  left,
  designs,
  reach,
  note: noted,
}: ListRow): string {
  const name = /\b(?:punch|dies?\b)/i.test(told) ? told : quoted(told);
  // What is printed on a sheet to be cut apart stands behind a colon as it is.
  const isPrinted = noted !== undefined && /\d\s*x\s*\d/.test(noted) && /cut[- ]?aparts?$/i.test(told);
  const note = noted === undefined || isPrinted ? undefined : quoted(noted);
  const some = (...parts: (string | false | undefined)[]): string =>
    parts
      .filter((part) => part !== undefined && part !== false && part !== '')
      .join(', ')
      .replace(/\s*[\r\n]+\s*/g, ' ');
  if (letters !== undefined) return `${some([name, height].filter(Boolean).join(' '), colours, note)}: ${letters}`;
  if (length !== undefined) return some(`${name} ${length}`, colours, note);
  const behind = [colours, upright === true && 'upright', left, reach !== undefined && `reach ${reach}`, note];
  if (designs !== undefined)
    return some(
      [`pad`, size, name].filter(Boolean).join(' '),
      `${count ?? designs} sheets of ${designs} designs`,
      ...behind,
    );
  const line = some([`${count ?? 1} x`, size, name].filter(Boolean).join(' '), ...behind);
  return isPrinted ? `${line}: ${noted}` : line;
}
