import type { Bench } from '../../../core/stock/bench';
import type { Page } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { realPicture } from '../../data/realPicture';
import { useSettings } from '../../data/settings';
import { formatWords } from '../../ui/pageWords';
import { pdfText } from '../../ui/pdfText';
import { recordParts } from './recordLines';

const PICTURE = { width: 250, height: 250 };

/**
 * A page's record to print: drawn, its real picture beside, and what is on it by kit, cut for it, borrowed, noted.
 * @param drawn as PNG
 */
export async function recordPdf(page: Page, bench: Bench, drawn: Blob | null): Promise<Uint8Array> {
  const { system } = useSettings.getState();
  const { say, leave, show, save } = await pdfText(`The record of ${pageName(page)}`, system);
  const real = page.picture ? await realPicture(page.picture) : null;
  say(pageName(page), 18, true);
  say([formatWords(page.format, system), page.date, page.place].filter(Boolean).join(' · '), 10);
  leave(6);
  await show(
    [drawn, real].flatMap((one) => one ?? []),
    PICTURE,
  );
  leave(12);
  for (const { name, lines } of recordParts(page, bench, system)) {
    leave(6);
    say(name, 12, true);
    lines.forEach((line) => say(line, 10));
  }
  return save();
}
