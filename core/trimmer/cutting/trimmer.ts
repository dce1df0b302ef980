import { inches, type Ticks } from '../../ground/length';

/** What cutting is bound by, with a trimmer, a knife or scissors. */
export interface Trimmer {
  /** The longest cut it makes, ticks; null: no limit. */
  readonly longestCut: Ticks | null;
  /** How much each cut takes away, ticks: nothing, or a hair with scissors, say. */
  readonly kerf: Ticks;
}

/** A trimmer that cuts any length and takes nothing away. */
export const ANY_TRIMMER: Trimmer = { longestCut: null, kerf: 0 };

/** Twelve inches across, and a clean blade. Common practice, no source. */
export const USUAL_TRIMMER: Trimmer = { longestCut: inches(12), kerf: 0 };

/** What a job is cut with. */
export const trimmerOf = ({ longestCut, kerf = 0 }: Pick<Trimmer, 'longestCut'> & Partial<Trimmer>): Trimmer => ({
  longestCut,
  kerf,
});
