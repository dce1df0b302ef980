import { describe, expect, test } from 'vitest';
import { inches } from '../../ground/length';
import type { Face } from '../things';
import { readItem, receiptOf, unpack, type ListItem } from '.';

const item = (text: string): ListItem => {
  const read = readItem(text);
  if (!read) throw new Error(`${text} is no thing`);
  return read;
};
function counter(): () => string {
  let n = 0;
  return () => `id${++n}`;
}

describe('a line becomes a lot and its faces', () => {
  const {
    lots: [lot],
    faces,
  } = unpack(item('2 x 12x12 moths / lamplight, ink + amber + lamp, upright'), 3, 'moth', [], counter());

  test('the lot says what it is and where it stood', () => {
    expect(lot).toMatchObject({
      kit: 'moth',
      kind: 'paper',
      measure: 'sheets',
      name: 'moths / lamplight',
      upright: true,
      line: 3,
      size: { w: inches(12), h: inches(12) },
    });
    expect([lot!.front, lot!.back]).toEqual(faces.map(({ id }) => id));
  });
  test('faces have patterns by their names and shares that come to one', () => {
    expect(faces.map(({ pattern }) => pattern)).toEqual(['moths', 'dots']);
    for (const { colours } of faces) expect(colours.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(faces[0]!.colours.map(({ share }) => share)).toEqual([0.6, 0.25, 0.15]);
  });
  test('a face that the kit has by that name is used again', () => {
    const known: Face[] = [{ id: 'old', name: 'lamplight', pattern: 'dots', colours: [] }];
    const again = unpack(item('1 x 12x12 lamplight / rows, amber'), 4, 'moth', known, counter());
    expect(again.lots[0]!.front).toBe('old');
    expect(again.faces.map(({ name }) => name)).toEqual(['rows']);
  });
  test('cardstock is plain in its colour, whatever its name', () => {
    const {
      faces: [plain],
    } = unpack(item('2 x 12x12 cardstock slate'), 1, 'k', [], counter());
    expect(plain).toMatchObject({ pattern: 'plain', colours: [{ hex: '#56606b', share: 1 }] });
  });
  test('what has no face has none', () => {
    expect(unpack(item('brass clips 6'), 1, 'k', [], counter())).toMatchObject({
      faces: [],
      lots: [{ front: null, back: null }],
    });
  });
});

describe('what comes in of a line', () => {
  test('sheets as pieces of their own, only those that are here', () => {
    const { pieces } = receiptOf(item('3 x 12x12 cardstock slate'), 2, counter()) as {
      pieces: { id: string; w: number }[];
    };
    expect(pieces).toEqual([
      { id: 'id1', w: inches(12), h: inches(12) },
      { id: 'id2', w: inches(12), h: inches(12) },
    ]);
  });
  test('counts as counts, rolls as lengths, letters each', () => {
    expect(receiptOf(item('enamel dots 24'), 20, counter())).toEqual({ amounts: { '': 20 } });
    expect(receiptOf(item('twine 2 yd'), 1, counter())).toEqual({ amounts: { '': inches(72) } });
    expect(receiptOf(item('alpha puffy: A3 E4'), 1, counter())).toEqual({ amounts: { A: 3, E: 4 } });
  });
});
