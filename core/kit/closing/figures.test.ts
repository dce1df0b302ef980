import { expect, test } from 'vitest';
import type { LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { beginPage, bringBack, finishPage, gluePage, keepMonthAim, partWith, putRight } from '../../acts';
import { BARE_PAGE, unpackedWorld } from '../../acts/test/world';
import { monthAimsOf, nothingNewTill, paperByMonth, stashNow } from '.';

const SHEET = inches(12) ** 2;

test('what came less what went is what lies there, month by month, months without anything too', () => {
  const world = unpackedWorld();
  const on = (day: string, what: Parameters<typeof world.do>[0]): void => {
    expect(world.do((bench) => what(bench, { ...world.now, day }))).toBe(true);
  };
  on('2026-11-09', partWith({ pieces: ['inks-1'], lots: [] }, { how: 'given' }));
  on('2026-11-09', partWith({ pieces: ['inks-2'], lots: [] }, { how: 'lent', to: 'Wren' }));
  on('2026-11-20', bringBack({ pieces: ['inks-2'], lots: [] }));
  on('2026-11-20', putRight({ missed: ['lamps-1'], found: [], lots: {} }, 'stock taken'));
  expect(paperByMonth(world.bench.ledger)).toEqual([
    { month: '2026-11', came: 6 * SHEET, onPages: 0, away: 2 * SHEET, stash: 4 * SHEET },
  ]);
  // Undone, it is as if it had not been.
  world.undo();
  expect(paperByMonth(world.bench.ledger)[0]!.stash).toBe(5 * SHEET);
});

test('months between two that did something are told too, over the end of a year', () => {
  const world = unpackedWorld();
  const earlier = [...world.bench.ledger.events.values()].map((event): LedgerEvent => ({
    ...event,
    day: '2025-11-30',
  }));
  const late: LedgerEvent = { id: 'late', day: '2026-02-01', type: 'given', piece: 'inks-1' };
  const events = new Map([...earlier, late].map((event) => [event.id, event]));
  const months = paperByMonth({ ...world.bench.ledger, events });
  expect(months.map(({ month, stash }) => [month, stash / SHEET])).toEqual([
    ['2025-11', 6],
    ['2025-12', 6],
    ['2026-01', 6],
    ['2026-02', 5],
  ]);
});

test('what lies there by its age and its hues is all of it', () => {
  const { bench } = unpackedWorld();
  const { ages, hues } = stashNow('2027-03', bench);
  expect(ages).toMatchObject({ '3 to 6': 6 * SHEET, older: 0 });
  expect(hues).toMatchObject({ blues: 2 * SHEET, ambers: 2 * SHEET, pinks: 2 * SHEET, greens: 0 });
  expect(stashNow('2028-01', bench).ages['1 to 2 years']).toBe(6 * SHEET);
});

test('aims for a month: so many pages done in it; nothing new is kept until a kit comes', () => {
  const world = unpackedWorld();
  world.do(keepMonthAim({ id: 'a', kind: 'pages', month: '2026-11', atLeast: 1 }));
  world.do(keepMonthAim({ id: 'b', kind: 'nothing-new', month: '2027-05', since: '2026-11-05' }));
  const told = () => monthAimsOf(world.bench).map(({ aim, done, isMet }) => [aim.id, done, isMet]);
  expect(told()).toEqual([
    ['a', 0, false],
    ['b', 0, true],
  ]);
  world.do(beginPage('p', BARE_PAGE));
  world.do(gluePage('p', []));
  world.do(finishPage('p'));
  expect(told()[0]).toEqual(['a', 1, true]);
  const later: LedgerEvent = { id: 'late', day: '2026-12-01', type: 'received', lot: 'dots', amounts: { '': 1 } };
  const events = new Map([...world.bench.ledger.events, ['late', later] as const]);
  expect(monthAimsOf({ ...world.bench, ledger: { ...world.bench.ledger, events } })[1]).toMatchObject({
    done: 1,
    isMet: false,
  });
  expect(nothingNewTill(world.bench.monthAims.values(), '2027-04')).toBe('2027-05');
  expect(nothingNewTill(world.bench.monthAims.values(), '2027-05')).toBeNull();
});
