import { err, ok, type Result } from '../result';
import { isHex, rgbToHex } from './hex';
import { coloursIn } from './names';

/** Where a palette cannot be read; lines count from 1. */
export interface PaletteError {
  readonly kind: 'no-colours' | 'bad-colour';
  readonly line: number;
  readonly text: string;
}

const GPL = /^GIMP Palette\s*$/;
const GPL_COLOUR = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s|$)/;

/**
 * A palette file of GIMP: a first line that says so, remarks, and three numbers a line. Format: as GIMP's own
 * documentation of .gpl has it, from memory.
 */
function readGpl(lines: readonly string[]): Result<string[], PaletteError> {
  const found: string[] = [];
  for (const [i, line] of lines.entries()) {
    if (i === 0 || line.trim() === '' || /^\s*#/.test(line) || /^\s*(Name|Columns)\s*:/i.test(line)) continue;
    const colour = GPL_COLOUR.exec(line)?.slice(1, 4).map(Number);
    if (!colour || colour.some((channel) => channel > 255))
      return err({ kind: 'bad-colour', line: i + 1, text: line.trim() });
    const [r, g, b] = colour as [number, number, number];
    found.push(rgbToHex({ r, g, b }));
  }
  return ok(found);
}

/** The colours between two commas: as hex, with or without #, or by name; the word that is neither, where there is one. */
function coloursBetween(text: string): { found: string[]; strange: string | null } {
  const found: string[] = [];
  let words = text;
  for (const [word] of text.matchAll(/\S+/g)) {
    const hex = word.startsWith('#') ? word : `#${word}`;
    if (!isHex(hex)) continue;
    found.push(hex.toLowerCase());
    words = words.replace(word, ' '.repeat(word.length));
  }
  const named = coloursIn(words);
  const rest = named.reduceRight((left, { from, to }) => left.slice(0, from) + left.slice(to), words);
  const strange = rest.replace(/\band\b|[&+]/gi, '').trim();
  return { found: [...found, ...named.map(({ hex }) => hex)], strange: strange === '' ? null : strange };
}

/** Colours as hex or by name, between commas, blanks or lines. */
function readColours(lines: readonly string[]): Result<string[], PaletteError> {
  const found: string[] = [];
  for (const [i, line] of lines.entries())
    for (const part of line.split(/[,;/]+/)) {
      const between = coloursBetween(part);
      if (between.strange !== null) return err({ kind: 'bad-colour', line: i + 1, text: between.strange });
      found.push(...between.found);
    }
  return ok(found);
}

/** Reads a palette: a list of colours as hex or by name, or a GIMP palette file. The same colour twice counts once. */
export function readPalette(text: string): Result<string[], PaletteError> {
  const lines = text.replace(/^\ufeff/, '').split(/\r?\n/);
  const read = GPL.test(lines[0] ?? '') ? readGpl(lines) : readColours(lines);
  if (!read.ok) return read;
  return read.value.length === 0 ? err({ kind: 'no-colours', line: 1, text: '' }) : ok([...new Set(read.value)]);
}
