import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { steps, tell } from '../../../core/acts/test/anyActs';
import { imagesOf, PICTURED } from '../../../core/stock/bench';
import { readBenchJson } from './benchFile';
import { contentsOf, EMPTY_FILE, type BenchFile } from './contents';
import { salvage } from './salvage';

const demo = JSON.parse(readFileSync(new URL('../../../demo/bench.json', import.meta.url), 'utf8')) as BenchFile;
const without = (id: string): BenchFile => ({ ...demo, pictures: demo.pictures.filter((one) => one.id !== id) });
const namesIt = (table: (typeof PICTURED)[number], id: string) =>
  demo[table].filter((record) => imagesOf(record).some(({ image }) => image === id)).length;

describe('of the demo, whose photos stand on pages', () => {
  test('whichever picture is bad, its photo goes; every entry, page and thing stays', () => {
    expect(demo.pictures.length).toBeGreaterThan(5);
    for (const { id } of demo.pictures) {
      const { file, lost } = salvage(without(id))!;
      expect(file.events).toEqual(demo.events);
      expect(file.pages.map((page) => page.id)).toEqual(demo.pages.map((page) => page.id));
      expect(file.pages.map(({ photos }) => photos.length)).toEqual(demo.pages.map(({ photos }) => photos.length));
      expect(file.lots).toHaveLength(demo.lots.length);
      expect(file.plans).toEqual(demo.plans);
      expect(file.photos).toHaveLength(demo.photos.length - namesIt('photos', id));
      expect(lost.length).toBeLessThanOrEqual(5);
      expect(readBenchJson(file).error).toBeNull();
    }
  });

  test('whichever entry is left out, only those go that rest on it', () => {
    for (const [i, { id }] of demo.events.entries()) {
      const file = { ...demo, events: demo.events.toSpliced(i, 1) };
      const saved = salvage(file)!;
      const kept = new Set(saved.file.events.map((event) => event.id));
      expect(kept.has(id)).toBe(false);
      // What happened before it is as it was.
      expect(demo.events.slice(0, i).every((event) => kept.has(event.id))).toBe(true);
      expect(readBenchJson(saved.file).error).toBeNull();
    }
  });

  test.each([
    ['a choice of a thing that is none', 'lots', { material: '' }],
    ['a field of a page that nobody knows', 'pages', { glitter: 3 }],
    ['a title that is no text', 'pages', { title: 4 }],
    ['a month that is none', 'kits', { month: '2026-13' }],
    ['a page without its design', 'pages', { design: undefined }],
  ] as const)('%s costs that field, and no record and no entry', (_, table, wrong) => {
    for (const i of demo[table].keys()) {
      const rows = JSON.parse(JSON.stringify(demo[table])) as object[];
      Object.assign(rows[i]!, wrong);
      const { file, lost } = salvage(JSON.parse(JSON.stringify({ ...demo, [table]: rows })))!;
      expect(lost.length).toBeLessThanOrEqual(1);
      expect(file[table].map(({ id }) => id)).toEqual(demo[table].map(({ id }) => id));
      expect(file.events).toEqual(demo.events);
    }
  });

  test.each(['kits', 'stories', 'pages', 'faces'] as const)(
    'a record of %s that cannot be read takes no entry with it',
    (table) => {
      for (const i of demo[table].keys()) {
        const rows: unknown[] = [...demo[table]];
        rows[i] = 7;
        const { file } = salvage({ ...demo, [table]: rows })!;
        expect(file.events).toEqual(demo.events);
        expect(readBenchJson(file).error).toBeNull();
      }
    },
  );
});

test('what is saved of any bench, whichever picture or record is bad, keeps what does not rest on it', () =>
  fc.assert(
    fc.property(steps, (told) => {
      const { bench } = tell(told);
      const file = { ...EMPTY_FILE, ...contentsOf(bench) };
      const read = readBenchJson(JSON.parse(JSON.stringify(file)));
      // The law: what is exported is read back, the same.
      expect(read.error).toBeNull();
      expect(read.value).toEqual(JSON.parse(JSON.stringify(file)));
      expect(salvage(file)).toEqual({ file, lost: [] });
    }),
    { numRuns: 60 },
  ));
