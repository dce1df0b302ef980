import { addMonths, format } from 'date-fns';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { overMonth, type Proposal, type Sources } from '../../../core/kit/busting';
import { designOf } from '../../../core/page/design';
import { toInches } from '../../../core/ground/length';
import { beginFurnished, furnishTogether, type Begun, type Laying } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { today } from '../../data/today';
import { PageFigure } from '../../parts/PageFigure';
import { useProposals } from '../../parts/useProposals';
import { asDrawn, begunFrom, mayTakeFrom } from '../../parts/useProposedPage';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { agreeing, countWords } from '../../words/countWords';
import { monthWords } from '../../ui/dayWords';
import { minuteWords } from '../../ui/minuteWords';
import { Row, Soft, Stack } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { useBusterChoices } from './busterChoices';
import { MeantPages } from './MeantPages';
import { MonthAims } from './MonthAims';
import { weekdayWords } from './monthCalendar';
import { useBusting } from './useBusting';

const AHEAD = 6;
const COUNTS = Array.from({ length: 12 }, (_, n) => [String(n + 1), countWords(n + 1, 'page')] as const);
const SIDE = 150;

/** The first day of a month that pages may fall on: of this month, today. */
const firstDay = (month: string): number => (today().startsWith(month) ? Number(today().slice(8)) : 1);

/** A month's plan: so many pages that can all be made, spread over it evenly; and what is planned already. */
export function MonthPlan() {
  const { lead, sources } = useBusting();
  const { month: said, pages: count, change } = useBusterChoices();
  const months = useMemo(
    () => Array.from({ length: AHEAD }, (_, n) => format(addMonths(new Date(), n), 'yyyy-MM')),
    [],
  );
  const month = months.includes(said) ? said : (months[1] ?? '');
  const [isBegun, setBegun] = useState(false);
  return (
    <Stack $gap={16}>
      <Row $gap={16} style={{ alignItems: 'flex-end' }}>
        <Choice
          label="For"
          options={months.map((one) => [one, monthWords(one)] as const)}
          value={month}
          onChange={(to) => change({ month: to })}
        />
        <Choice
          label="So many"
          options={COUNTS}
          value={String(count)}
          onChange={(to) => change({ pages: Number(to) })}
        />
        {isBegun && <Button onPress={() => setBegun(false)}>Plan more</Button>}
      </Row>
      {!isBegun && <Planned lead={lead} sources={sources} count={count} month={month} onBegun={() => setBegun(true)} />}
      <MeantPages />
      <MonthAims />
    </Stack>
  );
}

interface PlannedProps extends ReturnType<typeof useBusting> {
  count: number;
  month: string;
  onBegun: () => void;
}

/** A page of the plan: what it is begun with, and what lies on it. */
interface PlannedPage {
  readonly proposal: Proposal;
  readonly begun: Begun & { readonly meantFor: string };
  readonly things: readonly Laying[];
}

/** Proposals with their things, titles and days: none takes what another has. */
function usePlanned(proposals: readonly Proposal[], month: string, sources: Sources): readonly PlannedPage[] {
  const bench = useBench((b) => b);
  const mat = useSettings((s) => s.mat);
  return useMemo(() => {
    const furnished = furnishTogether(proposals, bench, { mat, mayTake: mayTakeFrom(sources, bench.kits) });
    const days = overMonth(proposals.length, month, firstDay(month));
    return proposals.flatMap((proposal, i): PlannedPage[] => {
      const [on, meantFor] = [furnished[i], days[i]];
      if (!on || meantFor === undefined) return [];
      const story = bench.stories.get(bench.photos.get(proposal.photos[0]?.photo ?? '')?.story ?? '');
      return [{ proposal, things: on.things, begun: { ...begunFrom(proposal, on, mat, story), meantFor } }];
    });
  }, [proposals, bench, mat, month, sources]);
}

function Planned({ lead, sources, count, month, onBegun }: PlannedProps) {
  const { proposals, done, trouble, again, stop } = useProposals({ lead, sources, together: count });
  const pages = usePlanned(proposals, month, sources);
  const begin = (): void =>
    void act(
      beginFurnished(
        pages.map(({ begun, things }) => ({ ...begun, id: nanoid(8), things })),
        monthWords(month),
      ),
    ).then((isDone) => {
      if (isDone) onBegun();
    });
  return (
    <section aria-label="The plan">
      {done !== null && (
        <Working done={done} onStop={stop}>
          Looking for pages that can all be made
        </Working>
      )}
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      {done === null && trouble === null && pages.length < count && (
        <Soft role="status">
          {pages.length === 0
            ? 'From what is left no page can be made so.'
            : `Only ${countWords(pages.length, 'page')} can be made beside each other from what is left.`}
        </Soft>
      )}
      <Days>
        {pages.map((one) => (
          <OnDay key={one.proposal.id} {...one} />
        ))}
      </Days>
      {pages.length > 0 && (
        <Row>
          <Button look="main" isDisabled={done !== null} onPress={begin}>
            Begin {agreeing(pages.length, 'this page', `these ${pages.length} pages`)}
          </Button>
          <Soft>each from other pieces, with other photos, things and letters</Soft>
        </Row>
      )}
      {proposals.some(isFromMiddles) && (
        <Soft>
          What another page hides is cut out before that is glued: once they are begun, Share-out cuts them together.
        </Soft>
      )}
    </section>
  );
}

const isFromMiddles = ({ why }: Proposal): boolean => why.some(({ kind }) => kind === 'middles');

function OnDay({ proposal, begun, things }: PlannedPage) {
  const page = asDrawn(begun, { things });
  const { w, h, spread } = page.format;
  return (
    <li>
      <strong>{weekdayWords(begun.meantFor)}</strong>
      <PageFigure page={page} scale={SIDE / toInches(Math.max(w * (spread ? 2 : 1), h))} />
      <span>{pageName(page)}</span>
      <Soft>
        {designOf(proposal.design)?.name} · {minuteWords(proposal.minutes)}
        {isFromMiddles(proposal) && ' · from what another hides'}
      </Soft>
    </li>
  );
}

const Days = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 18px 26px;
  align-items: flex-end;
  padding: 8px 4px 14px;
  li {
    display: flex;
    flex-direction: column;
    gap: 4px;
    max-width: 190px;
  }
`;
