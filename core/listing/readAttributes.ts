import { colourWords, hexOfWord } from '../colour';
import { parseLength } from '../length';
import { ok } from '../result';
import { closestWord } from './closestWord';
import { problem, type Read } from './problem';

/** Colours told as `ink + amber`; null where the text is something else than colours. */
function readColours(line: string, text: string): Read<string[]> | null {
  const words = text
    .split(/\s*(?:\+|&|\band\b)\s*/i)
    .map((word) => word.trim())
    .filter(Boolean);
  const colours = words.map(hexOfWord);
  if (colours.every((hex) => hex !== null)) return ok(colours);
  const told = text.includes('+') || colours.some((hex) => hex !== null);
  if (!told) {
    // A single word one slip from a colour is taken for that slip.
    const near = words.length === 1 && words[0]!.length > 3 ? closestWord(words[0]!, colourWords()) : null;
    return near === null ? null : problem(line, words[0]!, 'unknown-colour', near);
  }
  const unknown = words[colours.indexOf(null)]!;
  return problem(line, unknown, 'unknown-colour', closestWord(unknown, colourWords()));
}

/** How much is left of what nobody counts, in hundredths; null: that is not said. */
function levelOf(text: string): number | null {
  const word = LEVELS.find(([test]) => test.test(text));
  if (word) return word[1];
  const told = /^(?:about )?(?:(\d{1,3}) ?%|(\d)\/(\d))(?: (?:left|full))?$/i.exec(text);
  if (!told) return null;
  const level = told[1] !== undefined ? Number(told[1]) : Math.round((100 * Number(told[2])) / Number(told[3]));
  return level >= 1 && level <= 100 ? level : null;
}

const LEVELS: readonly (readonly [RegExp, number])[] = [
  [/^(plenty|lots|full|new)$/i, 100],
  [/^three quarters( left| full)?$/i, 75],
  [/^(some|several|half)( left| full)?$/i, 50],
  [/^a quarter( left| full)?$/i, 25],
  [/^(few|a few|nearly gone|nearly empty)$/i, 20],
];

export interface Attributes {
  colours: string[];
  upright: boolean;
  level: number | null;
  reach: number | null;
  note: string;
}

/** What a thing has a place for; said of another, it stays a note. */
export interface Takes {
  readonly level?: boolean;
  readonly reach?: boolean;
}

/**
 * What stands behind the name, between commas: colours, one way up, how much is left, how far a punch reaches; the rest
 * is a note.
 */
export function readAttributes(line: string, parts: readonly string[], takes: Takes = {}): Read<Attributes> {
  const out: Attributes = { colours: [], upright: false, level: null, reach: null, note: '' };
  const notes: string[] = [];
  for (const part of parts) {
    if (/^(upright|one[- ]way|this way up)$/i.test(part)) {
      out.upright = true;
      continue;
    }
    const level = takes.level ? levelOf(part) : null;
    if (level !== null) {
      out.level = level;
      continue;
    }
    const reach = takes.reach ? /^reach(?:es)? (.+)$/i.exec(part) : null;
    if (reach) {
      const length = parseLength(reach[1]!);
      if (!length.ok || length.value === 0) return problem(line, part, 'bad-reach');
      out.reach = length.value;
      continue;
    }
    const colours = readColours(line, part);
    if (colours && !colours.ok) return colours;
    if (colours) out.colours.push(...colours.value);
    else notes.push(part);
  }
  return ok({ ...out, note: notes.join(', ') });
}
