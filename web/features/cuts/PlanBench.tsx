import { useMemo, useState } from 'react';
import { Link, useLocation } from 'react-router';
import { formatSize } from '../../../core/length';
import { sheetSvg, type Preference } from '../../../core/cutting';
import { cutSteps, pageState, type PurposedPlan } from '../../../core/cutlist';
import type { Page, PlanSheet } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { PlanFigures } from '../../ui/PlanFigures';
import { Columns, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Tick } from '../../ui/Tick';
import { Working } from '../../ui/Working';
import { CutListSection } from './CutListSection';
import { outlinesOf } from './outlinesOf';
import { PlannedFigure } from './PlannedFigure';
import { SettledWishes } from './SettledWishes';
import { WastePattern } from '../../ui/PlanSheet';
import { Together } from './Together';
import { TooFew } from './TooFew';
import { usePieceName } from '../../parts/pieceName';
import { NO_WISHES, usePlan, type Wishes } from './usePlan';
import { WaysToCut } from './WaysToCut';
import { acceptPlan } from '../../../core/making';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';

/** The cut list planned onto what is there: every sheet that is opened, drawn, with what comes of it. */
export function PlanBench({ page, onPlanned }: { page: Page; onPlanned: () => void }) {
  const bench = useBench((b) => b);
  const { ledger, lots, pages } = bench;
  const { system, isPunching, cutOrder, change } = useSettings();
  const { others: shared, only } = (useLocation().state ?? {}) as { others?: readonly string[]; only?: string };
  const [wishes, setWishes] = useState<Wishes>({
    ...NO_WISHES,
    only: only ?? null,
    others: (shared ?? []).filter((id) => {
      const other = pages.get(id);
      return other !== undefined && id !== page.id && pageState(other, bench) === 'idea';
    }),
  });
  const wish = (some: (now: Wishes) => Partial<Wishes>): void => setWishes((now) => ({ ...now, ...some(now) }));
  const [prefer, setPrefer] = useState<Preference>('fresh');
  const together = useMemo(
    () => [page, ...wishes.others.flatMap((id) => pages.get(id) ?? [])],
    [page, pages, wishes.others],
  );
  const { list, stock, punches, plans, done, trouble, stop, again } = usePlan(together, wishes);
  const plan = plans.get(prefer) ?? plans.get('fresh') ?? null;
  const nameOf = usePieceName(together.length > 1);
  const isWhole = plan !== null && plan.notCut.length === 0 && list.length > 0;
  const accept = (): void => {
    if (!plan || !isWhole) return;
    const pagesOf = together.map(({ id }) => id);
    void act(acceptPlan(pagesOf, plan.sheets)).then((done) => {
      if (done) onPlanned();
    });
  };
  useKeys({ go: accept });
  const settled = new Set([
    ...wishes.forbidden,
    ...[...wishes.locked, ...wishes.joined.flatMap(({ sheets }) => sheets)].map(({ stock: id }) => id),
  ]);
  const joinedOf = (sheet: PlanSheet) => wishes.joined.find(({ sheets }) => sheets.includes(sheet));
  const print = async (shown: PurposedPlan): Promise<void> => {
    const { cutSheetPdf } = await import('../../parts/cutSheetPdf');
    const steps = cutSteps(shown.sheets, ledger, cutOrder, [page.id]);
    const sheets = shown.sheets.flatMap((sheet) => {
      const piece = ledger.pieces.get(sheet.stock);
      return piece
        ? [
            {
              name: lots.get(piece.lot)?.name ?? '',
              size: piece,
              sheet,
              steps: steps.filter((step) => step.sheet === sheet.stock),
            },
          ]
        : [];
    });
    const words = list.map((piece) => `${piece.count} × ${formatSize(piece, system)}  ${nameOf(piece, true)}`);
    const bytes = await cutSheetPdf({ title: pageName(page), system, list: words, sheets, nameOf });
    keepFile(`cut-sheet-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
  };

  return (
    <Screen
      title="Cuts"
      about={
        <>
          for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
        </>
      }
      actions={
        <Button look="main" hint="⏎" isDisabled={!isWhole} onPress={accept}>
          Take these papers out
        </Button>
      }
    >
      <WastePattern />
      <Columns $widths="260px 1fr">
        <Stack $gap={14}>
          {list.length === 0 && (
            <Soft>
              Nothing to cut yet: pick the photos in <Link to={`/pages/${page.id}`}>Pages</Link>.
            </Soft>
          )}
          <CutListSection
            list={list}
            stock={stock}
            only={wishes.only}
            onOnly={(line) => wish(() => ({ only: line }))}
            pins={wishes.pins}
            onPins={(pins) => wish(() => ({ pins }))}
            nameOf={nameOf}
          />
          {punches.size > 0 && (
            <Tick isSelected={isPunching} onChange={(punch) => change({ isPunching: punch })}>
              Punch what your punches make
            </Tick>
          )}
          <Together page={page} others={wishes.others} onChange={(others) => wish(() => ({ others }))} />
          {done !== null && (
            <Working done={done} onStop={stop} stopWords="Stop, it is good enough">
              {plan ? 'A plan is there; looking for a better one …' : 'Planning …'}
            </Working>
          )}
          <SettledWishes wishes={wishes} onWish={wish} nameOf={nameOf} />
          {trouble !== null && <BrokenOff what="The plan" why={trouble} onAgain={again} />}
          {plan && (
            <section aria-label="What the plan takes">
              <h2>What it takes</h2>
              <PlanFigures
                stats={plan.stats}
                sheets={plan.sheets.length}
                punched={plan.sheets.flatMap(({ pieces }) => pieces).filter(({ punched }) => punched).length}
                system={system}
              />
              <Row style={{ paddingTop: 10 }}>
                <Button
                  onPress={() => {
                    void print(plan);
                  }}
                >
                  Cut sheet to print
                </Button>
              </Row>
              {plan.stats.optimal && <Soft>No plan opens fewer fresh sheets.</Soft>}
            </section>
          )}
        </Stack>
        <Stack $gap={14}>
          {plan && (
            <TooFew
              plan={plan}
              list={list}
              stock={stock.filter(({ id }) => !settled.has(id))}
              page={page}
              nameOf={nameOf}
              onJoin={(strip) => wish(({ joined }) => ({ joined: [...joined, strip] }))}
            />
          )}
          <WaysToCut plans={plans} chosen={plans.has(prefer) ? prefer : 'fresh'} onChoose={setPrefer} system={system} />
          <Row $gap={22} style={{ alignItems: 'flex-start' }}>
            {plan?.sheets.map((sheet) => {
              const piece = ledger.pieces.get(sheet.stock);
              const lot = piece && lots.get(piece.lot);
              return (
                piece &&
                lot && (
                  <PlannedFigure
                    key={sheet.stock}
                    sheet={sheet}
                    piece={piece}
                    lot={lot}
                    nameOf={nameOf}
                    isLocked={wishes.locked.includes(sheet) || joinedOf(sheet) !== undefined}
                    onLock={(lock) =>
                      wish(({ locked, joined }) => ({
                        locked: lock ? [...locked, sheet] : locked.filter((other) => other !== sheet),
                        joined: joined.filter((strip) => strip !== joinedOf(sheet)),
                      }))
                    }
                    onSvg={() =>
                      keepFile(
                        `${lot.name.replaceAll(/[^\w-]+/g, '-')}.svg`,
                        sheetSvg(sheet, piece, {
                          missing: piece.missing,
                          outlines: (wanted) => outlinesOf(wanted, pages),
                        }),
                        'image/svg+xml',
                      )
                    }
                    onForbid={() =>
                      wish(({ forbidden, locked, joined }) => ({
                        forbidden: [...forbidden, sheet.stock],
                        locked: locked.filter((other) => other !== sheet),
                        joined: joined.filter((strip) => strip !== joinedOf(sheet)),
                      }))
                    }
                  />
                )
              );
            })}
          </Row>
          {plan && <Soft>Beet lines: pieces for the page. Dashed: goes back to the stash. Hatched: waste.</Soft>}
        </Stack>
      </Columns>
    </Screen>
  );
}
