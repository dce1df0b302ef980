import { ok, type Result } from '../ground/result';
import { inOrderOfWaiting, orderTasks, type Task } from '../page/work';
import { refuse, type JobError } from './jobError';
import { checkIds } from './readLength';

/** An order job as JSON, already found to match `docs/formats/order.job.schema.json`. */
export interface JsonOrderJob {
  tasks: { id: string; minutes: number; dries?: number; after?: string[] }[];
}

/** An `after` entry that lies on a circle. */
function onCircle(tasks: readonly Task[]): { task: number; entry: number } {
  // What is left when all that waits for nothing is taken away, again and again, from both ends, lies on circles.
  let left = new Set(tasks.map((_, i) => i));
  for (let size = -1; size !== left.size;) {
    size = left.size;
    const waitedFor = new Set([...left].flatMap((i) => tasks[i]?.after ?? []));
    left = new Set([...left].filter((i) => waitedFor.has(i) && tasks[i]?.after.some((j) => left.has(j))));
  }
  for (const task of left) {
    const entry = tasks[task]?.after.findIndex((j) => left.has(j) && reaches(tasks, j, task)) ?? -1;
    if (entry >= 0) return { task, entry };
  }
  return { task: 0, entry: 0 };
}

/** Whether a task waits, be it through others, for another. */
function reaches(tasks: readonly Task[], from: number, to: number): boolean {
  const seen = new Set([from]);
  for (const i of seen) {
    if (i === to) return true;
    for (const j of tasks[i]?.after ?? []) seen.add(j);
  }
  return false;
}

/** What to do when, while things dry. */
export function order(job: JsonOrderJob): Result<unknown, JobError> {
  const ids = checkIds(job.tasks, '/tasks');
  if (!ids.ok) return ids;
  const places = new Map(job.tasks.map(({ id }, i) => [id, i]));
  const tasks: Task[] = [];
  for (const [i, { id, minutes, dries = 0, after = [] }] of job.tasks.entries()) {
    const read: number[] = [];
    for (const [k, before] of after.entries()) {
      const place = places.get(before);
      const at = `/tasks/${i}/after/${k}`;
      if (place === undefined) return refuse('unknown-id', at, `no task has the id ${before}`);
      if (before === id) return refuse('own-id', at, 'a task cannot come after itself');
      read.push(place);
    }
    tasks.push({ minutes, dries, after: read });
  }
  if (!inOrderOfWaiting(tasks)) {
    const { task, entry } = onCircle(tasks);
    return refuse('circle', `/tasks/${task}/after/${entry}`, 'these tasks wait for each other in a circle');
  }
  const { order: timed, finish, free, bound, optimal } = orderTasks(tasks);
  const idOf = (task: number): string => job.tasks[task]?.id ?? '';
  return ok({
    order: timed.map(({ task, ...times }) => ({ id: idOf(task), ...times })),
    finish,
    free,
    waits: timed.flatMap(({ task, start }, i) => {
      const from = timed[i - 1]?.end ?? 0;
      return start > from ? [{ from, to: start, for: idOf(task) }] : [];
    }),
    bound,
    optimal,
  });
}
