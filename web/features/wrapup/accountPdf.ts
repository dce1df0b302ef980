import { accountOf, type Given, type Wrapped } from '../../../core/kit/closing';
import { sumOfBalances, type Balance } from '../../../core/stock/ledger';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import type { Kit, Lot } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { rollWords } from '../../ui/amountWords';
import { dayWords, kitWords } from '../../ui/dayWords';
import { pdfText } from '../../ui/pdfText';
import { PARTS } from './accountParts';

const PICTURE = { width: 500, height: 320 };

/** What became of something, in one line: what there is none of is left out. */
const becameWords = (balance: Balance, say: (n: number) => string): string =>
  PARTS.flatMap(([part, words]) => (balance[part] > 0 ? [`${say(balance[part])} ${words}`] : [])).join(', ');

const sayFor =
  ({ measure }: Lot, system: MeasureSystem) =>
  (n: number): string =>
    measure === 'sheets' ? formatArea(n, system) : measure === 'length' ? rollWords(n, system) : String(n);

/** A kit's account to print: all its pages in one picture, what was learnt, and what became of each thing. */
export async function accountPdf(
  kit: Kit,
  given: Given,
  shelf: Wrapped,
  pages: Blob | null,
  system: MeasureSystem,
): Promise<Uint8Array> {
  const { papers, counted } = accountOf(kit.id, shelf);
  const { say, leave, show, save } = await pdfText(`The account of ${kit.name}`, system);
  say(kitWords(kit), 18, true);
  say(kit.closed === undefined ? 'Not closed yet' : `Closed on ${dayWords(kit.closed)}`, 10);
  leave(6);
  if (pages) await show([pages], PICTURE);
  leave(8);
  say(given.pages.length === 0 ? 'No page yet.' : `It gave to: ${given.pages.map(pageName).join(', ')}.`, 10);
  const sum = sumOfBalances(papers.map(({ balance }) => balance));
  say(`All paper: ${becameWords(sum, (n) => formatArea(n, system))}`, 10);
  const notes = kit.notes ?? [];
  if (notes.length > 0) {
    leave(6);
    say('What was learnt', 12, true);
    notes.forEach(({ words, day }) => say(`${dayWords(day)}: ${words}`, 10));
  }
  leave(6);
  say('Each thing', 12, true);
  for (const { lot, balance } of [...papers, ...counted]) {
    const words = sayFor(lot, system);
    if (balance.received !== 0) say(`${lot.name}: ${words(balance.received)} came; ${becameWords(balance, words)}`, 9);
  }
  return save();
}
