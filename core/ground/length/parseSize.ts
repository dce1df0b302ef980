import { ok, type Result } from '../result';
import { parseLength, type LengthError } from './parseLength';
import type { Ticks, Unit } from './ticks';
import { nth } from '../nth';

/** Reads `12x12`, `3 1/4 × 4 1/4 in` or `8.5 by 11` as width and height; a unit after the second serves both. */
export function parseSize(text: string, unit: Unit = 'in'): Result<{ w: Ticks; h: Ticks }, LengthError> {
  const sides = text.trim().split(/\s*(?:[x×]|\bby\b)\s*/i);
  if (sides.length !== 2) return { ok: false, value: null, error: { kind: 'not-a-length', text } };
  const shared = /(in|mm|cm|"|″)\s*$/i.exec(nth(sides, 1))?.[1]?.toLowerCase();
  const own: Unit = shared === 'mm' || shared === 'cm' ? shared : shared === undefined ? unit : 'in';
  const w = parseLength(nth(sides, 0), own);
  if (!w.ok) return w;
  const h = parseLength(nth(sides, 1), unit);
  if (!h.ok) return h;
  return ok({ w: w.value, h: h.value });
}
