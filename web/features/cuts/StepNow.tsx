import styled from 'styled-components';
import type { Step } from '../../../core/page/cutlist';
import { formatSize } from '../../../core/ground/length';
import { noteMishap, takeFromMachine } from '../../../core/acts';
import type { PieceState } from '../../../core/stock/ledger';
import type { PlanSheet as Planned } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import type { usePieceName } from '../../parts/pieceName';
import { Button, Key } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { CutNow } from './CutNow';
import { RunNow } from './RunNow';
import { MachineSlip } from './MachineSlip';
import { MishapSlip } from './MishapSlip';
import { PunchNow } from './PunchNow';
import type { useCutting } from './useCutting';
import { WindowNow } from './WindowNow';

const BUTTONS: Record<Step['kind'], string> = { cut: 'Cut', punch: 'Punch', window: 'It is cut out' };

export interface StepNowProps {
  step: Step;
  sheet: Planned;
  whole: PieceState;
  /** The sheet's name, where it is to be taken up now. */
  taken: string | null;
  isFirst: boolean;
  nameOf: ReturnType<typeof usePieceName>;
  cutting: ReturnType<typeof useCutting>;
}

/** What is to be done now, in words that are read from a yard away, and the button that says it is done. */
export function StepNow({ step, sheet, whole, taken, isFirst, nameOf, cutting }: StepNowProps) {
  const system = useSettings((s) => s.system);
  const { cutButton, cut, run, cutAll, open, back } = cutting;
  const isUntouched = whole.where === 'claimed';
  return (
    <>
      {taken !== null && (
        <Fresh>
          Take the {formatSize(whole, system)} of {taken}.
        </Fresh>
      )}
      {step.kind === 'cut' && <CutNow step={step} system={system} />}
      {run.length > 0 && <RunNow run={run} />}
      {step.kind === 'punch' && <PunchNow step={step} system={system} nameOf={nameOf} />}
      {step.kind === 'window' && <WindowNow step={step} system={system} nameOf={nameOf} />}
      <Doing>
        <Cut ref={cutButton} look="main" onPress={() => void cut()}>
          {BUTTONS[step.kind]} <Key aria-hidden>Space</Key>
        </Cut>
        {run.length > 0 && (
          <Button hint="A" onPress={cutAll}>
            All {run.length}
          </Button>
        )}
        <Button isRepeatable isDisabled={isFirst} onPress={back}>
          Back
        </Button>
      </Doing>
      <Row>
        <MishapSlip step={step} onOpen={open} onMishap={(mishap) => void act(noteMishap(step, mishap))} />
        {isUntouched && !sheet.windows && !sheet.pieces.some(({ punched }) => punched) && (
          <MachineSlip
            sheet={sheet}
            piece={whole}
            onOpen={open}
            onWork={(work) => act(takeFromMachine(sheet.stock, work))}
          />
        )}
      </Row>
    </>
  );
}

const Fresh = styled.p`
  color: ${({ theme }) => theme.pond};
  font-weight: 700;
`;
const Doing = styled.div`
  display: flex;
  gap: 14px;
  margin: 16px 0 10px;
  > button + button {
    font-size: 18px;
    padding: 0 24px;
  }
`;
const Cut = styled(Button)`
  flex: 1;
  max-width: 320px;
  min-height: 76px;
  font-size: 26px;
  padding: 0 24px;
`;
