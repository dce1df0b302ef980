import { isMade, partsUnder, pieceId, type Step, type Window } from '../../page/cutlist';
import type { Plan, PlanSheet } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding, type NewEvent } from '../act';
import type { Bench } from '../../stock/bench';
import { cutEvent } from './cutEvent';
import { doAct } from '../doAct';
import { machineEvent, type MachineWork } from './machineEvent';
import { mishapEvent, type Mishap } from './mishap';
import { lessOf, released } from '../pages/out';
import { windowEvent } from './windowEvent';

const planWith = ({ plans }: Bench, stock: string): Plan | undefined =>
  [...plans.values()].find(({ sheets }) => sheets.some((sheet) => sheet.stock === stock));

/** What a plan's pages are called: of the first. */
const nameOf = ({ pages }: Bench, sheet: PlanSheet | undefined): string =>
  pages.get(sheet?.pieces[0]?.page ?? '')?.title ?? '';

const sheetIn = (plan: Plan | undefined, stock: string): PlanSheet | undefined =>
  plan?.sheets.find((sheet) => sheet.stock === stock);

const DID = { cut: 'cut', punch: 'punched-for', window: 'cut-window' } as const;

/** For what the part of a step is out: a middle is cut out of what is a page's already. */
const outFor = (step: Step, plan: Plan): string => (step.kind === 'window' ? step.page : plan.id);

/** One step of a plan: a trimmer cut, or shapes punched. */
export const makeCut =
  (step: Step): Deciding =>
  (bench) => {
    const plan = planWith(bench, step.sheet);
    const piece = bench.ledger.pieces.get(step.piece);
    if (!plan || piece?.where !== 'claimed' || piece.page !== outFor(step, plan) || isMade(step, bench.ledger))
      return refuse('changed-since', nameOf(bench, sheetIn(plan, step.sheet)));
    return decided(DID[step.kind], nameOf(bench, sheetIn(plan, step.sheet)), {
      count: step.kind === 'punch' ? step.pieces.length : 1,
      events: [cutEvent(step, bench.ledger, plan.id)],
    });
  };

/** Cuts that are made one after the other, each of what the last one left; taken back together. */
export const makeCuts =
  (steps: readonly Step[]): Deciding =>
  (bench, now) => {
    let staged = bench;
    const events: NewEvent[] = [];
    for (const step of steps) {
      const one = makeCut(step)(staged, now);
      if (!one.ok) return one;
      const done = doAct(staged, one.value, now);
      if (!done.ok) return done;
      staged = done.value.bench;
      events.push(...one.value.events);
    }
    const [first] = steps;
    if (!first) return refuse('nothing-to-do');
    const plan = planWith(bench, first.sheet);
    return decided('cut', nameOf(bench, sheetIn(plan, first.sheet)), { count: steps.length, events });
  };

/**
 * Something went wrong with the part in hand: what it was to give is wanted again, everything else stays as it is
 * planned, and out for its pages.
 */
export const noteMishap =
  (step: Step, mishap: Mishap): Deciding =>
  (bench) => {
    const plan = planWith(bench, step.sheet);
    const sheet = sheetIn(plan, step.sheet);
    const piece = bench.ledger.pieces.get(step.piece);
    if (!plan || !sheet || piece?.where !== 'claimed' || piece.page !== outFor(step, plan))
      return refuse('changed-since', nameOf(bench, sheet));
    const lost = new Set([...partsUnder(sheet, step.name)].map((part) => pieceId(sheet.stock, part)));
    const less = lessOf(plan, (id) => !lost.has(id), bench);
    return decided('noted-mishap', nameOf(bench, sheet), {
      events: [mishapEvent(step, mishap, bench.ledger), ...released(less.free.filter(({ id }) => id !== piece.id))],
      records: [...less.plans.map((one) => put('plans', one)), ...less.ended.map((id) => drop('plans', id))],
    });
  };

/** A cutting machine cut a whole sheet. Where it slipped, what it spoilt is wanted again. */
export const takeFromMachine =
  (stock: string, work: MachineWork): Deciding =>
  (bench) => {
    const plan = planWith(bench, stock);
    const sheet = sheetIn(plan, stock);
    const piece = bench.ledger.pieces.get(stock);
    if (!plan || !sheet || piece?.where !== 'claimed' || piece.page !== plan.id)
      return refuse('changed-since', nameOf(bench, sheet));
    // A machine cuts sheets; what she punches lies closer than their boxes.
    if (sheet.windows || sheet.pieces.some(({ punched }) => punched))
      return refuse('changed-since', nameOf(bench, sheet));
    const isWhole = work.cut.length === sheet.pieces.length && work.cut.every((isCut) => isCut);
    const sheets = plan.sheets.filter((one) => one !== sheet);
    return decided(isWhole ? 'machine-cut' : 'machine-slipped', nameOf(bench, sheet), {
      events: [machineEvent(sheet, piece, work)],
      records: [sheets.length > 0 ? put('plans', { ...plan, sheets }) : drop('plans', plan.id)],
    });
  };

/** Cuts a hidden middle out of a layer's piece before it is glued. */
export const cutWindow =
  (window: Window): Deciding =>
  (bench) => {
    const piece = bench.ledger.pieces.get(window.piece.id);
    if (piece?.where !== 'claimed' || piece.page !== window.piece.page) return refuse('changed-since');
    return decided('cut-window', bench.pages.get(piece.page ?? '')?.title ?? '', { events: [windowEvent(window)] });
  };
