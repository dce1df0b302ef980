import { totalOf, type Amounts } from '../../core/stock/ledger';
import { formatLength, TICKS_PER_INCH, type MeasureSystem } from '../../core/ground/length';
import type { Lot, LotKind } from '../../core/stock/things';
import { agreeing } from '../words/countWords';

/** A roll in yards and inches, or metres. @param length ticks */
export function rollWords(length: number, system: MeasureSystem): string {
  if (system === 'cm') return `${Math.round(length / 3200) / 100} m`;
  const yards = length / (36 * TICKS_PER_INCH);
  return yards >= 1 ? `${Math.round(yards * 100) / 100} yd` : formatLength(length, system);
}

/** About how much is left of what nobody counts. @param share hundredths of one */
export function shareWords(kind: LotKind, share: number): string {
  const isBySheet = kind === 'stickers' || kind === 'alpha';
  // Several are told as several: three of them are not only "plenty".
  if (!isBySheet && kind !== 'medium' && share > 150)
    return share % 100 <= 12 ? `${Math.floor(share / 100)} of them` : `about ${Math.round(share / 50) / 2} of them`;
  if (!isBySheet && kind !== 'medium')
    return share >= 70 ? 'plenty' : share >= 35 ? 'some' : share > 0 ? 'few' : 'none';
  const [whole, quarters] = [Math.floor(Math.round(share / 25) / 4), Math.round(share / 25) % 4];
  const said = [whole > 0 ? String(whole) : '', ['', '1/4', '1/2', '3/4'][quarters]].filter(Boolean).join(' ');
  if (said === '') return share > 0 ? 'nearly none' : 'none';
  return kind === 'medium'
    ? said === '1'
      ? 'full'
      : `${said} full`
    : `${said} ${share > 100 + 12 ? 'sheets' : agreeing(whole, 'sheet', 'of a sheet')}`;
}

/** An amount of a lot in words: a count, a length, about how much is left, or letters told one by one. */
export function amountWords(lot: Pick<Lot, 'kind' | 'measure'>, amounts: Amounts, system: MeasureSystem): string {
  if (lot.measure === 'letters')
    return (
      Object.entries(amounts)
        .map(([glyph, n]) => (n === 1 ? glyph : `${glyph}${n}`))
        .join(' ') || 'none'
    );
  // A pack's named things count with those that are mixed.
  const n = totalOf(amounts);
  if (lot.measure === 'share') return shareWords(lot.kind, n);
  return lot.measure === 'length' ? rollWords(n, system) : String(n);
}
