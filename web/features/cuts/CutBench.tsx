import { Link } from 'react-router';
import styled from 'styled-components';
import { faceUp } from '../../../core/trimmer/cutting';
import { formatSize } from '../../../core/ground/length';
import { openListOf, type Step, type StepPart } from '../../../core/page/cutlist';
import { known } from '../../../core/ground/known';
import { heldIn } from '../../../core/ground/heldIn';
import { nth } from '../../../core/ground/nth';
import type { Page, PlanSheet as Planned } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Screen, Soft } from '../../ui/Screen';
import { inSmallWindow } from '../../ui/theme';
import { WastePattern } from '../../ui/PlanSheet';
import { PunchDrawing } from './PunchDrawing';
import { StepDrawing } from './StepDrawing';
import { leftWords, nextWords } from './stepWords';
import { Tape } from './Tape';
import { StepNow } from './StepNow';
import { useCutting } from './useCutting';
import { WholeSheet } from './WholeSheet';
import { WindowDrawing } from './WindowDrawing';
import { usePieceName } from '../../parts/pieceName';
import { pageName } from '../../data/didWords';
import { agreeing, oneOrMore } from '../../words/countWords';

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

const CARE: Record<Step['kind'], string> = {
  cut: 'Fingers behind the guard. Swap the blade when paper feathers.',
  punch: 'Fingers clear of the punch; small parts away from small children and pets.',
  window: 'Craft knife along a metal ruler, away from the hand, fresh blade; cap it after.',
};

/** What a part that comes of a cut is for. */
const partWords = (part: StepPart, nameOf: ReturnType<typeof usePieceName>): string =>
  part.wanted !== null ? `aside: ${nameOf(part.wanted, true)}` : ROLES[part.role];
const ROLES: Record<StepPart['role'], string> = {
  piece: 'is cut on',
  rest: 'is cut on',
  nubbin: 'back to the stash',
  waste: 'waste',
};

/** The step drawn: what is cut, punched or cut out of what. */
function Drawn({ step, face, nameOf }: { step: Step; face: string | null; nameOf: ReturnType<typeof usePieceName> }) {
  const system = useSettings((s) => s.system);
  const pieces = useBench((b) => b.ledger.pieces);
  return (
    <>
      {step.kind === 'cut' && (
        <StepDrawing
          step={step}
          face={face}
          words={[partWords(step.gives[0], nameOf), partWords(step.gives[1], nameOf)]}
          system={system}
        />
      )}
      {step.kind === 'punch' && (
        <PunchDrawing step={step} piece={heldIn(pieces, step.piece)} face={face} system={system} />
      )}
      {step.kind === 'window' && <WindowDrawing step={step} face={face} system={system} />}
    </>
  );
}

/** Something of the page is wanted again: it can be planned now. */
function WantedAgain({ page, onPlan }: { page: Page; onPlan: () => void }) {
  const bench = useBench((b) => b);
  const missing = (openListOf(page, bench) ?? []).reduce((sum, { count }) => sum + count, 0);
  if (missing === 0) return null;
  return (
    <Row>
      <Soft>{agreeing(missing, 'One piece is', `${missing} pieces are`)} wanted again and not planned yet.</Soft>
      <Button look="quiet" onPress={onPlan}>
        Plan {agreeing(missing, 'it', 'them')} now
      </Button>
    </Row>
  );
}

/** How much there is still to do. */
function ToGo({ sheets, steps, at }: Pick<CutBenchProps, 'sheets' | 'steps' | 'at'>) {
  const system = useSettings((s) => s.system);
  const [step, next] = [nth(steps, at), steps[at + 1]];
  const wholes = sheets.filter(({ pieces }) => pieces.some(({ part }) => part === 'A')).length;
  return (
    <Soft>
      After this {leftWords(steps.slice(at + 1))} to go
      {next ? ` · next ${nextWords(next, step, system)}` : ''}
      {wholes > 0 ? ` · ${oneOrMore(wholes, 'piece is used as it is', 'pieces are used as they are')}` : ''}
    </Soft>
  );
}

/** One cut at a time, in type that is read from a yard away. */
export function CutBench(props: CutBenchProps) {
  const { page, sheets, steps, at, others, onPlanMore } = props;
  const { ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const step = nth(steps, at);
  const sheet = known(sheets, ({ stock }) => stock === step.sheet);
  const whole = heldIn(ledger.pieces, step.sheet);
  const lot = heldIn(lots, whole.lot);
  const isBack = faceUp(sheet.pieces) === 'back';
  const face = isBack ? lot.back : lot.front;
  const nameOf = usePieceName(others.length > 0);
  const cutting = useCutting(props);
  const isNewSheet = at === 0 || steps[at - 1]?.sheet !== step.sheet;
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
      actions={<Button onPress={cutting.planAgain}>Plan the rest again</Button>}
    >
      <WastePattern />
      <Tape steps={steps} at={at} system={system} />
      <Bench>
        <Drawn step={step} face={face} nameOf={nameOf} />
        <div>
          <StepNow
            step={step}
            sheet={sheet}
            whole={whole}
            taken={isNewSheet ? lot.name : null}
            isFirst={at === 0}
            nameOf={nameOf}
            cutting={cutting}
          />
          <WantedAgain page={page} onPlan={onPlanMore} />
          <Care>{CARE[step.kind]}</Care>
          <ToGo sheets={sheets} steps={steps} at={at} />
        </div>
        <WholeSheet sheet={sheet} piece={whole} face={face} nameOf={nameOf} />
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
const Care = styled.p`
  && {
    font-size: 15px;
    color: ${({ theme }) => theme.brick};
  }
`;
