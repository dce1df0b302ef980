import { useEffect, useMemo, useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import styled from 'styled-components';
import { cutSteps, isMade, isToCut, pagesOf, pageState, type CutOrder, type Step } from '../../../core/page/cutlist';
import type { Bench } from '../../../core/stock/bench';
import type { Page, PlanSheet } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { stateWords } from '../../ui/pageWords';
import { Empty, Screen, Soft } from '../../ui/Screen';
import { AllCut } from './AllCut';
import { CutBench } from './CutBench';
import { PlanBench } from './PlanBench';

/** The sheets that are cut with a page's, and all their cuts: those made first. */
function useCutting(
  page: Page | undefined,
  bench: Bench,
  order: CutOrder,
): { sheets: readonly PlanSheet[]; steps: readonly Step[] } {
  return useMemo(() => {
    const { ledger, plans } = bench;
    // Pages that are cut together are cut to their end together, whichever of them has all its pieces first.
    const own = page ? [...plans.values()].filter((plan) => pagesOf(plan).includes(page.id)) : [];
    const isOpen = own.some((plan) => plan.sheets.some((sheet) => sheet.pieces.some((p) => isToCut(sheet, p, ledger))));
    const sheets = isOpen ? own.flatMap((plan) => plan.sheets) : [];
    const all = cutSteps(sheets, ledger, order, page ? [page.id] : []);
    return {
      sheets,
      steps: [...all.filter((step) => isMade(step, ledger)), ...all.filter((step) => !isMade(step, ledger))],
    };
  }, [page, bench, order]);
}

/** Pages that wait for their papers or cuts, to choose from. */
function ToCut() {
  const bench = useBench((b) => b);
  const toCut = [...bench.pages.values()]
    .map((page) => ({ page, state: pageState(page, bench) }))
    .filter(({ state }) => state === 'idea' || state === 'planned');
  return (
    <Screen title="Cuts">
      {toCut.length === 0 ? (
        <Empty>
          <h2>Nothing waits to be cut</h2>
          <p>
            Begin a page in <Link to="/pages">Pages</Link>; its cut list is planned here, smallest leftover first.
          </p>
        </Empty>
      ) : (
        <List>
          {toCut.map(({ page, state }) => (
            <li key={page.id}>
              <Link to={`/cuts/${page.id}`}>{pageName(page)}</Link> <Soft>{stateWords(state)}</Soft>
            </li>
          ))}
        </List>
      )}
    </Screen>
  );
}

/** Cuts: the plan for the page in hand, then one cut at a time. */
export function CutsScreen() {
  const { page: id } = useParams();
  const { pageInHand, cutOrder, change } = useSettings();
  const bench = useBench((b) => b);
  const page = bench.pages.get(id ?? pageInHand ?? '');
  const { sheets, steps } = useCutting(page, bench, cutOrder);
  /** What is missing is planned while other cuts wait. */
  const only = (useLocation().state as { only?: string } | null)?.only;
  const [plansMore, setPlansMore] = useState(only !== undefined);
  const own = page?.id;
  // What lies on the bench is for the page that is cut.
  useEffect(() => {
    if (own !== undefined) change({ pageInHand: own });
  }, [own, change]);
  const state = page && pageState(page, bench);
  if (!page || ((state === 'glued' || state === 'done') && id === undefined)) return <ToCut />;
  if (state === 'idea' || plansMore)
    return <PlanBench key={page.id} page={page} onPlanned={() => setPlansMore(false)} />;
  const next = steps.findIndex((step) => !isMade(step, bench.ledger));
  if (next < 0 || state === 'glued' || state === 'done') return <AllCut page={page} />;
  return (
    <CutBench
      page={page}
      sheets={sheets}
      steps={steps}
      at={next}
      others={pagesOf({ sheets }).filter((other) => other !== page.id)}
      onPlanMore={() => setPlansMore(true)}
    />
  );
}

const List = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 10px;
  font-size: 18px;
`;
