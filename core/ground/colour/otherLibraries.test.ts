import { colorsNamed, differenceCiede2000 as culoriDifference, formatHex, nearest, parse } from 'culori';
import fc from 'fast-check';
import quantize from 'quantize';
import { describe, expect, test } from 'vitest';
import { seededRandom } from '../random';
import { colourWords, differenceCiede2000, hexOfWord, hexToLab, hexToRgb, mainColours, nearestWord } from '.';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

/** A picture of a few grounds, each with so many dots, a little grain on all of them. */
function picture(grounds: readonly { readonly hex: string; readonly dots: number }[], seed: number): Uint8ClampedArray {
  const random = seededRandom(seed);
  const data = new Uint8ClampedArray(4 * grounds.reduce((sum, { dots }) => sum + dots, 0));
  let at = 0;
  for (const { hex: colour, dots } of grounds) {
    const { r, g, b } = hexToRgb(colour);
    for (let n = 0; n < dots; n++, at += 4) data.set([r, g, b].map((c) => c + 8 * (random() - 0.5)).concat(255), at);
  }
  return data;
}

const far = (a: string, b: string): number => differenceCiede2000(hexToLab(a), hexToLab(b));

/** Grounds that nobody would take for one another. */
const grounds = fc
  .array(fc.record({ hex, dots: fc.integer({ min: 400, max: 3000 }) }), { minLength: 2, maxLength: 4 })
  .filter((list) => list.every((one, i) => list.every((other, j) => i === j || far(one.hex, other.hex) > 25)));

describe("main colours beside the registry's median cut (quantize, after the modified median cut of D. Bloomberg)", () => {
  test('every ground of a picture is found by both, and with its share by this one', () =>
    fc.assert(
      fc.property(grounds, (list) => {
        const data = picture(list, 1);
        const ours = mainColours(data);
        const dots = Array.from({ length: data.length / 4 }, (_, i) => [
          data[4 * i]!,
          data[4 * i + 1]!,
          data[4 * i + 2]!,
        ]);
        const theirs = quantize(dots, 12);
        const palette =
          theirs === false
            ? []
            : theirs.palette().map(([r, g, b]) => formatHex({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 }));
        const all = list.reduce((sum, one) => sum + one.dots, 0);
        for (const ground of list) {
          const near = ours.filter((colour) => far(colour.hex, ground.hex) < 6);
          expect(near.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(ground.dots / all, 1);
          // Median cut mixes what lies in one box: it comes less near.
          expect(Math.min(...palette.map((colour) => far(colour, ground.hex)))).toBeLessThan(20);
        }
      }),
      { numRuns: 40 },
    ));
});

describe("names of colours beside the registry's colour library (culori)", () => {
  test('the nearest word is the one that it finds nearest', () => {
    const words = colourWords().map((word) => parse(hexOfWord(word)!)!);
    const find = nearest(words, culoriDifference());
    fc.assert(
      fc.property(hex, (colour) => {
        const [theirs] = find(parse(colour)!, 1);
        expect(far(hexOfWord(nearestWord(colour))!, colour)).toBeCloseTo(far(formatHex(theirs!)!, colour), 6);
      }),
      { numRuns: 150 },
    );
  });

  test('words that screens have too mean about the same (CSS Color Module Level 4, section 6.1)', () => {
    // On paper plum is the fruit's skin, on screens a pale violet.
    const shared = colourWords().filter((word) => word in colorsNamed && word !== 'plum');
    expect(shared.length).toBeGreaterThan(15);
    for (const word of shared) expect(far(hexOfWord(word)!, formatHex(parse(word)!)!), word).toBeLessThan(25);
  });
});
