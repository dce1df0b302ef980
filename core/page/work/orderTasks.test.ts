import fc from 'fast-check';
import { expect, test } from 'vitest';
import { leastFinish, orderTasks, type Task } from '.';

/** All orders of tasks, by hand: an order may not begin a task before what it waits for. */
function* allOrders(tasks: readonly Task[], done: readonly number[] = []): Generator<readonly number[]> {
  if (done.length === tasks.length) yield done;
  for (let i = 0; i < tasks.length; i++)
    if (!done.includes(i) && tasks[i]!.after.every((j) => done.includes(j))) yield* allOrders(tasks, [...done, i]);
}

/** Minute by minute, as a clock would show it. */
function byTheClock(tasks: readonly Task[], order: readonly number[]): [finish: number, free: number] {
  const dry = new Map<number, number>();
  let now = 0;
  for (const i of order) {
    while (tasks[i]!.after.some((j) => dry.get(j)! > now)) now++;
    now += tasks[i]!.minutes;
    dry.set(i, now + tasks[i]!.dries);
  }
  return [Math.max(0, ...dry.values()), now];
}

const compare = (a: readonly number[], b: readonly number[]): number => {
  const at = a.findIndex((n, i) => n !== b[i]);
  return at < 0 ? 0 : a[at]! - b[at]!;
};

/** Tasks of which each may wait for any that stand before it once they are shuffled. */
const anyTasks = (most: number) =>
  fc
    .array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 9 }),
        dries: fc.oneof(fc.constant(0), fc.integer({ min: 0, max: 25 })),
      }),
      { maxLength: most },
    )
    .chain((plain) =>
      fc
        .tuple(
          fc.shuffledSubarray(
            plain.map((_, i) => i),
            { minLength: plain.length },
          ),
          fc.array(fc.integer({ min: 0, max: 3 }), { minLength: plain.length ** 2, maxLength: plain.length ** 2 }),
        )
        .map(([places, draws]): Task[] =>
          plain.map((one, i) => ({
            ...one,
            after: plain.flatMap((_, j) => (places[j]! < places[i]! && draws[i * plain.length + j] === 0 ? [j] : [])),
          })),
        ),
    );

test('up to seven tasks it is the best of all orders, and of equal ones the nearest to the list', () =>
  fc.assert(
    fc.property(anyTasks(7), (tasks) => {
      const all = [...allOrders(tasks)].map((order) => ({ order, value: byTheClock(tasks, order) }));
      const [best] = all.sort((a, b) => compare(a.value, b.value) || compare(a.order, b.order));
      const { order, finish, free, bound, optimal } = orderTasks(tasks);
      expect([finish, free]).toEqual(best!.value);
      expect(order.map(({ task }) => task)).toEqual(best!.order);
      expect([bound, optimal]).toEqual([finish, true]);
    }),
    { numRuns: 150 },
  ));

test('twelve tasks are always proved, more are kept to, and no bound is above what is reached', () =>
  fc.assert(
    fc.property(anyTasks(16), (tasks) => {
      const { order, finish, free, bound, optimal } = orderTasks(tasks);
      expect(
        byTheClock(
          tasks,
          order.map(({ task }) => task),
        ),
      ).toEqual([finish, free]);
      expect(bound).toBeLessThanOrEqual(finish);
      expect(bound).toBeGreaterThanOrEqual(tasks.reduce((sum, { minutes }) => sum + minutes, 0));
      if (tasks.length <= 12) expect(optimal).toBe(true);
    }),
    { numRuns: 25 },
  ));

test('more time to dry never makes anything earlier, and a hand less slow never later', () =>
  fc.assert(
    fc.property(anyTasks(7), fc.nat(), (tasks, which) => {
      const longer = tasks.map((task, i) =>
        i === which % Math.max(1, tasks.length) ? { ...task, dries: task.dries + 7 } : task,
      );
      expect(orderTasks(longer).finish).toBeGreaterThanOrEqual(orderTasks(tasks).finish);
      const doubled = tasks.map((task) => ({ ...task, minutes: 2 * task.minutes, dries: 2 * task.dries }));
      expect(orderTasks(doubled).finish).toBe(2 * orderTasks(tasks).finish);
    }),
    { numRuns: 60 },
  ));

test('no order ends before the least, and with little effort of many tasks it is still an order', () =>
  fc.assert(
    fc.property(anyTasks(20), (tasks) => {
      const { order, finish } = orderTasks(tasks, 1 / 100);
      expect(leastFinish(tasks)).toBeLessThanOrEqual(finish);
      expect(order.map(({ task }) => task).sort((a, b) => a - b)).toEqual(tasks.map((_, i) => i));
      expect(
        byTheClock(
          tasks,
          order.map(({ task }) => task),
        )[0],
      ).toBe(finish);
    }),
    { numRuns: 40 },
  ));
