import { keptStore } from '../../data/keptStore';
import { askMachine, MachineTrouble, type MachineReport } from '../../data/machine';

/** A sheet on the machine: its job, how many lines each piece has, and what the machine said last. */
export interface MachineJob {
  readonly id: string;
  readonly lines: readonly number[];
  readonly report: MachineReport | null;
}

interface MachineState {
  /**
   * By sheet. What the machine cut stays here until it is taken off the mat, whatever is closed or reloaded meanwhile.
   */
  readonly jobs: Readonly<Record<string, MachineJob>>;
  put: (sheet: string, job: MachineJob | null) => void;
}

export const useMachine = keptStore<MachineState>('nubbin-machine', 1, (set) => ({
  jobs: {},
  put: (sheet, job) =>
    set(({ jobs }) => {
      const { [sheet]: _, ...others } = jobs;
      return { jobs: job ? { ...others, [sheet]: job } : others };
    }),
}));

export const isCutting = (job: MachineJob | undefined): boolean =>
  job !== undefined && (job.report === null || job.report.state === 'cutting');

/**
 * Asks the machine how far a sheet is. A machine that no longer knows of it is told; the sheet is then as it was.
 * @throws {MachineTrouble}
 */
export async function askAfter(sheet: string): Promise<void> {
  const { jobs, put } = useMachine.getState();
  const job = jobs[sheet];
  if (!job) return;
  try {
    put(sheet, { ...job, report: await askMachine(job.id) });
  } catch (error) {
    if (error instanceof MachineTrouble && error.code === 'other') put(sheet, null);
    throw error;
  }
}
