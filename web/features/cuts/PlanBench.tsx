import { Link } from 'react-router';
import type { Page } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Columns, Screen, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Tick } from '../../ui/Tick';
import { Working } from '../../ui/Working';
import { CutListSection } from './CutListSection';
import { SettledWishes } from './SettledWishes';
import { WastePattern } from '../../ui/PlanSheet';
import { Together } from './Together';
import { TooFew } from './TooFew';
import { useCutPlan, type CutPlanning } from './useCutPlan';
import { WaysToCut } from './WaysToCut';
import { PlannedSheets } from './PlannedSheets';
import { printCutSheet } from './printCutSheet';
import { WhatThePlanTakes } from './WhatThePlanTakes';
import { pageName } from '../../data/didWords';

/** What is to be cut, with what, and how the search goes on. */
function Wanted({ page, planning }: { page: Page; planning: CutPlanning }) {
  const { bench, wishes, wish, list, stock, punches, plan, done, trouble, stop, again, nameOf } = planning;
  const { system, isPunching, cutOrder, change } = useSettings();
  return (
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
        <WhatThePlanTakes
          plan={plan}
          onPrint={() => void printCutSheet(bench, { page, plan, list, nameOf, order: cutOrder, system })}
        />
      )}
    </Stack>
  );
}

/** The cut list planned onto what is there: every sheet that is opened, drawn, with what comes of it. */
export function PlanBench({ page, onPlanned }: { page: Page; onPlanned: () => void }) {
  const system = useSettings((s) => s.system);
  const planning = useCutPlan(page, onPlanned);
  const { wishes, wish, list, free, plans, plan, prefer, setPrefer, canTake, accept, nameOf } = planning;
  useKeys({ go: accept });
  return (
    <Screen
      title="Cuts"
      about={
        <>
          for <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
        </>
      }
      actions={
        <Button look="main" hint="⏎" isDisabled={!canTake} onPress={accept}>
          Take these papers out
        </Button>
      }
    >
      <WastePattern />
      <Columns $widths="260px 1fr">
        <Wanted page={page} planning={planning} />
        <Stack $gap={14}>
          {plan && (
            <TooFew
              plan={plan}
              list={list}
              stock={free}
              page={page}
              nameOf={nameOf}
              onJoin={(strip) => wish(({ joined }) => ({ joined: [...joined, strip] }))}
            />
          )}
          <WaysToCut plans={plans} chosen={prefer} onChoose={setPrefer} system={system} />
          <PlannedSheets plan={plan} wishes={wishes} onWish={wish} nameOf={nameOf} />
          {plan && <Soft>Beet lines: pieces for the page. Dashed: goes back to the stash. Hatched: waste.</Soft>}
        </Stack>
      </Columns>
    </Screen>
  );
}
