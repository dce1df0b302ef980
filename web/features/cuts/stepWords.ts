import type { Step } from '../../../core/page/cutlist';
import { formatLength, type MeasureSystem } from '../../../core/ground/length';
import { punchWords } from '../../parts/punchWords';
import { countWords } from '../../words/countWords';

/** A step on the tape of all steps, in a sign or two. */
export function tapeWords(step: Step, system: MeasureSystem): string {
  if (step.kind === 'window') return '▣';
  return step.kind === 'cut' ? formatLength(step.setting, system).replace('″', '') : `${step.pieces.length} ●`;
}

/** What is still to do: cuts, and shapes to punch. */
export function leftWords(steps: readonly Step[]): string {
  const cuts = steps.filter(({ kind }) => kind !== 'punch').length;
  const shapes = steps.reduce((sum, step) => sum + (step.kind === 'punch' ? step.pieces.length : 0), 0);
  if (shapes === 0) return countWords(cuts, 'cut');
  const punched = countWords(shapes, 'shape to punch', 'shapes to punch');
  return cuts === 0 ? punched : `${countWords(cuts, 'cut')} and ${punched}`;
}

/** What comes next. */
export function nextWords(next: Step, now: Step, system: MeasureSystem): string {
  if (next.kind === 'punch') return punchWords(next, system);
  if (next.kind === 'window') return 'a middle is cut out';
  const isSame = now.kind === 'cut' && now.setting === next.setting;
  return `${formatLength(next.setting, system)}${isSame ? ', the same setting' : ''}`;
}
