import { useEffect } from 'react';
import { useParams } from 'react-router';
import { canBeGlued, pageState } from '../../../core/page/cutlist';
import { designOfPage } from '../../../core/page/design';
import { changePage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { useLaidThings } from '../../parts/laidThings';
import { formatWords, stateWords } from '../../ui/pageWords';
import { Columns, Screen, Stack } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { useKeys } from '../../ui/useKeys';
import { GlueSlip } from './GlueSlip';
import { LayerList } from './LayerList';
import { PageActions } from './PageActions';
import { PageMaking } from './PageMaking';
import { PageMiddle } from './PageMiddle';
import { PageSide } from './PageSide';
import { PageWords } from './PageWords';
import { ToldPage } from './ToldPage';
import { useChosenOn } from './useChosenOn';
import { usePageWork } from './usePageWork';
import { LeadOn } from '../../ui/LeadOn';

/** The page bench: what a page is made of, how it looks, which papers it takes. */
export function PageBench() {
  const { page: id } = useParams();
  const page = useBench((b) => b.pages.get(id ?? ''));
  const change = useSettings((s) => s.change);
  const own = page?.id;
  useEffect(() => {
    if (own !== undefined) change({ pageInHand: own });
  }, [own, change]);
  if (!page) return <LeadOn to="/pages" />;
  return page.isTold ? <ToldPage key={page.id} page={page} /> : <Bench key={page.id} page={page} />;
}

function Bench({ page }: { page: Page }) {
  const goAfter = useGoAfter();
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const state = pageState(page, bench);
  const work = usePageWork(page);
  const laid = useLaidThings(page);
  const { layout } = work;
  // Until it is glued everything of it can be changed.
  const isOpen = page.glued === null;
  const chosen = useChosenOn(state === 'idea' || state === 'planned' ? 'papers' : 'things');
  const [short] = work.short;
  /** To the cuts, with the papers that are proposed. @param only the one line of the cut list that is cut now */
  const toCuts = async (only?: string): Promise<void> => {
    const settled = act(
      changePage(page.id, (now) => ({ papers: { ...work.papers, ...now.papers } }), 'Chose papers'),
      { isQuiet: true },
    );
    await goAfter(
      settled.then((isDone) => (isDone ? `/cuts/${page.id}` : null)),
      only === undefined ? {} : { state: { only } },
    );
  };
  const canCut = layout !== null && short === undefined && (state === 'idea' || state === 'planned');
  useKeys({
    go: () => {
      if (canCut) void toCuts();
    },
  });
  return (
    <Screen
      title={pageName(page)}
      about={`${formatWords(page.format, system)} · ${designOfPage(page).name} · ${stateWords(state)}`}
      actions={<PageActions page={page} state={state} canCut={canCut} onCuts={() => void toCuts()} />}
    >
      <Columns $widths="clamp(204px, 20.6vw, 264px) minmax(0, 1fr) clamp(216px, 22.5vw, 288px)">
        <Stack $gap={14}>
          {state === 'cut' && <GlueSlip page={page} isWhole />}
          {isOpen && <PageMaking page={page} work={work} />}
          {state !== 'cut' && canBeGlued(page, bench) && <GlueSlip page={page} isWhole={false} />}
          {layout && !isOpen && (
            <LayerList layout={layout} papers={work.papers} chosen={chosen.layer} onChoose={chosen.chooseLayer} />
          )}
          <PageWords page={page} layout={layout} />
        </Stack>
        <PageMiddle page={page} work={work} laid={laid} chosen={chosen} />
        <PageSide page={page} work={work} laid={laid} chosen={chosen} onCut={(only) => void toCuts(only)} />
      </Columns>
    </Screen>
  );
}
