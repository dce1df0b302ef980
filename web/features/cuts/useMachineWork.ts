import { useState } from 'react';
import { sheetSvg } from '../../../core/trimmer/cutting';
import type { PlanPiece } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { loadMat, startMachine, stopMachine, workOf } from '../../data/machine';
import { countWords } from '../../words/countWords';
import type { MachineSlipProps } from './MachineSlip';
import { useMachine } from './machineStore';
import { troubleWords } from './machineWords';
import { outlinesOf } from './outlinesOf';

/** A sheet on the cutting machine: begun, stopped, and what came of it taken into the ledger. */
export function useMachineWork({ sheet, piece, onWork }: MachineSlipProps, asked: string | null, close: () => void) {
  const pages = useBench((b) => b.pages);
  const job = useMachine((m) => m.jobs[sheet.stock]);
  const put = useMachine((m) => m.put);
  const report = job?.report ?? null;
  const [failed, setTrouble] = useState<string | null>(null);
  const trouble = failed ?? asked;
  const outlines = (wanted: PlanPiece) => outlinesOf(wanted, pages);
  const lines = job?.lines ?? sheet.pieces.map((wanted) => outlines(wanted)?.length ?? 1);

  const begin = async (isLaid: boolean, slips: boolean): Promise<void> => {
    setTrouble(null);
    try {
      if (isLaid) await loadMat(slips ? 2 : null);
      const id = await startMachine(sheetSvg(sheet, piece, { missing: piece.missing, outlines }));
      put(sheet.stock, { id, lines, report: null });
    } catch (error) {
      setTrouble(troubleWords(error));
    }
  };
  const take = async (): Promise<void> => {
    if (!report || !(await onWork(workOf(report, lines)))) return;
    put(sheet.stock, null);
    close();
  };
  const good = report ? workOf(report, lines).cut.filter((ok) => ok).length : 0;
  const goodWords = `${good} of ${countWords(sheet.pieces.length, 'piece')}`;

  const stop = (id: string): void => {
    stopMachine(id).then(
      (told) => job && put(sheet.stock, { ...job, report: told }),
      (error: unknown) => setTrouble(troubleWords(error)),
    );
  };
  return { job, report, lines, trouble, begin, take, stop, goodWords };
}
export type MachineWorkNow = ReturnType<typeof useMachineWork>;
