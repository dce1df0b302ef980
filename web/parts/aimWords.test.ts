import { expect, test } from 'vitest';
import { aimsOf } from '../../core/kit/closing';
import { beginPage, changeKit, gluePage, partWith, putOnPage, takeOut, takeSomeOut } from '../../core/acts';
import { BARE_PAGE, unpackedWorld } from '../../core/acts/test/world';
import { aimWords } from './aimWords';

test('aims are told with how near they are, and are reached by what is on pages', () => {
  const world = unpackedWorld();
  const told = () => aimsOf(world.bench.kits.get('k')!, world.bench).map((one) => aimWords(one, 'in'));
  world.do(
    changeKit('k', {
      aims: [
        { id: 'a', kind: 'use', lot: 'dots', atLeast: 3 },
        { id: 'b', kind: 'use', lot: 'inks', atLeast: null },
        { id: 'c', kind: 'pages', atLeast: 1 },
        { id: 'd', kind: 'use', lot: 'gone', atLeast: 1 },
      ],
    }),
  );
  expect(told()).toEqual(['at least 3 of dots: 0 so far', 'use up inks: 0 sheets of 2 sheets', '1 page: 0 so far']);
  world.do(beginPage('p', BARE_PAGE));
  world.do(takeSomeOut('dots', { '': 3 }, 'p'));
  world.do(takeOut({ pieces: ['inks-1'], lots: [] }, 'p'));
  world.do(putOnPage('p', [{ lot: 'dots', amounts: { '': 3 } }, { piece: 'inks-1' }]));
  expect(told()).toEqual(['at least 3 of dots: reached', 'use up inks: 1 sheet of 2 sheets', '1 page: 0 so far']);
  world.do(gluePage('p', []));
  // What was given away can no longer be used.
  world.do(partWith({ pieces: ['inks-2'], lots: [] }, { how: 'given' }));
  expect(told()).toEqual(['at least 3 of dots: reached', 'use up inks: reached', '1 page: reached']);
});
