import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import styled from 'styled-components';
import { cutSteps, isMade } from '../../../core/cutlist';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { stateWords } from '../../ui/pageWords';
import { Empty, Screen, Soft } from '../../ui/Screen';
import { AllCut } from './AllCut';
import { CutBench } from './CutBench';
import { PlanBench } from './PlanBench';

/** Cuts: the plan for the page in hand, then one cut at a time. */
export function CutsScreen() {
  const { page: id } = useParams();
  const pageInHand = useSettings((s) => s.pageInHand);
  const pages = useBench((b) => b.pages);
  const ledger = useBench((b) => b.ledger);
  const page = pages.get(id ?? pageInHand ?? '');
  const steps = useMemo(() => {
    const all = page?.plan ? cutSteps(page.plan, ledger) : [];
    return [...all.filter((step) => isMade(step, ledger)), ...all.filter((step) => !isMade(step, ledger))];
  }, [page, ledger]);
  const toCut = [...pages.values()].filter(({ state }) => state === 'idea' || state === 'planned');
  if (!page || ((page.state === 'glued' || page.state === 'done') && id === undefined)) {
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
            {toCut.map((p) => (
              <li key={p.id}>
                <Link to={`/cuts/${p.id}`}>{pageName(p)}</Link> <Soft>{stateWords(p.state)}</Soft>
              </li>
            ))}
          </List>
        )}
      </Screen>
    );
  }
  if (page.state === 'idea') return <PlanBench key={page.id} page={page} />;
  const next = steps.findIndex((step) => !isMade(step, ledger));
  return next < 0 || page.state !== 'planned' ? (
    <AllCut page={page} />
  ) : (
    <CutBench page={page} steps={steps} at={next} />
  );
}

const List = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 10px;
  font-size: 18px;
`;
