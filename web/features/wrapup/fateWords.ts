import type { Fate } from '../../../core/stock/things';
import { monthWords } from '../../ui/dayWords';

/** What was decided of a thing. */
export function fateWords(fate: Fate | null): string {
  if (fate === null) return 'not decided yet';
  if (fate.for !== 'month') return fate.for === 'kit' ? 'stays with the kit' : 'to the stash';
  return `for ${monthWords(fate.month)}${fate.whom ? `, ${fate.whom}` : ''}`;
}
