import { isScarce, isWorthTheKnife, pageState, windowsOf, type Standing } from '../cutlist';
import { coverOf, pageLayout } from '../design';
import { inches } from '../../ground/length';
import { looksOf } from '../placing';
import type { Shelf } from '../../stock/bench';
import type { Page } from '../../stock/things';
import type { Task } from './known';
import { leastFinish, orderTasks } from './orderTasks';
import type { Shown } from './elements';
import { COMES_AFTER, STEP_KINDS, STEP_ORDER, type StepId, type StepKind } from './kinds';

/** A step of a page. */
export interface WorkStep extends StepKind {
  readonly id: StepId;
  /** Steps of this page that it comes after. */
  readonly after: readonly StepId[];
  readonly isDone: boolean;
  /** What is on the page or in its plans says so: it is not for her to tick. */
  readonly isDerived: boolean;
  /** Since when it is done, and from when it is dry, milliseconds since 1970; null: not told. */
  readonly doneAt: number | null;
  readonly dryAt: number | null;
}

export type WorkedOn = Standing & Shown & Shelf;

const MS = 60_000;
/** A thing with a longer side is a layer more than a small thing. */
const SMALL = inches(4);

/** Whether a hidden middle of scarce paper waits to be cut out of what is cut for the page. */
function hasWindows(page: Page, bench: WorkedOn): boolean {
  const layout = pageLayout(page);
  if (!layout.ok || pageState(page, bench) !== 'cut') return false;
  return windowsOf(page, layout.value, coverOf(layout.value), bench).some(
    (one) => isScarce(one) && isWorthTheKnife(one.at),
  );
}

/** The steps that a page has, from what it holds and what she means to do. */
function stepsIn(page: Page, bench: WorkedOn): ReadonlySet<StepId> {
  const techniques = page.work?.techniques ?? [];
  const looks = (page.placed ?? []).flatMap((one) => {
    const seen = looksOf(one.what, bench);
    return seen ? [{ one, seen }] : [];
  });
  const layout = pageLayout(page);
  const isWet = techniques.some((one) => STEP_KINDS[one].isWet && one !== 'last-splatter');
  const has: Partial<Record<StepId, boolean>> = {
    pencil: isWet,
    cut: layout.ok && layout.value.slots.length > 0,
    windows: hasWindows(page, bench),
    layers: layout.ok,
    photos: page.photos.some(({ photo }) => photo !== null),
    foam: looks.some(({ one, seen }) => one.isOnFoam ?? (seen.isRaised && Math.max(seen.size.w, seen.size.h) > SMALL)),
    clusters: looks.some(({ one, seen }) => !one.isTitle && seen.kind !== 'line'),
    stitch: looks.some(({ one }) => 'drawn' in one.what && one.what.drawn === 'stitch'),
    title: page.title.trim() !== '',
    writing: page.journaling.trim() !== '',
    date: true,
    album: true,
  };
  return new Set(STEP_ORDER.filter((id) => has[id] ?? techniques.some((one) => one === id)));
}

/** What is done without being ticked: by the ledger, by what is written, by glueing the page. */
function derived(id: StepId, page: Page, bench: WorkedOn): boolean | null {
  const state = pageState(page, bench);
  if (id === 'cut') return state === 'cut' || state === 'glued' || state === 'done';
  if (id === 'date') return page.date.trim() !== '' ? true : null;
  if (id === 'album') return page.finished !== null ? true : null;
  if (['layers', 'photos', 'foam', 'clusters'].includes(id)) return page.glued !== null ? true : null;
  return null;
}

/** A page's steps in the right order, from what it holds. Common practice, no source. */
export function stepsOf(page: Page, bench: WorkedOn): readonly WorkStep[] {
  const steps = stepsIn(page, bench);
  return [...steps].map((id): WorkStep => {
    const kind = STEP_KINDS[id];
    const said = derived(id, page, bench);
    const doneAt = page.work?.done?.[id] ?? null;
    return {
      ...kind,
      id,
      after: COMES_AFTER[id].filter((one) => steps.has(one)),
      isDone: said ?? doneAt !== null,
      isDerived: said !== null,
      doneAt,
      dryAt: doneAt === null || kind.dries === 0 ? null : doneAt + kind.dries * MS,
    };
  });
}

/** Of many steps, what part of the search is done: it answers in a few milliseconds. */
const EFFORT = 1 / 100;

/** The steps still to do as tasks. */
function tasksOf(open: readonly WorkStep[]): readonly Task[] {
  return open.map(({ minutes, dries, after }) => ({
    minutes,
    dries,
    after: after.flatMap((id) => {
      const at = open.findIndex((one) => one.id === id);
      return at < 0 ? [] : [at];
    }),
  }));
}

/** Her own minutes for what is still to do, and what it cannot be done and dry before, minutes. */
export function timeLeft(steps: readonly WorkStep[]): { readonly minutes: number; readonly finish: number } {
  const tasks = tasksOf(steps.filter(({ isDone }) => !isDone));
  return { minutes: tasks.reduce((sum, { minutes }) => sum + minutes, 0), finish: leastFinish(tasks) };
}

/** The steps still to do as they are best done, other things while one dries; minutes from the start. */
export function orderOfWork(steps: readonly WorkStep[]) {
  const open = steps.filter(({ isDone }) => !isDone);
  const { order, finish, free } = orderTasks(tasksOf(open), EFFORT);
  return {
    order: order.flatMap(({ task, start, end, dry }) => {
      const step = open[task];
      return step ? [{ step, start, end, dry }] : [];
    }),
    finish,
    free,
  };
}
