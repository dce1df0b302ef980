import { formatLength, formatSize, type MeasureSystem } from '../../core/length';
import type { Lot, LotKind } from '../../core/things';

const KINDS: Record<LotKind, string> = {
  'paper': 'patterned paper', 'cardstock': 'cardstock', 'cut-apart': 'cut-apart sheet', 'card': 'cards', 'stickers': 'stickers', 'alpha': 'alpha', 'washi': 'washi tape', 'ribbon': 'ribbon',
  'twine': 'twine', 'ephemera': 'ephemera', 'dots': 'enamel dots', 'embellishment': 'embellishment', 'packaging': 'packaging', 'tool': 'tool', 'medium': 'ink, paint or paste',
};

export const kindWords = (kind: LotKind): string => KINDS[kind];

/** `12 × 12 · patterned paper · upright`. */
export function lotWords(lot: Pick<Lot, 'kind' | 'size' | 'upright' | 'note' | 'height' | 'punch'>, system: MeasureSystem): string {
  return [lot.size ? formatSize(lot.size, system) : null, kindWords(lot.kind), lot.height ? `${formatLength(lot.height, system)} high` : null, lot.punch ? `${lot.punch.shape} of ${formatLength(lot.punch.size, system)}${lot.punch.reach ? `, reaches ${formatLength(lot.punch.reach, system)}` : ''}` : null, lot.upright ? 'one way up' : null, lot.note || null].filter((part) => part !== null).join(' · ');
}

const MONTHS = ['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

/** `November 2026` for `2026-11`. */
export function monthWords(month: string): string {
  const name = MONTHS[Number(month.slice(5, 7)) - 1];
  return name ? `${name} ${month.slice(0, 4)}` : month;
}
