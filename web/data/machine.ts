import { mm } from '../../core/ground/length';
import type { Rect } from '../../core/ground/geometry';
import type { MachineWork } from '../../core/acts';

/** What the machine says of a job; boxes in mm. */
export interface MachineReport {
  readonly id: string;
  readonly state: 'cutting' | 'done' | 'slipped' | 'stopped';
  readonly done: number;
  readonly cut: readonly boolean[];
  readonly left: readonly { x: number; y: number; w: number; h: number }[];
}

/** What a machine answered in place of what was asked. */
export class MachineTrouble extends Error {
  constructor(
    readonly code: 'mat-empty' | 'busy' | 'not-there' | 'other',
    message: string,
  ) {
    super(message);
  }
}

async function ask<T>(path: string, method: string, body: string | null, type: string): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api/machine${path}`, {
      method,
      ...(body === null ? {} : { body, headers: { 'Content-Type': type } }),
    });
  } catch {
    throw new MachineTrouble('not-there', 'no machine answers');
  }
  const answer = (await response.json().catch(() => null)) as
    (T & { error?: { code: string; message: string } }) | null;
  if (response.ok && answer) return answer;
  const code = answer?.error?.code;
  throw new MachineTrouble(
    code === 'mat-empty' || code === 'busy' ? code : answer ? 'other' : 'not-there',
    answer?.error?.message ?? 'no machine answers',
  );
}

/** Says that a sheet lies on the mat; the stand-in can be told on which line to slip. */
export const loadMat = (slipOn: number | null): Promise<unknown> =>
  ask('', 'PUT', JSON.stringify({ mat: 'loaded', slipOn }), 'application/json');
/** Begins to cut a drawing; the job's id. @throws {MachineTrouble} */
export const startMachine = async (svg: string): Promise<string> =>
  (await ask<{ id: string }>('/jobs', 'POST', svg, 'image/svg+xml')).id;
export const askMachine = (id: string): Promise<MachineReport> => ask(`/jobs/${id}`, 'GET', null, '');
export const stopMachine = (id: string): Promise<MachineReport> => ask(`/jobs/${id}`, 'DELETE', null, '');

/**
 * A report in terms of the sheet's pieces: one came out well when all of its lines did.
 * @param lines how many lines each piece has in the drawing, in their order
 */
export function workOf({ cut, left }: MachineReport, lines: readonly number[]): MachineWork {
  let at = 0;
  const pieces = lines.map((n) => {
    at += n;
    return cut.slice(at - n, at).every((ok) => ok);
  });
  return {
    cut: pieces,
    left: left.map(({ x, y, w, h }): Rect => ({ x: mm(x), y: mm(y), w: mm(x + w) - mm(x), h: mm(y + h) - mm(y) })),
  };
}
