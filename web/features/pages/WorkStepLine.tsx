import { Link } from 'react-router';
import styled from 'styled-components';
import { foundFor, type Need, type StepNow } from '../../../core/page/work';
import { doStep } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { leftWords, minuteWords, timeWords } from '../../ui/minuteWords';
import { Tick } from '../../ui/Tick';
import { stepWords } from './stepWords';

/** How a step stands, in a line. */
function standWords({ step, is, left, for: others }: StepNow, now: number): string {
  if (is === 'drying') return `dry at ${timeWords(step.dryAt ?? now, now)}, in ${leftWords(left)}`;
  if (is === 'done') return step.doneAt === null ? 'done' : `done ${timeWords(step.doneAt, now)}`;
  const takes =
    step.dries > 0 ? `${minuteWords(step.minutes)}, dries ${minuteWords(step.dries)}` : minuteWords(step.minutes);
  if (is === 'ready') return takes;
  if (left > 0) return `${takes} · wet for ${leftWords(left)} yet`;
  return `${takes} · after: ${stepWords(others)}`;
}

/** What a step needs: where it lies and how much is left, or that none is known of. */
function useNeeds(needs: readonly Need[]) {
  const { lots, ledger } = useBench((b) => b);
  return needs.map((need) => ({ need, found: foundFor(need, { lots, ledger }) }));
}

/** A step of a page: ticked when it is done, with what it needs, what is to be minded, and what it would spoil. */
export function WorkStepLine({ page, one, now }: { page: Page; one: StepNow; now: number }) {
  const { step, is, spoils } = one;
  const needs = useNeeds(step.needs);
  const say = (isDone: boolean): void => {
    const media = needs.flatMap(({ found }) => (found && found.level !== null ? [found.lot.id] : []));
    void act(doStep(page.id, step.id, { at: isDone ? Date.now() : null, media }), { isQuiet: true });
  };
  return (
    <Line $is={is}>
      {step.isDerived ? (
        <b>
          {step.isDone ? '✓ ' : ''}
          {step.id === 'cut' && !step.isDone ? <Link to={`/cuts/${page.id}`}>{step.name}</Link> : step.name}
        </b>
      ) : (
        <Tick isSelected={step.isDone} onChange={say}>
          {step.name}
        </Tick>
      )}
      <small>{standWords(one, now)}</small>
      {!step.isDone && (
        <>
          {spoils.length > 0 && (
            <em role="alert">It runs onto what is there already: {stepWords(spoils)}. Cover it, or leave this out.</em>
          )}
          {is === 'ready' && needs.length > 0 && (
            <small>
              {needs
                .map(({ need, found }) =>
                  found
                    ? `${found.lot.name}${found.place === '' ? '' : `, ${found.place}`}${found.level === null ? '' : `, ${found.level} % left`}`
                    : `${need.name}: none told of in the stash`,
                )
                .join(' · ')}
            </small>
          )}
          {is === 'ready' && step.caution !== null && <small>{step.caution}</small>}
        </>
      )}
    </Line>
  );
}

const Line = styled.li<{ $is: StepNow['is'] }>`
  display: flex;
  flex-direction: column;
  gap: 2px;
  padding: 6px 0 6px 10px;
  border-left: 4px solid
    ${({ theme, $is }) => ($is === 'ready' ? theme.pond : $is === 'drying' ? theme.marigold : 'transparent')};
  color: ${({ theme, $is }) => ($is === 'waits' || $is === 'done' ? theme.soft : theme.ink)};
  small {
    font-size: 14px;
    line-height: 1.35;
    color: ${({ theme }) => theme.soft};
  }
  em {
    font-style: normal;
    font-size: 15px;
    color: ${({ theme }) => theme.brick};
  }
`;
