import { seededRandom } from '../../ground/random';
import { isLess, timed, valueOf, type Known } from './known';

const MOST_STARTS = 40;
/** Part of the work that goes into one start's moves. */
const NO_WORSE = 0.15;

/** Always the task that is ready first; of several the one on which most hangs, `bend` bending that by chance. */
function greedy({ tasks, next, tail }: Known, bend: (task: number) => number): number[] {
  const readyAt = tasks.map(() => 0);
  const open = tasks.map(({ after }) => new Set(after).size);
  const left = new Set(tasks.flatMap((_, i) => (open[i] === 0 ? [i] : [])));
  const order: number[] = [];
  const weight = (i: number): number => (tail[i] ?? 0) * bend(i);
  let now = 0;
  while (left.size > 0) {
    let at = Infinity;
    for (const i of left) at = Math.min(at, Math.max(now, readyAt[i] ?? 0));
    let task = -1;
    for (const i of left) if ((readyAt[i] ?? 0) <= at && (task < 0 || weight(i) > weight(task))) task = i;
    const { minutes = 0, dries = 0 } = tasks[task] ?? {};
    left.delete(task);
    order.push(task);
    now = at + minutes;
    for (const j of next[task] ?? []) {
      readyAt[j] = Math.max(readyAt[j] ?? 0, now + dries);
      open[j] = (open[j] ?? 0) - 1;
      if (open[j] === 0) left.add(j);
    }
  }
  return order;
}

/** The order with a task taken to another place, drawn by lot, that is not before what it waits for. */
function moved({ tasks, next }: Known, order: readonly number[], random: () => number): number[] {
  const from = Math.floor(random() * order.length);
  const task = order[from] ?? 0;
  const before = new Set(tasks[task]?.after ?? []);
  const behind = new Set(next[task] ?? []);
  let [low, high] = [from, from];
  while (low > 0 && !before.has(order[low - 1] ?? -1)) low--;
  while (high < order.length - 1 && !behind.has(order[high + 1] ?? -1)) high++;
  const rest = order.toSpliced(from, 1);
  return rest.toSpliced(low + Math.floor(random() * (high - low + 1)), 0, task);
}

/**
 * A good order: by the rule that what most hangs on goes first, bent by chance, then tasks moved one by one as long as
 * that makes nothing worse; begun again and again.
 * @param work steps taken: tasks looked at, times tasks
 */
export function goodOrder(of: Known, work: number): number[] {
  const random = seededRandom(20261128);
  const n = of.tasks.length;
  let best = greedy(of, () => 1);
  let value = valueOf(timed(of.tasks, best));
  const edges = of.tasks.reduce((sum, { after }) => sum + after.length, n);
  const moves = Math.floor(work / edges);
  const starts = Math.min(MOST_STARTS, Math.floor(work / (n * n)));
  for (let start = 0; start < starts; start++) {
    const bends = of.tasks.map(() => 1 + (random() - 0.5) * (start % 2 === 0 ? 0.3 : 1.2));
    let order = start === 0 ? best : greedy(of, (i) => bends[i] ?? 1);
    let own = valueOf(timed(of.tasks, order));
    for (let move = 0; move < moves / starts; move++) {
      const next = moved(of, order, random);
      const then = valueOf(timed(of.tasks, next));
      if (isLess(own, then) && (random() > NO_WORSE || then.finish > own.finish * 1.01)) continue;
      [order, own] = [next, then];
      if (isLess(own, value)) [best, value] = [order, own];
    }
  }
  return best;
}
