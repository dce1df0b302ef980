import { restAround, type Rect } from '../../core/ground/geometry';
import { mm, toMm } from '../../core/ground/length';
import type { Box, MachineJob } from './readJob';

/** What the machine says of a job. */
export interface JobReport {
  readonly id: string;
  readonly state: 'cutting' | 'done' | 'slipped' | 'stopped';
  /** Of the lines, from 0 to 1. */
  readonly done: number;
  /** Lines that came out well, in the job's order. */
  readonly cut: readonly boolean[];
  /** What is whole around what was cut or spoilt, largest first, mm; empty while it cuts. */
  readonly left: readonly Box[];
}

export interface Panel {
  /** A sheet lies on the mat; after each job the mat is empty. */
  readonly mat: 'loaded' | 'empty';
  /** Counted from 1: the line of the next job on which the sheet slips; null: it does not. */
  readonly slipOn: number | null;
}

interface Running {
  id: string;
  job: MachineJob;
  began: number;
  slipOn: number | null;
  stopped: number | null;
}

/** Milliseconds for a line. */
const LINE_MS = 350;
/** What is kept of the sheet is at least this large: 1 x 1 in. */
const LEAST = { w: mm(25.4), h: mm(25.4) };

const toTicks = ({ x, y, w, h }: Box): Rect => {
  const [left, top] = [mm(x), mm(y)];
  return { x: left, y: top, w: mm(x + w) - left, h: mm(y + h) - top };
};
const toBox = ({ x, y, w, h }: Rect): Box => ({ x: toMm(x), y: toMm(y), w: toMm(w), h: toMm(h) });

/**
 * A stand-in for a cutting machine: it takes one job at a time, works through its lines, slips when its panel says so,
 * and wants a new sheet on the mat for each job.
 * @param now milliseconds, from wherever
 */
export function makeMachine(now: () => number) {
  let panel: Panel = { mat: 'empty', slipOn: null };
  let running: Running | null = null;
  let count = 0;

  function report({ id, job, began, slipOn, stopped }: Running): JobReport {
    const through = Math.min(job.lines.length, Math.floor(((stopped ?? now()) - began) / LINE_MS));
    const slipped = slipOn !== null && slipOn <= job.lines.length && through >= slipOn;
    const good = slipped ? slipOn - 1 : through;
    const state = slipped ? 'slipped' : stopped !== null ? 'stopped' : good === job.lines.length ? 'done' : 'cutting';
    // The line it slipped on, or was stopped at, is spoilt.
    const touched = job.lines.slice(0, state === 'done' ? good : good + 1);
    const taken = [...job.gone, ...touched].map(toTicks);
    return {
      id,
      state,
      done: state === 'done' ? 1 : good / job.lines.length,
      cut: job.lines.map((_, i) => i < good),
      left: state === 'cutting' ? [] : restAround(toTicks({ x: 0, y: 0, ...job.sheet }), taken, LEAST).map(toBox),
    };
  }

  return {
    panel: (): Panel => panel,
    setPanel(some: Partial<Panel>): void {
      panel = { ...panel, ...some };
    },
    /** Begins a job; refused while another is cut, or with nothing on the mat. */
    start(job: MachineJob): { id: string } | 'busy' | 'mat-empty' {
      if (running && report(running).state === 'cutting') return 'busy';
      if (panel.mat === 'empty') return 'mat-empty';
      running = { id: String(++count), job, began: now(), slipOn: panel.slipOn, stopped: null };
      panel = { mat: 'empty', slipOn: null };
      return { id: running.id };
    },
    report: (id: string): JobReport | null => (running?.id === id ? report(running) : null),
    stop(id: string): JobReport | null {
      if (running?.id !== id) return null;
      if (report(running).state === 'cutting') running.stopped = now();
      return report(running);
    },
  };
}
export type Machine = ReturnType<typeof makeMachine>;
