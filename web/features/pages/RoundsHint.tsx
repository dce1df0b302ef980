import { useMemo } from 'react';
import type { Layout } from '../../../core/page/design';
import { groupBy } from '../../../core/ground/groupBy';
import { layInItsPlace, thingsForRounds } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { agreeing, countWords } from '../../words/countWords';
import { Soft } from '../../ui/Screen';
import { Hint } from './Hint';

/** Where round things that are there can lie in place of circles: no paper is cut for those. */
export function RoundsHint({ page, layout }: { page: Page; layout: Layout }) {
  const bench = useBench((b) => b);
  const things = useMemo(() => thingsForRounds(page, layout, bench), [page, layout, bench]);
  if (things.length === 0) return null;
  const told = [...groupBy(things, ({ name }) => name)].map(([name, some]) => `${some.length} × ${name}`);
  return (
    <Hint aria-label="Round things">
      <p>Round things that are there: {told.join(', ')}.</p>
      <Soft>
        Laid in place of {countWords(things.length, 'circle')}, no paper is cut for{' '}
        {agreeing(things.length, 'it', 'them')}.
      </Soft>
      <Button onPress={() => void act(layInItsPlace(page.id, things))}>Lay them there</Button>
    </Hint>
  );
}
