/** Something to do: her own minutes, and how long it dries then. `after`: places of tasks in the same list. */
export interface Task {
  readonly minutes: number;
  readonly dries: number;
  readonly after: readonly number[];
}

/** When a task is begun, ended, and dry. */
export interface Timed {
  readonly task: number;
  readonly start: number;
  readonly end: number;
  readonly dry: number;
}

/** What is known of tasks however they are ordered. */
export interface Known {
  readonly tasks: readonly Task[];
  /** Tasks that wait for each. */
  readonly next: readonly (readonly number[])[];
  /** From the start of each to when all that hangs on it is done and dry, and to when her own part of it is. */
  readonly tail: readonly number[];
  readonly ownTail: readonly number[];
}

/** Tasks so that each comes after all that it waits for. @returns null where they wait in a circle */
export function inOrderOfWaiting(tasks: readonly Task[]): number[] | null {
  const open = tasks.map(({ after }) => new Set(after).size);
  const ready = open.flatMap((n, i) => (n === 0 ? [i] : []));
  const next = waitingFor(tasks);
  const out: number[] = [];
  for (let i = ready.shift(); i !== undefined; i = ready.shift()) {
    out.push(i);
    for (const j of next[i] ?? []) {
      open[j] = (open[j] ?? 0) - 1;
      if (open[j] === 0) ready.push(j);
    }
  }
  return out.length === tasks.length ? out : null;
}

function waitingFor(tasks: readonly Task[]): number[][] {
  const next: number[][] = tasks.map(() => []);
  tasks.forEach(({ after }, i) => {
    for (const before of new Set(after)) next[before]?.push(i);
  });
  return next;
}

export function known(tasks: readonly Task[], inOrder: readonly number[]): Known {
  const next = waitingFor(tasks);
  const tail = tasks.map(() => 0);
  const ownTail = tasks.map(() => 0);
  for (const i of [...inOrder].reverse()) {
    const { minutes = 0, dries = 0 } = tasks[i] ?? {};
    const after = next[i] ?? [];
    tail[i] = minutes + dries + Math.max(0, ...after.map((j) => tail[j] ?? 0));
    ownTail[i] = minutes + Math.max(0, ...after.map((j) => dries + (ownTail[j] ?? 0)));
  }
  return { tasks, next, tail, ownTail };
}

/** An order of all tasks, each as early as the order lets it. */
export function timed(tasks: readonly Task[], order: readonly number[]): Timed[] {
  const dryAt = tasks.map(() => 0);
  let now = 0;
  return order.map((task) => {
    const { minutes = 0, dries = 0, after = [] } = tasks[task] ?? {};
    const start = Math.max(now, ...after.map((i) => dryAt[i] ?? 0));
    const end = start + minutes;
    const dry = end + dries;
    dryAt[task] = dry;
    now = end;
    return { task, start, end, dry };
  });
}

export interface Value {
  readonly finish: number;
  readonly free: number;
}
export const valueOf = (order: readonly Timed[]): Value => ({
  finish: Math.max(0, ...order.map(({ dry }) => dry)),
  free: order.at(-1)?.end ?? 0,
});
/** Whether an order is better. */
export const isLess = (a: Value, b: Value): boolean =>
  a.finish < b.finish || (a.finish === b.finish && a.free < b.free);
