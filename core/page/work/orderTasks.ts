import { goodOrder } from './goodOrder';
import {
  inOrderOfWaiting,
  isLess,
  known,
  timed,
  valueOf,
  type Known,
  type Task,
  type Timed,
  type Value,
} from './known';
import { preemptiveBound } from './preemptiveBound';

export interface TaskOrder {
  readonly order: readonly Timed[];
  /** When the last thing is done and dry. */
  readonly finish: number;
  /** When her own last task ends. */
  readonly free: number;
  /** What no order can finish before. */
  readonly bound: number;
  /** Whether finish and free are proved. */
  readonly optimal: boolean;
}

/** Up to so many tasks the search is never cut short. */
const FEW = 12;
/** Where there are more: states looked at, times tasks times tasks. */
const WORK = 20_000_000;

/** Where the search stands: what is done, by now, and from when what is left can be begun. */
interface State {
  readonly now: number;
  readonly finish: number;
  readonly ready: readonly number[];
}

/** A state from which nothing better can be reached than from another with the same tasks done. */
const isNoBetter = (state: State, than: State): boolean =>
  state.now >= than.now && state.finish >= than.finish && state.ready.every((at, i) => at >= (than.ready[i] ?? 0));

/**
 * Searches all orders, the list's own first, so that of equal ones the nearest to it is found; what cannot end before
 * the best known is left, and what is no better than a state seen before with the same tasks done.
 */
class Search {
  private best: number[] | null = null;
  private value: Value;
  private states = 0;
  private readonly seen = new Map<string, State[]>();
  isCut = false;

  constructor(
    private readonly of: Known,
    private readonly most: number,
    known: Value,
  ) {
    this.value = known;
  }

  run(): number[] | null {
    this.from([], { now: 0, finish: 0, ready: this.of.tasks.map(() => 0) });
    return this.best;
  }

  /** What no order that goes on from here ends before. */
  private bound({ now, finish, ready }: State, left: readonly number[]): Value {
    const { tasks, tail, ownTail } = this.of;
    const heads = left.map((i) => Math.max(now, ready[i] ?? 0));
    const minutes = left.map((i) => tasks[i]?.minutes ?? 0);
    const after = (tails: readonly number[]): number[] => left.map((i, k) => (tails[i] ?? 0) - (minutes[k] ?? 0));
    return {
      finish: Math.max(finish, preemptiveBound(heads, minutes, after(tail))),
      free: preemptiveBound(heads, minutes, after(ownTail)),
    };
  }

  private from(done: readonly number[], state: State): void {
    const { tasks } = this.of;
    const isDone = new Set(done);
    const left = tasks.flatMap((_, i) => (isDone.has(i) ? [] : [i]));
    if (left.length === 0) {
      const value = { finish: state.finish, free: state.now };
      if (this.best === null ? !isLess(this.value, value) : isLess(value, this.value)) {
        this.best = [...done];
        this.value = value;
      }
      return;
    }
    if (++this.states > this.most) {
      this.isCut = true;
      return;
    }
    const bound = this.bound(state, left);
    if (this.best === null ? isLess(this.value, bound) : !isLess(bound, this.value)) return;
    const key = left.join();
    const before = this.seen.get(key) ?? [];
    if (before.some((one) => isNoBetter(state, one))) return;
    this.seen.set(key, [...before.filter((one) => !isNoBetter(one, state)), state]);
    for (const i of left) {
      if (!tasks[i]?.after.every((j) => isDone.has(j))) continue;
      this.from([...done, i], this.with(i, state));
      if (this.isCut) return;
    }
  }

  /** The state once a task is done next. */
  private with(task: number, { now, finish, ready }: State): State {
    const { minutes = 0, dries = 0 } = this.of.tasks[task] ?? {};
    const end = Math.max(now, ready[task] ?? 0) + minutes;
    const then = [...ready];
    // What is done is the same in every state that is compared with this one.
    then[task] = 0;
    for (const j of this.of.next[task] ?? []) then[j] = Math.max(then[j] ?? 0, end + dries);
    return { now: end, finish: Math.max(finish, end + dries), ready: then };
  }
}

/**
 * What to do when, while things dry: one pair of hands, each task in one go, none before what it waits for is done and
 * dry. The earliest finish, then the earliest end of her own work, then the order nearest the list's. Branch and bound
 * with the preemptive bound of J. R. Jackson (1955) and dominance among states; to its end up to 12 tasks.
 * @param tasks none of which wait for each other in a circle
 * @param effort of many tasks, what part of the usual work is done: a screen cannot wait a second
 */
export function orderTasks(tasks: readonly Task[], effort = 1): TaskOrder {
  const inOrder = inOrderOfWaiting(tasks);
  if (!inOrder) throw new RangeError('tasks wait for each other in a circle');
  if (tasks.length === 0) return { order: [], finish: 0, free: 0, bound: 0, optimal: true };
  const of = known(tasks, inOrder);
  const isFew = tasks.length <= FEW;
  const good = goodOrder(of, isFew ? 20_000 : 6_000_000 * effort);
  const search = new Search(of, isFew ? Infinity : (WORK * effort) / tasks.length ** 2, valueOf(timed(tasks, good)));
  const found = search.run();
  const order = timed(tasks, found ?? good);
  const value = valueOf(order);
  const heads = headsOf(of, inOrder);
  const minutes = tasks.map((task) => task.minutes);
  const least = (tails: readonly number[]): number =>
    preemptiveBound(
      heads,
      minutes,
      tails.map((tail, i) => tail - (minutes[i] ?? 0)),
    );
  const bound = search.isCut ? Math.max(least(of.tail), 0) : value.finish;
  const optimal = !search.isCut || (bound === value.finish && least(of.ownTail) === value.free);
  return { order, ...value, bound: optimal ? value.finish : bound, optimal };
}

/** What no order can finish before: all minutes together, and the longest chain with its drying. */
export function leastFinish(tasks: readonly Task[]): number {
  const { tail } = known(tasks, inOrderOfWaiting(tasks) ?? []);
  return Math.max(
    0,
    tasks.reduce((sum, { minutes }) => sum + minutes, 0),
    ...tail,
  );
}

/** From when each could be begun if there were hands enough. */
function headsOf({ tasks }: Known, inOrder: readonly number[]): number[] {
  const heads = tasks.map(() => 0);
  for (const i of inOrder) {
    const { after = [] } = tasks[i] ?? {};
    heads[i] = Math.max(0, ...after.map((j) => (heads[j] ?? 0) + (tasks[j]?.minutes ?? 0) + (tasks[j]?.dries ?? 0)));
  }
  return heads;
}
