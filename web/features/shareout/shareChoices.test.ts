import { describe, expect, test } from 'vitest';
import { useShareChoices } from './shareChoices';

describe('what she settles', () => {
  const state = () => useShareChoices.getState();
  test('a paper kept is let go of again; one refused is no longer kept', () => {
    state().pin('a', 'mat', 'moths');
    state().pin('a', 'upper', 'rope');
    expect(state().pins).toEqual({ a: { mat: 'moths', upper: 'rope' } });
    state().forbid('a', 'rope', true);
    expect([state().pins, state().forbidden]).toEqual([{ a: { mat: 'moths' } }, { a: ['rope'] }]);
    state().forbid('a', 'rope', false);
    state().pin('a', 'mat', null);
    expect([state().pins, state().forbidden]).toEqual([{ a: {} }, { a: [] }]);
  });
  test('all is forgotten once it is claimed', () => {
    state().change({ must: ['moths'], never: ['rope'], mode: 'spend' });
    state().free();
    expect(state()).toMatchObject({ must: [], never: [], pins: {}, mode: 'spend' });
  });
});
