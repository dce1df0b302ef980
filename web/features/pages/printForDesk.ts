import { cutListOf, cutSteps, plansFor } from '../../../core/page/cutlist';
import { pageLayout } from '../../../core/page/design';
import { formatSize } from '../../../core/ground/length';
import type { Bench } from '../../../core/stock/bench';
import { orderOfWork, stepsOf } from '../../../core/page/work';
import type { Page } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { inSentence } from '../../ui/inSentence';
import { keepFile } from '../../ui/keepFile';
import { minuteWords } from '../../ui/minuteWords';
import { slotName } from '../../parts/pieceName';

/** The steps still to do in their order, with what is to be minded. */
function workLines(page: Page, bench: Bench): readonly string[] {
  return orderOfWork(stepsOf(page, bench)).order.flatMap(({ step: { name, minutes, dries, caution } }) => [
    `[  ]  ${name}: ${minuteWords(minutes)}${dries > 0 ? `, dries ${minuteWords(dries)}` : ''}`,
    ...(caution === null ? [] : [`        ${caution}`]),
  ]);
}

/** Keeps a page's steps and cuts as one sheet to print for the desk. */
export async function printForDesk(page: Page, bench: Bench): Promise<void> {
  const { cutSheetPdf } = await import('../../parts/cutSheetPdf');
  const { system, cutOrder } = useSettings.getState();
  const { ledger, lots, plans } = bench;
  const nameOf = ({ page: of, slot }: { page: string; slot: string }, isInSentence = false): string => {
    const own = bench.pages.get(of);
    const name = own ? slotName(own, slot) : slot;
    return isInSentence ? inSentence(name) : name;
  };
  const sheets = plansFor(plans, page.id, ledger).flatMap(({ sheets: all }) => {
    const steps = cutSteps(all, ledger, cutOrder, [page.id]);
    return all.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      const own = steps.filter((step) => step.sheet === sheet.stock);
      return piece ? [{ name: lots.get(piece.lot)?.name ?? '', size: piece, sheet, steps: own }] : [];
    });
  });
  const layout = pageLayout(page);
  const list = layout.ok ? cutListOf(layout.value, page) : [];
  const bytes = await cutSheetPdf({
    title: pageName(page),
    system,
    work: workLines(page, bench),
    list: list.map((piece) => `${piece.count} × ${formatSize(piece, system)}  ${nameOf(piece, true)}`),
    sheets,
    nameOf,
  });
  keepFile(`desk-sheet-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}
