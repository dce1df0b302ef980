import type { CutStep } from './cutSteps';

/**
 * Cuts in an order that can be made, those at the same trimmer setting together: as long as one at the present setting
 * can be made, on the sheet in hand or on another, it is. Else the sheet in hand is cut on, at the setting that the
 * most cuts share which can be made now.
 * @param sheets each sheet's cuts, a part before the parts it gives
 */
export function bySetting(sheets: readonly (readonly CutStep[])[]): CutStep[] {
  const waiting = sheets.map((steps) => [...steps]);
  const ordered: CutStep[] = [];
  let [setting, hand] = [0, 0];
  for (;;) {
    // A part can be cut unless another cut that waits gives it.
    const ready = waiting.flatMap((steps, sheet) => {
      const given = new Set(steps.flatMap(({ gives }) => gives.map(({ part }) => part)));
      return steps.filter(({ name }) => !given.has(name)).map((step) => ({ step, sheet }));
    });
    if (ready.length === 0) return ordered;
    const shared = new Map<number, number>();
    for (const { step } of ready) shared.set(step.at, (shared.get(step.at) ?? 0) + 1);
    const rank = ({ step, sheet }: (typeof ready)[number]): number =>
      (step.at === setting ? 1e6 : 0) + (sheet === hand ? 1e3 : 0) + shared.get(step.at)!;
    const next = ready.reduce((best, one) => (rank(one) > rank(best) ? one : best));
    waiting[next.sheet]!.splice(waiting[next.sheet]!.indexOf(next.step), 1);
    ordered.push(next.step);
    [setting, hand] = [next.step.at, next.sheet];
  }
}
