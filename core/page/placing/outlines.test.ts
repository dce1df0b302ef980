import SvgPath from 'svg-path-commander';
import { describe, expect, test } from 'vitest';
import { areaOf, boxOf } from '../../trimmer/contours';
import { inches } from '../../ground/length';
import type { Item } from '../../stock/things';
import { contourOf, OUTLINE_IDS, outlineFor, outlineOf, outlinesIn, pouredOut, smallThing, type SmallThing } from '.';

describe('every outline', () => {
  test('there are more than forty', () => expect(OUTLINE_IDS.length).toBeGreaterThan(40));

  test.each(OUTLINE_IDS)('%s fills its box and has the proportions of its size', (id) => {
    const { box, inches, parts, write } = outlineOf(id);
    for (const { d, line = 0 } of parts) {
      const { x, y, x2, y2 } = new SvgPath(d).bbox;
      const over = line / 2 + 2;
      expect(Math.min(x, y), d).toBeGreaterThanOrEqual(-over);
      expect(x2, d).toBeLessThanOrEqual(box[0] + over);
      expect(y2, d).toBeLessThanOrEqual(box[1] + over);
    }
    const all = new SvgPath(parts.map(({ d }) => d).join('')).bbox;
    const reach = parts[0].line ?? 0;
    expect((all.width + reach) / box[0]).toBeGreaterThan(0.8);
    expect((all.height + reach) / box[1]).toBeGreaterThan(0.8);
    expect(inches[0] / inches[1] / (box[0] / box[1])).toBeGreaterThan(0.8);
    expect(inches[0] / inches[1] / (box[0] / box[1])).toBeLessThan(1.25);
    if (write) expect(write[0] + write[2] <= box[0] && write[1] + write[3] <= box[1]).toBe(true);
  });

  test.each(OUTLINE_IDS.filter((id) => id !== 'speech'))('%s is found by its own word', (id) => {
    expect(outlineFor(id, 'ephemera')).toBe(id);
  });
});

test.each([
  ['brass clips', 'clip'],
  ['wood buttons', 'button'],
  ['lantern label', 'label'],
  ['enamel dots', 'dot'],
  ['puffy butterflies', 'moth'],
  ['Paper doilies', 'doily'],
  ['mini clothespins', 'peg'],
])('%s looks like a %s', (name, id) => expect(outlineFor(name, 'embellishment')).toBe(id));

test('a pack of several kinds shows them in turn, in its colours', () => {
  expect(outlinesIn('moths and jars')).toEqual(['moth', 'jar']);
  const pack = { name: 'moths and jars', kind: 'ephemera', size: null } as const;
  const shown = pouredOut(pack, { '': 32 }, ['#22314f', '#e6ab3e'], 4);
  expect(shown.map(({ outline }) => outline)).toEqual(['moth', 'jar', 'moth', 'jar']);
  expect(shown.map(({ colours }) => colours[0])).toEqual(['#22314f', '#e6ab3e', '#22314f', '#e6ab3e']);
});

test('what was named in a pack looks like its name, the rest like the pack', () => {
  const items = [{ id: 'a', name: 'frame', words: 'here' }];
  const pack = { name: 'oddments', kind: 'ephemera', size: null, items } as const;
  expect(pouredOut(pack, { a: 1, '': 1 }, [], 9).map(({ outline }) => outline)).toEqual(['frame', 'blank']);
  expect(smallThing(pack, 'a', []).words).toBe('here');
});

test.each(['Quayside', 'die cuts', 'wood veneers', 'chipboard, assorted', 'The Oddment Post exclusive', 'Tag line'])(
  'nothing is printed on a thing that is called %s, since nobody said so',
  (name) => {
    expect(smallThing({ name, kind: 'ephemera', size: null }, '', []).words).toBe('');
  },
);

test('what nobody knows the shape of is a blank; what is printed is what she said', () => {
  const look = (name: string) => smallThing({ name, kind: 'embellishment', size: null }, '', []);
  expect(look('Quayside').outline).toBe('blank');
  expect(look('Quayside "hello"').words).toBe('hello');
});

test('as many are drawn as there are, and no more than asked for', () => {
  const pack = { name: 'stars', kind: 'ephemera', size: null } as const;
  expect(pouredOut(pack, { '': 3 }, [], 6)).toHaveLength(3);
  expect(pouredOut(pack, { '': 30 }, [], 6)).toHaveLength(6);
  expect(pouredOut(pack, {}, [], 6)).toEqual([]);
});

test('a thing is flat or raised, and looks one way, as its name says or as she says', () => {
  const thing = (name: string, some: Partial<Item> = {}) =>
    smallThing({ name: 'ephemera', kind: 'ephemera', size: null, items: [{ id: 'a', name, ...some }] }, 'a', []);
  expect(thing('chipboard star').isRaised).toBe(true);
  expect(thing('chipboard star', { isRaised: false }).isRaised).toBe(false);
  expect(thing('star', { isRaised: true }).isRaised).toBe(true);
  expect(thing('moth').looks).toBeNull();
  expect(thing('left-facing fox').looks).toBe('left');
  expect(thing('heron looking right').looks).toBe('right');
  expect(thing('arrow').looks).toBe('right');
  expect(thing('arrow', { looks: 'left' }).looks).toBe('left');
  expect(thing('arrow', { looks: 'straight' }).looks).toBeNull();
});

test.each(OUTLINE_IDS)('the line round a %s encloses something within its size', (id) => {
  const [w, h] = outlineOf(id).inches;
  const thing: SmallThing = {
    ...smallThing({ name: id, kind: 'ephemera', size: null }, '', []),
    outline: id,
    size: { w: inches(w), h: inches(h) },
  };
  const { size } = thing;
  const line = contourOf({ kind: 'small', name: id, size, isRaised: false, thing });
  const box = boxOf([line]);
  // Thread is as thick as it is drawn, and may stand out by that.
  expect(box.w).toBeLessThanOrEqual(size.w * 1.35);
  expect(box.h).toBeLessThanOrEqual(size.h * 1.35);
  expect(areaOf([line])).toBeGreaterThan(0.1 * size.w * size.h);
});
