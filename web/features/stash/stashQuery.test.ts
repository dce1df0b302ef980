import fc from 'fast-check';
import { expect, test } from 'vitest';
import { FAMILIES } from '../../../core/ground/colour';
import { SORTS } from './sorts';
import { HARMONIES, IDLE, NO_QUERY, queryOf, searchOf, STATES, type StashQuery } from './stashQuery';

const oneOf = <T extends string>(choices: readonly (readonly [T, string])[]) =>
  fc.constantFrom(...choices.map(([key]) => key));
const length = fc.option(fc.integer({ min: 1, max: 1e6 }));

test('what is asked and written into the address is read from it again', () => {
  const query: fc.Arbitrary<StashQuery> = fc.record({
    text: fc.string(),
    kit: fc.string(),
    kind: fc.constantFrom('any', 'paper', 'dots'),
    colour: fc.constantFrom('any', 'picked', ...FAMILIES),
    picked: fc.constantFrom('#d9961c', '#000000'),
    harmony: oneOf(HARMONIES),
    w: length,
    h: length,
    state: oneOf(STATES),
    idle: oneOf(IDLE),
    place: fc.string(),
    by: fc.constantFrom('colour', 'kit', 'size'),
    sort: oneOf(SORTS),
  });
  fc.assert(
    fc.property(query, (asked) => {
      expect(queryOf(searchOf(asked))).toEqual(asked);
    }),
  );
});

test('nothing asked leaves the address bare', () => expect(searchOf(NO_QUERY)).toBe(''));

test.each(['?state=nowhere', '?w=-3&h=wide', '?picked=red', '?colour=loud&by=luck', '?other=1'])(
  'an address that makes no sense asks nothing: %s',
  (search) => expect(queryOf(search)).toEqual(NO_QUERY),
);
