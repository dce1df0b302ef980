import { formatArea } from '../../../core/ground/length';
import { leftAfter, type ShareJob, type SharePlan } from '../../../core/kit/shareout';
import { useSettings } from '../../data/settings';
import { PlanFigures } from '../../ui/PlanFigures';
import { Soft } from '../../ui/Screen';
import { AimedAt } from './AimedAt';
import { boundWords } from './boundWords';
import { oneOrMore } from '../../words/countWords';

/** A share-out in figures: what is opened, how far it is proved, and what is left after all of its pages. */
export function WhatItTakes({
  plan,
  job,
  pages,
}: {
  plan: SharePlan;
  job: ShareJob;
  /** How many were to be made. */ pages: number;
}) {
  const system = useSettings((s) => s.system);
  const left = leftAfter(plan, job.stock);
  return (
    <section aria-label="What it takes">
      <h2>What it takes</h2>
      <PlanFigures stats={plan.stats} sheets={plan.sheets.length} system={system} />
      <Soft>{boundWords(plan, pages)}</Soft>
      <p>
        Left after all of them: {formatArea(left.area, system)}: {oneOrMore(left.wholeSheets, 'whole sheet')},{' '}
        {oneOrMore(left.leftovers, 'leftover')}, the largest {formatArea(left.largest, system)}.
      </p>
      <AimedAt plan={plan} />
    </section>
  );
}
