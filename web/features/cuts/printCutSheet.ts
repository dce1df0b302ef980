import { cutSteps, type CutOrder, type PurposedPlan, type WantedPiece } from '../../../core/page/cutlist';
import { formatSize, type MeasureSystem } from '../../../core/ground/length';
import type { Bench } from '../../../core/stock/bench';
import type { Page } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import type { usePieceName } from '../../parts/pieceName';
import { keepFile } from '../../ui/keepFile';

export interface PrintedPlan {
  page: Page;
  plan: PurposedPlan;
  list: readonly WantedPiece[];
  nameOf: ReturnType<typeof usePieceName>;
  order: CutOrder;
  system: MeasureSystem;
}

/** Writes a plan's sheets and steps as a PDF to print. */
export async function printCutSheet({ ledger, lots }: Bench, printed: PrintedPlan): Promise<void> {
  const { page, plan, list, nameOf, order, system } = printed;
  const { cutSheetPdf } = await import('../../parts/cutSheetPdf');
  const steps = cutSteps(plan.sheets, ledger, order, [page.id]);
  const sheets = plan.sheets.flatMap((sheet) => {
    const piece = ledger.pieces.get(sheet.stock);
    if (!piece) return [];
    const own = steps.filter((step) => step.sheet === sheet.stock);
    return [{ name: lots.get(piece.lot)?.name ?? '', size: piece, sheet, steps: own }];
  });
  const words = list.map((piece) => `${piece.count} × ${formatSize(piece, system)}  ${nameOf(piece, true)}`);
  const bytes = await cutSheetPdf({ title: pageName(page), system, list: words, sheets, nameOf });
  keepFile(`cut-sheet-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}
