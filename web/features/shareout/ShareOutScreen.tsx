import { useMemo, useState } from 'react';
import { CheckboxGroup, Label } from 'react-aria-components';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { forPage, purposeOf, sharedPapers } from '../../../core/page';
import { useBench } from '../../data/benchStore';
import { choosePapersFor, pageName } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/lotWords';
import { PlanFigures } from '../../ui/PlanFigures';
import { PlanSheet, WastePattern } from '../../ui/PlanSheet';
import { Columns, Empty, Row, Screen, Soft, Stack, Wrong } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';
import { SharedPageFigure } from './SharedPageFigure';
import { useShareOut } from './useShareOut';

const SCALE = 13;

/** Share-out: how many of the pages that wait can be made of these kits, and which sheet gives what to which. */
export function ShareOutScreen() {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const go = useNavigate();
  const open = useMemo(() => [...bench.pages.values()].filter(({ state, photos }) => state === 'idea' && photos.length > 0), [bench.pages]);
  const kits = useMemo(() => [...bench.kits.values()].sort((a, b) => b.month.localeCompare(a.month)), [bench.kits]);
  const [chosenKits, setKits] = useState<readonly string[]>(() => kits.map(({ id }) => id));
  const [left, setLeft] = useState<readonly string[]>([]);
  const pages = useMemo(() => open.filter(({ id }) => !left.includes(id)), [open, left]);
  const kitSet = useMemo(() => new Set(chosenKits), [chosenKits]);
  const { pages: laid, plan, done, trouble, stop } = useShareOut(pages, kitSet);
  const complete = laid.filter(({ page }) => plan?.pages.some(({ id, complete: isMade }) => id === page.id && isMade)).map(({ page }) => page);
  const take = async (): Promise<void> => {
    if (!plan || complete.length === 0) return;
    await choosePapersFor(complete.map((page) => ({ page, papers: sharedPapers(plan, page.id)! })));
    await go(`/cuts/${complete[0]!.id}`, { state: { others: complete.slice(1).map(({ id }) => id) } });
  };
  useKeys({ Enter: () => { void take(); } });
  const nameOf = (wanted: string): string => {
    const { page, slot } = purposeOf(wanted);
    const own = laid.find((one) => one.page.id === page);
    return `${own?.layout.slots.find(({ id }) => id === slot)?.name ?? own?.page.more?.find(({ id }) => slot === `more-${id}`)?.name ?? slot} · ${own ? pageName(own.page) : ''}`;
  };

  if (open.length === 0) {
    return (
      <Screen title="Share-out">
        <Empty><h2>No page waits for papers</h2><p>Begin a few in <Link to="/pages">Pages</Link>: pick their photos and a design each. Here you then see how many of them a kit will make, and which sheet gives what to which.</p></Empty>
      </Screen>
    );
  }
  return (
    <Screen
      title="Share-out" about={plan ? `${plan.stats.complete} of ${laid.length} ${laid.length === 1 ? 'page' : 'pages'} can be made` : undefined}
      actions={<Button look="main" hint="⏎" isDisabled={complete.length === 0} onPress={() => { void take(); }}>To the cuts, together</Button>}
    >
      <WastePattern />
      <Columns $widths="clamp(214px, 18vw, 230px) minmax(0, 1fr) clamp(184px, 17vw, 216px)">
        <Stack $gap={18}>
          <Group value={[...chosenKits]} onChange={setKits}><Label>From</Label>{kits.map((kit) => <Tick key={kit.id} value={kit.id}>{`${kit.name}, ${monthWords(kit.month)}`}</Tick>)}</Group>
          <Group value={pages.map(({ id }) => id)} onChange={(ids) => setLeft(open.filter(({ id }) => !ids.includes(id)).map(({ id }) => id))}><Label>For</Label>{open.map((page) => <Tick key={page.id} value={page.id}>{pageName(page)}</Tick>)}</Group>
          {done !== null && <Working done={done} onStop={stop} stopWords="Stop, it is good enough">{plan ? 'A share-out is there; looking for a better one …' : 'Sharing out …'}</Working>}
          {trouble !== null && <Wrong role="alert">The share-out broke off: {trouble}. Nothing was changed.</Wrong>}
          {plan && (
            <section aria-label="What it takes">
              <h2>What it takes</h2>
              <PlanFigures stats={plan.stats} sheets={plan.sheets.length} system={system} />
              <Soft>{plan.stats.complete < laid.length && plan.stats.worth >= plan.stats.bound.worth ? 'No share-out makes more pages of this.' : plan.stats.complete < laid.length ? `At most ${Math.floor(plan.stats.bound.worth)} could be made, by area.` : plan.stats.optimal ? 'No share-out opens fewer fresh sheets.' : ''}</Soft>
            </section>
          )}
        </Stack>
        <Stack $gap={14}>
          <h2>Papers, as they are divided</h2>
          <Row $gap={18} style={{ alignItems: 'flex-start' }}>
            {plan?.sheets.map((sheet) => {
              const piece = bench.ledger.pieces.get(sheet.stock);
              const lot = piece && bench.lots.get(piece.lot);
              const isBack = sheet.pieces.filter(({ face }) => face === 'back').length > sheet.pieces.length / 2;
              return piece && lot && (
                <figure key={sheet.stock} style={{ margin: 0, maxWidth: 172 }}>
                  <PlanSheet sheet={{ ...sheet, pieces: sheet.pieces.map(({ page, slot, ...rest }) => ({ ...rest, id: forPage(page, slot) })) }} piece={piece} face={isBack ? lot.back : lot.front} scale={SCALE} system={system} nameOf={nameOf} />
                  <figcaption><strong>{lot.name}</strong><br /><Soft>{piece.from === null ? 'a whole sheet' : 'a leftover'} · {bench.kits.get(lot.kit)?.name}</Soft></figcaption>
                </figure>
              );
            })}
          </Row>
          {plan && plan.sheets.length === 0 && <Soft>Nothing is cut: no page can be made whole of what is ticked.</Soft>}
        </Stack>
        <Stack $gap={14}>
          <h2>Pages, as they will look</h2>
          {laid.map(({ page, layout }) => <SharedPageFigure key={page.id} page={page} layout={layout} plan={plan} />)}
        </Stack>
      </Columns>
    </Screen>
  );
}

const Group = styled(CheckboxGroup)`display: flex; flex-direction: column; gap: 4px; font-size: 15px; .react-aria-Label { font-weight: 650; font-size: 16px; }`;
