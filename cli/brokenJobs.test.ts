import { Ajv2020 } from 'ajv/dist/2020.js';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { VERBS } from './verbs';

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

const format = (name: string): Json =>
  JSON.parse(readFileSync(new URL(`../docs/formats/${name}.json`, import.meta.url), 'utf8')) as Json;
const token = (key: string | number): string => `/${String(key).replaceAll('~', '~0').replaceAll('/', '~1')}`;
const isObject = (json: Json | undefined): json is { [key: string]: Json } =>
  typeof json === 'object' && json !== null && !Array.isArray(json);

/** Every place of a job but the whole, as keys from its root. */
function placesOf(json: Json, above: readonly (string | number)[] = []): (string | number)[][] {
  const inside: [string | number, Json][] = Array.isArray(json)
    ? json.map((one, i) => [i, one])
    : isObject(json)
      ? Object.entries(json)
      : [];
  return inside.flatMap(([key, value]) => [[...above, key], ...placesOf(value, [...above, key])]);
}

const at = (json: Json, place: readonly (string | number)[]): Json | undefined =>
  place.reduce<Json | undefined>((now, key) => (now as Record<string, Json> | undefined)?.[key], json);

/** Reads a JSON Pointer (RFC 6901) into a job. */
const pointed = (json: Json, pointer: string): Json | undefined =>
  at(
    json,
    pointer
      .split('/')
      .slice(1)
      .map((part) => part.replaceAll('~1', '/').replaceAll('~0', '~')),
  );

const junk = fc.constantFrom<Json>(
  null,
  true,
  '',
  'three',
  '-2in',
  '3,5',
  '1/0',
  -1,
  0,
  0.5,
  1e21,
  [],
  {},
  [[]],
  'ü',
  '\u0000',
);

describe.each([...VERBS.keys()])('%s, broken in one place', (verb) => {
  const example = format(`${verb}.example`);
  const places = placesOf(example);
  const quick = (job: Json): Json => (verb === 'cut' || verb === 'share' ? { seconds: 0.05, ...(job as object) } : job);
  const run = async (job: Json) => VERBS.get(verb)!(job);
  const matches = new Ajv2020({ strict: true, strictTypes: false }).compile(format(`${verb}.result.schema`) as object);

  test('is refused at a place of the job with one line of words, or answered in full', () =>
    fc.assert(
      fc.asyncProperty(fc.constantFrom(...places), junk, async (place, wrong) => {
        const job = quick(structuredClone(example));
        (at(job, place.slice(0, -1)) as Record<string, Json>)[place[place.length - 1]!] = wrong;
        const result = await run(job);
        if (result.ok) {
          matches(JSON.parse(JSON.stringify(result.value)));
          expect(matches.errors).toBeNull();
        } else {
          expect(pointed(job, result.error.at)).not.toBeUndefined();
          expect(result.error.message).toMatch(/^\S.*\S$/u);
          expect(result.error.code).toMatch(/^[a-z-]+$/);
        }
      }),
      { numRuns: 30 },
    ));

  test('an unknown key anywhere is refused at that key', () =>
    fc.assert(
      fc.asyncProperty(
        fc.constantFrom([], ...places),
        fc.constantFrom('typo', 'w ', 'a/b', '~', ''),
        async (place, key) => {
          const job = quick(structuredClone(example));
          const object = at(job, place);
          fc.pre(isObject(object));
          // Any one character is a glyph.
          fc.pre(place.at(-1) !== 'letters' || [...key].length !== 1);
          (object as Record<string, Json>)[key] = 1;
          expect(await run(job)).toMatchObject({ ok: false, error: { at: [...place, key].map(token).join('') } });
        },
      ),
      { numRuns: 12 },
    ));

  test('a key left out is missed in its object, or not needed', () =>
    fc.assert(
      fc.asyncProperty(fc.constantFrom(...places), async (place) => {
        const job = quick(structuredClone(example));
        const above = at(job, place.slice(0, -1));
        fc.pre(isObject(above));
        delete (above as Record<string, Json>)[place[place.length - 1]!];
        const result = await run(job);
        if (!result.ok) expect(result.error.at).toBe(place.slice(0, -1).map(token).join(''));
      }),
      { numRuns: 12 },
    ));
});
