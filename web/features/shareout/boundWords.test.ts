import { expect, test } from 'vitest';
import type { SharePlan } from '../../../core/kit/shareout';
import { boundWords } from './boundWords';

const stats = { worth: 2, complete: 2, fresh: 2, bound: { worth: 3, fresh: 2 }, optimal: false };
const plan = { pages: [], sheets: [], stats } as unknown as SharePlan;

test('what is proved is told, and what is only bounded', () => {
  expect(boundWords(plan, 3)).toBe('At most 3 could be made, by area.');
  expect(boundWords({ ...plan, stats: { ...plan.stats, bound: { worth: 2, fresh: 2 } } }, 3)).toBe(
    'No share-out makes more pages of this.',
  );
  expect(boundWords({ ...plan, stats: { ...plan.stats, optimal: true } }, 2)).toBe(
    'No share-out opens fewer fresh sheets.',
  );
  expect(boundWords(plan, 2)).toBe('');
});
