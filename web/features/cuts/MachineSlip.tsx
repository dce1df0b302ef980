import { useEffect, useState } from 'react';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import type { MachineWork } from '../../../core/acts';
import type { PlanSheet } from '../../../core/stock/things';
import { workOf } from '../../data/machine';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { Tick } from '../../ui/Tick';
import { Working } from '../../ui/Working';
import { askAfter, isCutting, useMachine } from './machineStore';
import { troubleWords } from './machineWords';
import { useMachineWork, type MachineWorkNow } from './useMachineWork';
import { agreeing, oneOrMore } from '../../words/countWords';

export interface MachineSlipProps {
  sheet: PlanSheet;
  piece: PieceState;
  /** Whether the ledger took it: until then it stays on the mat. */
  onWork: (work: MachineWork) => Promise<boolean>;
  /** Called before it opens, and waited for: what has the focus then has it again afterwards. */
  onOpen: () => Promise<void>;
}

const ASK_MS = 250;
/** Sends a sheet to the cutting machine, shows how far it is, and takes what comes of it into the ledger. */
export function MachineSlip(props: MachineSlipProps) {
  const [isOpen, setOpen] = useState(false);
  const job = useMachine((m) => m.jobs[props.sheet.stock]);
  const trouble = useAskingAfter(props.sheet.stock);
  const done = Math.round((job?.report?.done ?? 0) * 100);
  return (
    <>
      <Button
        look={job && !isCutting(job) ? 'main' : undefined}
        onPress={() => void props.onOpen().then(() => setOpen(true))}
      >
        {job === undefined
          ? 'Let the machine cut this sheet'
          : isCutting(job)
            ? `The machine is cutting: ${done} %`
            : 'The machine is done: take it off the mat'}
      </Button>
      <SlipOver title="The cutting machine" isOpen={isOpen} onClose={() => setOpen(false)}>
        {(close) => <MachineWorking {...props} asked={trouble} close={close} />}
      </SlipOver>
    </>
  );
}

/** Asks after a sheet on the machine as long as it cuts, whether its slip is open or not; what is wrong, in words. */
function useAskingAfter(sheet: string): string | null {
  const job = useMachine((m) => m.jobs[sheet]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const cuts = isCutting(job);
  useEffect(() => {
    if (!cuts) return undefined;
    const timer = setInterval(() => {
      askAfter(sheet).then(
        () => setTrouble(null),
        (error: unknown) => setTrouble(troubleWords(error)),
      );
    }, ASK_MS);
    return () => clearInterval(timer);
  }, [cuts, sheet]);
  return trouble;
}

/** What came of a sheet, once the machine has ended. */
function WhatCame({ sheet, work }: { sheet: PlanSheet; work: MachineWorkNow }) {
  const system = useSettings((s) => s.system);
  const { report, lines, goodWords, take } = work;
  if (!report) return null;
  return (
    <>
      {report.state === 'done' && (
        <p>All {agreeing(sheet.pieces.length, 'is', `${sheet.pieces.length} pieces are`)} cut.</p>
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
      <Button look="main" onPress={() => void take()}>
        Take it off the mat
      </Button>
    </>
  );
}

/** Before the machine begins: whether the sheet lies on the mat. */
function BeforeItCuts({ sheet, piece, work }: Pick<MachineSlipProps, 'sheet' | 'piece'> & { work: MachineWorkNow }) {
  const system = useSettings((s) => s.system);
  const [slips, setSlips] = useState(false);
  const [isLaid, setLaid] = useState(false);
  const { trouble, begin } = work;
  return (
    <>
      <Soft>
        A {formatSize(piece, system)} sheet with {oneOrMore(sheet.pieces.length, 'piece')}. This machine is a stand-in
        that comes with Nubbin; it can be made to slip, to try what then happens.
      </Soft>
      <Tick isSelected={isLaid} onChange={setLaid}>
        The sheet lies on the mat, its head at the top
      </Tick>
      <Tick isSelected={slips} onChange={setSlips}>
        Let it slip on the second line
      </Tick>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <Row>
        <Button look="main" onPress={() => void begin(isLaid, slips)}>
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

function MachineWorking({ asked, close, ...props }: MachineSlipProps & { asked: string | null; close: () => void }) {
  const { sheet, piece } = props;
  const work = useMachineWork(props, asked, close);
  const { job, report, trouble, goodWords, stop } = work;
  if (job && isCutting(job))
    return (
      <>
        {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
        <Working
          done={report?.done ?? 0}
          onStop={() => stop(job.id)}
          stopWords="Stop the machine"
        >{`Cutting; ${goodWords} so far`}</Working>
      </>
    );
  if (report) return <WhatCame sheet={sheet} work={work} />;
  return <BeforeItCuts sheet={sheet} piece={piece} work={work} />;
}
