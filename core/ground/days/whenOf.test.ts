import fc from 'fast-check';
import { expect, test } from 'vitest';
import { byDay, whenOf } from '.';

test.each([
  ['2026-09-12', '2026-09-12'],
  ['2026-9-2', '2026-09-02'],
  ['2026-09', '2026-09'],
  ['2026-09-12 23:10', '2026-09-12'],
  ['2026', '2026'],
  ['about 1998', '1998'],
  ['summer of 2004', '2004'],
  ['12 Sept 2026', '2026-09-12'],
  ['12th of September 2026', '2026-09-12'],
  ['12. September 2026', '2026-09-12'],
  ['Sep 12, 2026', '2026-09-12'],
  ['September 12th, 2026', '2026-09-12'],
  ['Saturday, 12 September 2026', '2026-09-12'],
  ['September 2026', '2026-09'],
  ['may 2026', '2026-05'],
  ['12.9.2026', '2026-09-12'],
  ['12. 9. 2026', '2026-09-12'],
  ['9/25/2026', '2026-09-25'],
  ['25/9/2026', '2026-09-25'],
  ['9/9/2026', '2026-09-09'],
  // Which of the two is the month is not known.
  ['9/12/2026', '2026'],
  ['2026-13-40', '2026'],
  ['40 September 2026', '2026-09'],
  ['last autumn', ''],
  ['September', ''],
  ['', ''],
])('%s is %s', (said, when) => {
  expect(whenOf(said)).toBe(when);
});

test('what is told farther goes after what is told less far of the same time, and years go in order', () => {
  const said = ['about 1998', 'September 1998', '12 Sept 1998', '2004', 'June 2026', '2026-09-12'];
  expect([...said].reverse().sort(byDay)).toEqual(said);
  expect(['2026', 'last autumn'].sort(byDay)).toEqual(['last autumn', '2026']);
});

test('whatever is written is a year, a month, a day or nothing', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.date({ noInvalidDate: true }).map(String)), (said) => {
      expect(whenOf(said)).toMatch(/^(\d{4}(-\d\d(-\d\d)?)?)?$/);
    }),
  );
});
