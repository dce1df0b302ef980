// An independent checker: it shares no code with the share-out, only the shapes of job and plan.
import { replay } from '../../../trimmer/cutting/test/replay';
import { trimmerOf, type CutJob, type CutPlan } from '../../../trimmer/cutting';
import type { ShareJob, SharePlan } from '../types';

const PLAIN = '(plain)';

/**
 * Checks a share-out: its cuts by replay, then that every complete page has all its pieces, of one design a slot, by
 * its rules.
 */
export function replayShare(job: ShareJob, plan: SharePlan): string[] {
  const wrong: string[] = [];
  const expect = (fine: boolean, what: string): void => {
    if (!fine) wrong.push(what);
  };
  const stock = job.stock.map((s) => (s.front === null && s.back === null ? { ...s, front: PLAIN } : s));
  const designs = new Map<string, string | null>();
  expect(
    plan.pages.length === job.pages.length && plan.pages.every(({ id }, i) => id === job.pages[i]!.id),
    'not every page is listed once',
  );
  for (const page of plan.pages)
    if (page.complete) for (const { id, design } of page.slots) designs.set(JSON.stringify([page.id, id]), design);

  const complete = job.pages.filter((_, i) => plan.pages[i]!.complete);
  const pieces: CutJob['pieces'] = complete.flatMap((page) =>
    page.slots.map((slot) => {
      const key = JSON.stringify([page.id, slot.id]);
      expect(designs.has(key), `${key}: no design is told`);
      return {
        id: key,
        w: slot.w,
        h: slot.h,
        count: slot.count,
        of: [designs.get(key) ?? PLAIN],
        turn: slot.turn,
        optional: false,
        value: 0,
      };
    }),
  );
  const { worth, complete: n, bound, optimal, ...figures } = plan.stats;
  const total = pieces.reduce((sum, { count }) => sum + count, 0);
  const cutPlan: CutPlan = {
    notCut: [],
    sheets: plan.sheets.map((sheet) => ({
      ...sheet,
      pieces: sheet.pieces.map(({ page, slot, ...piece }) => ({ ...piece, id: JSON.stringify([page, slot]) })),
    })),
    stats: { ...figures, pieces: total, value: 0, bound: { pieces: total, value: 0, fresh: bound.fresh }, optimal },
  };
  wrong.push(...replay({ stock, pieces, keepAtLeast: job.keepAtLeast, ...trimmerOf(job) }, cutPlan));

  for (const page of complete) {
    const of = (slot: string): string | null => designs.get(JSON.stringify([page.id, slot]))!;
    const different = new Set(page.slots.map(({ id }) => of(id))).size;
    expect(different >= page.atLeast && different <= page.atMost, `${page.id}: ${different} designs`);
    for (const slot of page.slots) {
      expect(
        slot.of === null || (of(slot.id) !== null && slot.of.includes(of(slot.id)!)),
        `${page.id}/${slot.id}: not one of its designs`,
      );
      for (const other of slot.unlike) expect(of(other) !== of(slot.id), `${page.id}/${slot.id}: like ${other}`);
      for (const other of slot.like) expect(of(other) === of(slot.id), `${page.id}/${slot.id}: unlike ${other}`);
    }
  }
  const sum = complete.reduce((all, page) => all + page.worth, 0);
  expect(Math.abs(worth - sum) < 1e-9 && n === complete.length, 'worth or count is wrong');
  expect(worth <= bound.worth + 1e-9 && figures.fresh >= bound.fresh, 'a bound is beaten');
  expect(!optimal || (worth >= bound.worth - 1e-9 && figures.fresh === bound.fresh), 'optimal is said too soon');
  return wrong;
}
