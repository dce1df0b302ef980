import { useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { faceUp } from '../../../core/cutting';
import { formatSize } from '../../../core/length';
import { openListOf, type CutOrder, type Step, type StepPart } from '../../../core/cutlist';
import { heldIn } from '../../../core/heldIn';
import { nth } from '../../../core/nth';
import type { Page, PlanSheet as Planned } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button, Key } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row, Screen, Soft } from '../../ui/Screen';
import { inSmallWindow } from '../../ui/theme';
import { useKeys } from '../../ui/useKeys';
import { MachineSlip } from './MachineSlip';
import { MishapSlip } from './MishapSlip';
import { PlanSheet, WastePattern } from '../../ui/PlanSheet';
import { CutNow } from './CutNow';
import { PunchDrawing } from './PunchDrawing';
import { PunchNow } from './PunchNow';
import { StepDrawing } from './StepDrawing';
import { leftWords, nextWords } from './stepWords';
import { Tape } from './Tape';
import { WindowDrawing } from './WindowDrawing';
import { WindowNow } from './WindowNow';
import { usePieceName } from '../../parts/pieceName';
import { setPlanAside, makeCut, noteMishap, takeFromMachine } from '../../../core/making';
import { act, undoCutOf } from '../../data/acts';
import { pageName } from '../../data/didWords';

export interface CutBenchProps {
  page: Page;
  /** The sheets that are being cut, and all their cuts. */
  sheets: readonly Planned[];
  steps: readonly Step[];
  /** Which cut is next. */
  at: number;
  /** Other pages cut together with this one. */
  others: readonly string[];
  /** Something is wanted again and not planned. */
  onPlanMore: () => void;
}

const ORDERS: readonly (readonly [CutOrder, string])[] = [
  ['setting', 'of one setting'],
  ['paper', 'of one paper'],
  ['page', 'for one page'],
];

const BUTTONS: Record<Step['kind'], string> = { cut: 'Cut', punch: 'Punch', window: 'It is cut out' };
const CARE: Record<Step['kind'], string> = {
  cut: 'Fingers behind the guard. Swap the blade when paper feathers.',
  punch: 'Fingers clear of the punch; small parts away from small children and pets.',
  window: 'Craft knife along a metal ruler, away from the hand, fresh blade; cap it after.',
};

