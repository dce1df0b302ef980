import { err, ok, type Result } from '../result';
import { isHex, rgbToHex } from './hex';

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

/** Hex colours, with or without #, between commas, spaces or lines. */
function readHexes(lines: readonly string[]): Result<string[], PaletteError> {
  const found: string[] = [];
  for (const [i, line] of lines.entries())
    for (const word of line.split(/[\s,;]+/).filter(Boolean)) {
      const hex = word.startsWith('#') ? word : `#${word}`;
      if (!isHex(hex)) return err({ kind: 'bad-colour', line: i + 1, text: word });
      found.push(hex.toLowerCase());
    }
  return ok(found);
}

/** Reads a palette: a list of hex colours, or a GIMP palette file. The same colour twice counts once. */
export function readPalette(text: string): Result<string[], PaletteError> {
  const lines = text.replace(/^\ufeff/, '').split(/\r?\n/);
  const read = GPL.test(lines[0] ?? '') ? readGpl(lines) : readHexes(lines);
  if (!read.ok) return read;
  return read.value.length === 0 ? err({ kind: 'no-colours', line: 1, text: '' }) : ok([...new Set(read.value)]);
}
