import { useMemo } from 'react';
import { CheckboxGroup } from 'react-aria-components';
import { orderOfWork, STEP_KINDS, stepsNow, stepsOf, type StepNow } from '../../../core/page/work';
import { changeWork, chooseTechniques } from '../../../core/acts';
import { TECHNIQUES, type Page, type Technique } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { leftWords, minuteWords } from '../../ui/minuteWords';
import { Soft, Stack } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useNow } from '../../ui/useNow';
import { Intentions } from './Intentions';
import { printForDesk } from './printForDesk';
import { stepWords } from './stepWords';
import { WorkStepLine } from './WorkStepLine';

const INKS = [
  ['', 'not inked'],
  ['#2b1d33', 'dark'],
  ['#6b4a2b', 'brown'],
  ['#8a1c4f', 'beet'],
  ['#1a5f6b', 'pond'],
  ['#c98a1b', 'amber'],
] as const;

/** What dries, and what can be done meanwhile. */
function Meanwhile({ steps }: { steps: readonly StepNow[] }) {
  const drying = steps.filter(({ is }) => is === 'drying');
  const ready = steps.filter(({ is }) => is === 'ready');
  if (drying.length === 0) return null;
  const longest = Math.max(...drying.map(({ left }) => left));
  return (
    <p role="status">
      Drying: {stepWords(drying.map(({ step }) => step.id))}, for {leftWords(longest)} yet.{' '}
      {ready.length > 0
        ? `Meanwhile: ${stepWords(ready.map(({ step }) => step.id))}.`
        : 'Nothing else can be done until then.'}
    </p>
  );
}

/** What she means to do beyond cutting and glueing. */
function Techniques({ page }: { page: Page }) {
  const { techniques = [], edges = '' } = page.work ?? {};
  const choose = (chosen: readonly string[]): void => {
    void act(chooseTechniques(page.id, techniques, chosen), { isQuiet: true });
  };
  const ink = (colour: string): void => {
    void act(
      changeWork(
        page.id,
        ({ edges: _, ...work }) => (colour === '' ? work : { ...work, edges: colour }),
        'Chose the edges',
      ),
      { isQuiet: true },
    );
  };
  return (
    <section aria-label="Background work">
      <h3>Beyond cutting and glueing</h3>
      <CheckboxGroup aria-label="Background work" value={[...techniques]} onChange={choose}>
        {TECHNIQUES.map((one: Technique) => (
          <Tick key={one} value={one}>
            {STEP_KINDS[one].name}
          </Tick>
        ))}
      </CheckboxGroup>
      {techniques.includes('ink') && <Choice label="Edges inked" options={INKS} value={edges} onChange={ink} />}
    </section>
  );
}

/** A page's steps in the right order, how each stands, its waits, what it needs and what is to be minded. */
export function OrderOfWork({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const now = useNow();
  const steps = useMemo(() => stepsOf(page, bench), [page, bench]);
  const { order, finish, free } = useMemo(() => orderOfWork(steps), [steps]);
  const at = stepsNow(steps, now);
  const done = at.filter(({ step }) => step.isDone);
  const open = order.flatMap(({ step }) => at.find((one) => one.step.id === step.id) ?? []);
  return (
    <Stack $gap={12}>
      <section aria-label="Order of work">
        <h2>Order of work</h2>
        {open.length > 0 && (
          <Soft>
            about {minuteWords(free)} at the desk{finish > free ? `, done and dry after ${minuteWords(finish)}` : ''}
          </Soft>
        )}
        <Meanwhile steps={at} />
        <ol>
          {[...done, ...open].map((one) => (
            <WorkStepLine key={one.step.id} page={page} one={one} now={now} />
          ))}
        </ol>
        <Button look="quiet" onPress={() => void printForDesk(page, bench)}>
          Print it for the desk, with the cuts
        </Button>
      </section>
      <Intentions page={page} />
      {page.finished === null && <Techniques page={page} />}
    </Stack>
  );
}
