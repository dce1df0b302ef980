import type { CutStep } from '../../../core/page/cutlist';
import { countWords } from '../../words/countWords';

/** That several cuts follow each other at one setting, and how many pieces come of them. */
export function RunNow({ run }: { run: readonly CutStep[] }) {
  const pieces = run.flatMap(({ gives }) => gives).filter(({ wanted }) => wanted !== null).length;
  return (
    <p>
      {countWords(run.length, 'cut')} at this setting, one after another
      {pieces > 1 ? `: ${countWords(pieces, 'piece')}` : ''}.
    </p>
  );
}
