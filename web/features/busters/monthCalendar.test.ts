import ICAL from 'ical.js';
import { expect, test } from 'vitest';
import { monthCalendar, weekdayWords } from './monthCalendar';

// Read back by a library of the registry that knows nothing of how it was written; RFC 5545.
test('a month’s pages are read back from iCalendar, day by day, whatever they are called', () => {
  const pages = [
    { id: 'p', name: 'Kiln, “cone 06”; twelve hours', day: '2026-12-04', about: 'clay, ash\nabout 45 min' },
    { id: 'q', name: 'Mörtel & Glut', day: '2026-12-31', about: '' },
    { id: 'r', name: 'Leap', day: '2028-02-29', about: 'x'.repeat(200) },
  ];
  const calendar = new ICAL.Component(ICAL.parse(monthCalendar(pages)) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
  expect(
    events.map(({ summary, startDate, endDate, uid }) => [
      summary,
      startDate.toString(),
      endDate.toString(),
      startDate.isDate,
      uid,
    ]),
  ).toEqual([
    ['Kiln, “cone 06”; twelve hours', '2026-12-04', '2026-12-05', true, 'page-p@nubbin'],
    ['Mörtel & Glut', '2026-12-31', '2027-01-01', true, 'page-q@nubbin'],
    ['Leap', '2028-02-29', '2028-03-01', true, 'page-r@nubbin'],
  ]);
  expect(events.map(({ description }) => (description as string | null) ?? '')).toEqual([
    'clay, ash\nabout 45 min',
    '',
    'x'.repeat(200),
  ]);
});

test('days are told by their weekday', () => {
  expect(weekdayWords('2026-12-04')).toBe('Fri 4 Dec');
});
