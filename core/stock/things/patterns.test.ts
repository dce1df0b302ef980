import fc from 'fast-check';
import { expect, test } from 'vitest';
import { PATTERNS, patternFor } from '.';

test.each([
  ['moths', 'moths'],
  ['night sky', 'stars'],
  ['foxglove', 'blooms'],
  ['rope stripe', 'stripes'],
  ['radish rows', 'stripes'],
  ['gingham green', 'gingham'],
  ['field notes', 'ledger'],
  ['potting bench wood', 'wood'],
  ['ash wash', 'wash'],
  ['garden grid', 'grid'],
  ['celadon scallops', 'scallops'],
  ['crackle glaze', 'crackle'],
  ['plain slate', 'plain'],
  ['leaf mould', 'leaves'],
  ['tartan red', 'plaid'],
  ['seed packets', 'seeds'],
  ['bell metal', 'bells'],
  ['lamplight', 'dots'],
  ['Old Letters', 'script'],
])('%s is drawn as %s', (name, pattern) => {
  expect(patternFor(name)).toBe(pattern);
});

test('any name has a pattern, the same every time', () =>
  fc.assert(
    fc.property(fc.string(), (name) => {
      expect(PATTERNS).toContain(patternFor(name));
      expect(patternFor(name)).toBe(patternFor(name));
    }),
  ));
