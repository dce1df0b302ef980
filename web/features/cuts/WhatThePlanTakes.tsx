import type { PurposedPlan } from '../../../core/page/cutlist';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { PlanFigures } from '../../ui/PlanFigures';
import { Row, Soft } from '../../ui/Screen';

/** How many sheets and cuts a plan takes, and its sheet to print. */
export function WhatThePlanTakes({ plan, onPrint }: { plan: PurposedPlan; onPrint: () => void }) {
  const system = useSettings((s) => s.system);
  return (
    <section aria-label="What the plan takes">
      <h2>What it takes</h2>
      <PlanFigures
        stats={plan.stats}
        sheets={plan.sheets.length}
        punched={plan.sheets.flatMap(({ pieces }) => pieces).filter(({ punched }) => punched).length}
        system={system}
      />
      <Row style={{ paddingTop: 10 }}>
        <Button onPress={onPrint}>Cut sheet to print</Button>
      </Row>
      {plan.stats.optimal && <Soft>No plan opens fewer fresh sheets.</Soft>}
    </section>
  );
}
