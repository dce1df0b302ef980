import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { formatArea, formatSize } from '../../../core/length';
import type { CutPlan, Preference } from '../../../core/cutting';
import { cutSteps, designOf, pinsOf } from '../../../core/page';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { acceptPlan, pageName } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { Columns, Row, Screen, Soft, Stack, Wrong } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';
import { PlannedFigure } from './PlannedFigure';
import { WastePattern } from './PlanSheet';
import { usePlan, type Wishes } from './usePlan';
import { WaysToCut } from './WaysToCut';

/** The cut list planned onto what is there: every sheet that is opened, drawn, with what comes of it. */
export function PlanBench({ page }: { page: Page }) {
  const { ledger, lots } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const [wishes, setWishes] = useState<Wishes>({ forbidden: [], pins: [] });
  const [prefer, setPrefer] = useState<Preference>('fresh');
  const { list, plans, done, trouble, stop } = usePlan(page, wishes);
  const plan = plans.get(prefer) ?? plans.get('fresh') ?? null;
  const design = designOf(page.design)!;
  const nameOf = (wanted: string): string => design.slots.find(({ id }) => id === wanted.slice(0, wanted.lastIndexOf(':')))?.name ?? wanted;
  const isWhole = plan !== null && plan.notCut.length === 0 && list.length > 0;
  const accept = (): void => { if (plan && isWhole) void acceptPlan(page, plan, ledger); };
  useKeys({ Enter: accept });
  const print = async (shown: CutPlan): Promise<void> => {
    const { cutSheetPdf } = await import('./cutSheetPdf');
    const steps = cutSteps(shown, ledger);
    const sheets = shown.sheets.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      return piece ? [{ name: lots.get(piece.lot)?.name ?? '', size: piece, sheet, steps: steps.filter((step) => step.sheet === sheet.stock) }] : [];
    });
    const words = list.map((piece) => `${piece.count} × ${formatSize(piece, system)}  ${nameOf(piece.id).toLowerCase()}`);
    const bytes = await cutSheetPdf({ title: pageName(page), system, list: words, sheets, nameOf });
    keepFile(`cut-sheet-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
  };
  const missing = new Map<string, { n: number; why: string }>();
  plan?.notCut.forEach(({ id, why }) => missing.set(id, { n: (missing.get(id)?.n ?? 0) + 1, why }));

  return (
    <Screen
      title="Cuts" about={<>for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link></>}
      actions={<Button look="main" hint="⏎" isDisabled={!isWhole} onPress={accept}>Take these papers out</Button>}
    >
      <WastePattern />
      <Columns $widths="260px 1fr">
        <Stack $gap={14}>
          <section>
            <h2>Cut list</h2>
            {list.length === 0 && <Soft>Nothing to cut yet: pick the photos in <Link to={`/pages/${page.id}`}>Pages</Link>.</Soft>}
            <List>{list.map((piece) => <li key={piece.id}><span>{nameOf(piece.id)}</span><span className="measure">{piece.count} × {formatSize(piece, system)}</span></li>)}</List>
          </section>
          {done !== null && <Working done={done} onStop={stop} stopWords="Stop, it is good enough">{plan ? 'A plan is there; looking for a better one …' : 'Planning …'}</Working>}
          {wishes.forbidden.length > 0 && (
            <section aria-label="Not from these">
              <h2>Not from these</h2>
              <List>{wishes.forbidden.map((id) => <li key={id}><span>{lots.get(ledger.pieces.get(id)?.lot ?? '')?.name}</span><Button look="quiet" onPress={() => setWishes(({ forbidden, pins }) => ({ pins, forbidden: forbidden.filter((other) => other !== id) }))}>allow it again</Button></li>)}</List>
            </section>
          )}
          {trouble !== null && <Wrong role="alert">The plan broke off: {trouble}. Nothing was changed.</Wrong>}
          {plan && (
            <section aria-label="What the plan takes">
              <h2>What it takes</h2>
              <List>
                <li><span>fresh sheets opened</span><strong>{plan.stats.fresh}</strong></li>
                <li><span>leftovers used</span><strong>{plan.sheets.length - plan.stats.fresh}</strong></li>
                <li><span>trimmer cuts</span><strong>{plan.stats.cuts}</strong></li>
                <li><span>onto the page</span><strong>{formatArea(plan.stats.pieceArea, system)}</strong></li>
                <li><span>back to the stash</span><strong>{formatArea(plan.stats.nubbinArea, system)}</strong></li>
                <li><span>waste</span><strong>{formatArea(plan.stats.wasteArea, system)}</strong></li>
              </List>
              <Row style={{ paddingTop: 10 }}><Button onPress={() => { void print(plan); }}>Cut sheet to print</Button></Row>
              {plan.stats.optimal && <Soft>No plan opens fewer fresh sheets.</Soft>}
            </section>
          )}
        </Stack>
        <Stack $gap={14}>
          {missing.size > 0 && (
            <Wrong role="alert" as="div">
              <strong>The papers are too few for this page.</strong>
              {[...missing].map(([id, { n, why }]) => { const piece = list.find((p) => p.id === id)!; return <p key={id}>{n} × {formatSize(piece, system)} for the {nameOf(id).toLowerCase()}: {why}.</p>; })}
              <p>Choose another paper or a smaller page in <Link to={`/pages/${page.id}`}>Pages</Link>, or unpack more paper in <Link to="/parcels">Parcels</Link>.</p>
            </Wrong>
          )}
          <WaysToCut plans={plans} chosen={plans.has(prefer) ? prefer : 'fresh'} onChoose={setPrefer} system={system} />
          <Row $gap={22} style={{ alignItems: 'flex-start' }}>
            {plan?.sheets.map((sheet) => {
              const piece = ledger.pieces.get(sheet.stock);
              const lot = piece && lots.get(piece.lot);
              return piece && lot && (
                <PlannedFigure
                  key={sheet.stock} sheet={sheet} piece={piece} lot={lot} nameOf={nameOf} isKept={wishes.pins.some(({ stock }) => stock === sheet.stock)}
                  onKeep={(keep) => setWishes(({ forbidden, pins }) => ({ forbidden, pins: keep ? [...pins, ...pinsOf(sheet)] : pins.filter(({ stock }) => stock !== sheet.stock) }))}
                  onForbid={() => setWishes(({ forbidden, pins }) => ({ forbidden: [...forbidden, sheet.stock], pins: pins.filter(({ stock }) => stock !== sheet.stock) }))}
                />
              );
            })}
          </Row>
          {plan && <Soft>Beet lines: pieces for the page. Dashed: goes back to the stash. Hatched: waste.</Soft>}
        </Stack>
      </Columns>
    </Screen>
  );
}

const List = styled.ul`li { display: flex; justify-content: space-between; gap: 12px; padding: 4px 0; border-bottom: 1px solid ${({ theme }) => theme.line}; }`;
