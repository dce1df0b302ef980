import type { AimStanding } from '../../core/kit/closing';
import { inches, type MeasureSystem } from '../../core/ground/length';
import { rollWords, shareWords } from '../ui/amountWords';
import { agreeing, countWords } from '../words/countWords';

const rounded = (n: number): string => String(Math.round(n * 10) / 10);

/** So much of what an aim is about. */
function amountOf({ lot }: AimStanding, n: number, system: MeasureSystem): string {
  if (lot?.measure === 'length') return rollWords(inches(n), system);
  if (lot?.measure === 'share') return shareWords(lot.kind, 100 * n);
  return lot?.measure === 'sheets' ? `${rounded(n)} ${agreeing(n, 'sheet', 'sheets')}` : rounded(n);
}

/** An aim with how near it is: `at least 2 of the frames: 1 so far`. */
export function aimWords(standing: AimStanding, system: MeasureSystem): string {
  const { aim, lot, done, of, isMet } = standing;
  const so = isMet ? 'reached' : `${amountOf(standing, done, system)} so far`;
  if (aim.kind === 'pages') return `${countWords(of, 'page')}: ${so}`;
  const name = lot?.name ?? '';
  return aim.atLeast === null
    ? `use up ${name}: ${isMet ? 'reached' : `${amountOf(standing, done, system)} of ${amountOf(standing, of, system)}`}`
    : `at least ${amountOf(standing, of, system)} of ${name}: ${so}`;
}
