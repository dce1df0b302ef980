import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches } from '../ground/length';
import type { MeasuredLayer } from '../stock/things';
import { readDesignFile, writeDesignFile, type JsonDesignFile } from '.';

const read = (name: string): unknown =>
  JSON.parse(readFileSync(new URL(`../../docs/formats/${name}`, import.meta.url), 'utf8'));
const validate = new Ajv2020({ strict: true, strictTypes: false, strictRequired: false, discriminator: true }).compile(
  read('design.schema.json') as object,
);
const example = read('design.example.json') as JsonDesignFile;

test('the example beside the schema matches it and is read', () => {
  expect(validate(example)).toBe(true);
  const design = readDesignFile(example).value!;
  expect(design.layers[1]).toEqual({ name: 'strip', x: 0, y: inches(7.75), w: inches(12), h: inches(3), turn: 0 });
  expect(design.layers[2]!.shape).toEqual({
    kind: 'banner',
    end: 'dovetail',
    w: inches(1.25),
    h: inches(7),
    depth: inches(0.625),
  });
});

const size = fc.integer({ min: 40, max: 120_000 });
const anyShape = (w: number, h: number) =>
  fc.constantFrom<MeasuredLayer['shape']>(
    undefined,
    { kind: 'pennant', w, h },
    { kind: 'banner', end: 'point', depth: 20, w, h },
    { kind: 'tag', corners: 'round', corner: 7, w, h },
    { kind: 'scallop-strip', scallop: 11, w, h },
    { kind: 'pocket', flap: 9, w, h },
  );
const anyLayer = fc
  .record({
    name: fc.constantFrom('ground', 'photo', 'box'),
    x: fc.integer({ min: -9000, max: 90_000 }),
    y: fc.integer({ min: -9000, max: 90_000 }),
    w: size,
    h: size,
    turn: fc.integer({ min: -9, max: 9 }),
  })
  .chain((layer) =>
    anyShape(layer.w, layer.h).map((shape): MeasuredLayer => ({ ...layer, ...(shape ? { shape } : {}) })),
  );

test('what is written matches the schema and is read again to the tick', () =>
  fc.assert(
    fc.property(fc.array(anyLayer, { minLength: 1, maxLength: 6 }), fc.boolean(), (layers, spread) => {
      const design = {
        name: 'A guide',
        page: { w: inches(12), h: 99_991, spread },
        layers,
        title: null,
        journaling: { x: 1, y: 2, w: 3, h: 4 },
      };
      const file = writeDesignFile(design);
      expect(validate(file)).toBe(true);
      expect(readDesignFile(JSON.parse(JSON.stringify(file)) as JsonDesignFile).value).toEqual(design);
    }),
  ));

test.each([
  [{ layers: [{ ...example.layers[1]!, w: 0 }] }, '/layers/0/w'],
  [{ layers: [{ ...example.layers[1]!, y: '3 1/' }] }, '/layers/0/y'],
  [
    { layers: [example.layers[0]!, { ...example.layers[2]!, shape: { kind: 'banner', end: 'point', depth: 9 } }] },
    '/layers/1/shape/depth',
  ],
  [{ layers: [{ ...example.layers[1]!, shape: { kind: 'circle' } }] }, '/layers/0/shape'],
  [{ page: { w: 12, h: 'a foot' } }, '/page/h'],
  [{ title: { x: 0, y: 0, w: 0, h: 1 } }, '/title/w'],
] as const)('%j is refused at its place', (wrong, at) => {
  expect(readDesignFile({ ...example, ...wrong } as JsonDesignFile)).toMatchObject({ ok: false, error: { at } });
});