/** One cut at a time, in type that is read from a yard away. */
export function CutBench({ page, sheets, steps, at, others, onPlanMore }: CutBenchProps) {
  const bench = useBench((b) => b);
  const { ledger, lots } = bench;
  const go = useNavigate();
  const { system, cutOrder, change } = useSettings();
  const step = nth(steps, at);
  const sheet = nth(
    sheets,
    sheets.findIndex(({ stock }) => stock === step.sheet),
  );
  const whole = heldIn(ledger.pieces, step.sheet);
  const lot = heldIn(lots, whole.lot);
  const isBack = faceUp(sheet.pieces) === 'back';
  const face = isBack ? lot.back : lot.front;
  const nameOf = usePieceName(others.length > 0);
  const partWords = (part: StepPart): string =>
    part.wanted !== null
      ? `aside: ${nameOf(part.wanted, true)}`
      : part.role === 'nubbin'
        ? 'back to the stash'
        : part.role === 'waste'
          ? 'waste'
          : 'is cut on';
  const cutting = useRef<Promise<unknown> | null>(null);
  const cutButton = useRef<HTMLButtonElement>(null);
  const cut = async (): Promise<void> => {
    if (cutting.current) return;
    cutting.current = act(makeCut(step));
    await cutting.current;
    cutting.current = null;
  };
  /** A slip opened while a cut is written waits for it: it is about what comes next. */
  const open = async (): Promise<void> => {
    await cutting.current;
    cutButton.current?.focus();
  };
  const back = (): void => {
    if (at > 0) void undoCutOf(sheets.map(({ stock }) => stock));
  };
  const planAgain = async (): Promise<void> => {
    // The pages that were cut together stay together.
    await go(`/cuts/${page.id}`, { replace: true, state: { others } });
    await act(setPlanAside(page.id));
  };
  const missing = (openListOf(page, bench) ?? []).reduce((sum, { count }) => sum + count, 0);
  useKeys({
    cut: () => {
      void cut();
    },
    'cut-back': back,
  });
  const next = steps[at + 1];
  const isNewSheet = at === 0 || steps[at - 1]?.sheet !== step.sheet;
  const isUntouched = whole.where === 'claimed';
  const wholes = sheets.filter(({ pieces }) => pieces.some(({ part }) => part === 'A')).length;

  return (
    <Screen
      title="Cuts"
      about={
        <>
          for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link> · {lot.name}, {formatSize(whole, system)} ·{' '}
          {isBack ? `turned over: ${lot.name.split('/')[1]?.trim() ?? 'the back'} face up` : 'front face up'}
          {lot.upright ? ', right way up ↑' : ''}
        </>
      }
      actions={
        <Button
          onPress={() => {
            void planAgain();
          }}
        >
          Plan the rest again
        </Button>
      }
    >
      <WastePattern />
      <Tape steps={steps} at={at} system={system} />
      <Bench>
        {step.kind === 'cut' && (
          <StepDrawing
            step={step}
            face={face}
            words={[partWords(step.gives[0]), partWords(step.gives[1])]}
            system={system}
          />
        )}
        {step.kind === 'punch' && (
          <PunchDrawing step={step} piece={heldIn(ledger.pieces, step.piece)} face={face} system={system} />
        )}
        {step.kind === 'window' && <WindowDrawing step={step} face={face} system={system} />}
        <div>
          {isNewSheet && (
            <Fresh>
              Take the {formatSize(whole, system)} of {lot.name}.
            </Fresh>
          )}
          {step.kind === 'cut' && <CutNow step={step} system={system} />}
          {step.kind === 'punch' && <PunchNow step={step} system={system} nameOf={nameOf} />}
          {step.kind === 'window' && <WindowNow step={step} system={system} nameOf={nameOf} />}
          <Doing>
            <Cut
              ref={cutButton}
              look="main"
              onPress={() => {
                void cut();
              }}
            >
              {BUTTONS[step.kind]} <Key aria-hidden>Space</Key>
            </Cut>
            <Button isDisabled={at === 0} onPress={back}>
              Back
            </Button>
          </Doing>
          <Row>
            <MishapSlip
              step={step}
              onOpen={open}
              onMishap={(mishap) => {
                void act(noteMishap(step, mishap));
              }}
            />
            {isUntouched && !sheet.windows && !sheet.pieces.some(({ punched }) => punched) && (
              <MachineSlip
                sheet={sheet}
                piece={whole}
                onOpen={open}
                onWork={(work) => act(takeFromMachine(sheet.stock, work))}
              />
            )}
          </Row>
          {missing > 0 && (
            <Row>
              <Soft>{missing === 1 ? 'One piece is' : `${missing} pieces are`} wanted again and not planned yet.</Soft>
              <Button look="quiet" onPress={onPlanMore}>
                Plan {missing === 1 ? 'it' : 'them'} now
              </Button>
            </Row>
          )}
          <Care>{CARE[step.kind]}</Care>
          <Soft>
            After this {leftWords(steps.slice(at + 1))} to go
            {next ? ` · next ${nextWords(next, step, system)}` : ''}
            {wholes > 0
              ? ` · ${wholes === 1 ? 'one piece is used as it is' : `${wholes} pieces are used as they are`}`
              : ''}
          </Soft>
        </div>
        <aside aria-label="The whole sheet">
          <Choice<CutOrder>
            label="Cut together"
            options={ORDERS}
            value={cutOrder}
            onChange={(order) => change({ cutOrder: order })}
          />
          <h3>The whole sheet</h3>
          <PlanSheet
            sheet={sheet}
            piece={whole}
            face={face}
            scale={Math.min(13, 156 / (whole.w / 8128), 200 / (whole.h / 8128))}
            system={system}
            nameOf={nameOf}
          />
        </aside>
      </Bench>
    </Screen>
  );
}

const Bench = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(360px, 1.2fr) 180px;
  ${inSmallWindow} {
    grid-template-columns: minmax(0, 1fr);
  }
  gap: 32px;
  padding-top: 18px;
  overflow: auto;
  h2 {
    font-size: 22px;
    font-weight: 600;
  }
  p {
    font-size: 18px;
    margin: 6px 0;
  }
  aside {
    display: flex;
    flex-direction: column;
    gap: 10px;
  }
`;
const Fresh = styled.p`
  color: ${({ theme }) => theme.pond};
  font-weight: 700;
`;
const Doing = styled.div`
  display: flex;
  gap: 14px;
  margin: 16px 0 10px;
  > button:last-child {
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
const Care = styled.p`
  && {
    font-size: 15px;
    color: ${({ theme }) => theme.brick};
  }
`;
