import { useEffect, useState } from 'react';
import { sheetSvg, type PlannedSheet } from '../../../core/cutting';
import type { PieceState } from '../../../core/ledger';
import { formatSize } from '../../../core/length';
import type { MachineWork } from '../../../core/making';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import {
  askMachine,
  loadMat,
  MachineTrouble,
  startMachine,
  stopMachine,
  workOf,
  type MachineReport,
} from '../../data/machine';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { Tick } from '../../ui/Tick';
import { Working } from '../../ui/Working';
import { outlinesOf } from './outlinesOf';

export interface MachineSlipProps {
  page: Page;
  sheet: PlannedSheet;
  piece: PieceState;
  onWork: (work: MachineWork) => void;
  /** Called before it opens, and waited for: what has the focus then has it again afterwards. */
  onOpen: () => Promise<void>;
}

const ASK_MS = 250;
const TROUBLE: Record<MachineTrouble['code'], string> = {
  'mat-empty': 'Nothing lies on the mat. Lay the sheet on it and begin again.',
  busy: 'The machine is cutting another sheet. Wait for it, then begin again.',
  'not-there':
    'No machine answers. It belongs to the little server that Nubbin is started with; without it, cut by hand or keep the SVG.',
  other: 'The machine would not take it',
};
const troubleWords = (error: unknown): string =>
  error instanceof MachineTrouble
    ? `${TROUBLE[error.code]}${error.code === 'other' ? `: ${error.message}.` : ''}`
    : String(error);

/** Sends a sheet to the cutting machine, shows how far it is, and takes what comes of it into the ledger. */
export function MachineSlip(props: MachineSlipProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button
        onPress={() => {
          void props.onOpen().then(() => setOpen(true));
        }}
      >
        Let the machine cut this sheet
      </Button>
      <SlipOver title="The cutting machine" isOpen={isOpen} onClose={() => setOpen(false)}>
        {(close) => <MachineWorking {...props} close={close} />}
      </SlipOver>
    </>
  );
}

function MachineWorking({ page, sheet, piece, onWork, close }: MachineSlipProps & { close: () => void }) {
  const pages = useBench((b) => b.pages);
  const system = useSettings((s) => s.system);
  const [job, setJob] = useState<string | null>(null);
  const [report, setReport] = useState<MachineReport | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [slips, setSlips] = useState(false);
  const [isLaid, setLaid] = useState(false);
  const outlines = (wanted: string) => outlinesOf(wanted, page, pages);
  const lines = sheet.pieces.map(({ id }) => outlines(id)?.length ?? 1);
  const isCutting = job !== null && (report === null || report.state === 'cutting');

  useEffect(() => {
    if (!isCutting) return undefined;
    const timer = setInterval(() => {
      askMachine(job).then(setReport, (error: unknown) => {
        setTrouble(troubleWords(error));
        setJob(null);
      });
    }, ASK_MS);
    return () => clearInterval(timer);
  }, [isCutting, job]);

  const begin = async (): Promise<void> => {
    setTrouble(null);
    setReport(null);
    try {
      if (isLaid) await loadMat(slips ? 2 : null);
      setJob(await startMachine(sheetSvg(sheet, piece, { missing: piece.missing, outlines })));
    } catch (error) {
      setTrouble(troubleWords(error));
    }
  };
  const take = (): void => {
    close();
    onWork(workOf(report!, lines));
  };
  const good = report ? workOf(report, lines).cut.filter((ok) => ok).length : 0;
  const goodWords = `${good} of ${sheet.pieces.length} ${sheet.pieces.length === 1 ? 'piece' : 'pieces'}`;

  if (isCutting)
    return (
      <Working
        done={report?.done ?? 0}
        onStop={() => {
          void stopMachine(job).then(setReport);
        }}
        stopWords="Stop the machine"
      >{`Cutting; ${goodWords} so far`}</Working>
    );
  if (report) {
    return (
      <>
        {report.state === 'done' && (
          <p>All {sheet.pieces.length === 1 ? 'is' : `${sheet.pieces.length} pieces are`} cut.</p>
        )}
        {report.state === 'slipped' && (
          <Wrong role="alert">
            The sheet slipped on the mat: {goodWords} came out well, the next is spoilt. The rest is planned again.
          </Wrong>
        )}
        {report.state === 'stopped' && (
          <Wrong role="alert">
            Stopped: {goodWords} came out well, the one under the blade is spoilt. The rest is planned again.
          </Wrong>
        )}
        <Soft>
          {report.left.length === 0
            ? 'Nothing of use is left of the sheet.'
            : `Left of the sheet, whole: ${workOf(report, lines)
                .left.map((rect) => formatSize(rect, system))
                .join(', ')}.`}
        </Soft>
        <Button look="main" onPress={take}>
          Take it off the mat
        </Button>
      </>
    );
  }
  return (
    <>
      <Soft>
        A {formatSize(piece, system)} sheet with{' '}
        {sheet.pieces.length === 1 ? 'one piece' : `${sheet.pieces.length} pieces`}. This machine is a stand-in that
        comes with Nubbin; it can be made to slip, to try what then happens.
      </Soft>
      <Tick isSelected={isLaid} onChange={setLaid}>
        The sheet lies on the mat, its head at the top
      </Tick>
      <Tick isSelected={slips} onChange={setSlips}>
        Let it slip on the second line
      </Tick>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <Row>
        <Button
          look="main"
          onPress={() => {
            void begin();
          }}
        >
          Cut
        </Button>
        <Button slot="close" look="quiet">
          By hand after all
        </Button>
      </Row>
      <Soft>Hands off the carriage while it moves; what the maker says goes first.</Soft>
    </>
  );
}
