import fc from 'fast-check';
import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { entriesOf, readList } from '.';

/** What a list tells of: how many of what, of which size, and whether it is in doubt. */
const told = (text: string) =>
  entriesOf(readList(text)).map(({ item: { count, kind, name, size }, doubts }) => ({
    told: `${count} ${kind} ${name}`,
    size: size && `${size.w / inches(1)} x ${size.h / inches(1)}`,
    isInDoubt: doubts.length > 0,
  }));
const names = (text: string): string[] => told(text).map((one) => one.told);

test.each([
  ['(12) 12x12 double-sided papers – 1 of each', 1],
  ['2 each: 12x12 patterned papers', 2],
  ['12x12 papers (two of each design)', 2],
  ['Patterned papers, one of each:', 1],
  ['3 ea. of 12x12 papers', 3],
])('%s: what is named under it is so many of them', (lead, each) => {
  expect(names(`${lead}\n  • Windfall / Ticking\n  • Ladder / Moss\n\ntwine`)).toEqual([
    `${each} paper Windfall / Ticking`,
    `${each} paper Ladder / Moss`,
    '1 twine twine',
  ]);
});

test('a size above is that of each under it', () => {
  expect(told('4 sheets of 8.5x11 cardstock:\n- plum\n- oat x2\n- bark 12x12')).toEqual([
    { told: '1 cardstock plum', size: '8.5 x 11', isInDoubt: false },
    { told: '2 cardstock oat', size: '8.5 x 11', isInDoubt: false },
    { told: '1 cardstock bark', size: '12 x 12', isInDoubt: false },
  ]);
  expect(told('CARDSTOCK (8.5x11)\nplum\nMINI TAGS\nrust').map(({ size }) => size)).toEqual(['8.5 x 11', null]);
});

test('the length of rolls above is that of each under it', () => {
  expect(entriesOf(readList('3 rolls of washi, 15mm x 10 yds:\n- moons\n- dots\n- plain')).map((e) => e.item)).toEqual(
    ['moons', 'dots', 'plain'].map((name) =>
      expect.objectContaining({ kind: 'washi', name, measure: 'length', length: inches(360) }),
    ),
  );
});

test('so many as are told, and no more lines than that, are what is told of, in doubt where nothing marks them so', () => {
  expect(told('4 sheets of 12x12 cardstock\nPlum\nOat\nRust\nBark')).toEqual(
    ['Plum', 'Oat', 'Rust', 'Bark'].map((name) => ({ told: `1 cardstock ${name}`, size: '12 x 12', isInDoubt: true })),
  );
  expect(names('4 sheets of 12x12 cardstock\nMoonrise\nGarden Gate')).toContain('4 cardstock cardstock');
  expect(names('2 rolls washi\nBaker’s twine, red & white, 3 yards\nRibbon - 1 yard - rust')).toHaveLength(3);
});

test('lines that are numbered stand under one that is not', () => {
  expect(names('3 12x12 papers\n1. Windfall\n2. Ladder\n3. Bark')).toEqual([
    '1 paper Windfall',
    '1 paper Ladder',
    '1 paper Bark',
  ]);
});

test('where as many are not listed as are told, it is in doubt', () => {
  expect(told('6 papers:\n- Windfall\n- Ladder')).toEqual([
    { told: '3 paper Windfall', size: '12 x 12', isInDoubt: true },
    { told: '3 paper Ladder', size: '12 x 12', isInDoubt: true },
  ]);
  const [first] = entriesOf(readList('12x12 papers, 5 sheets:\n- Windfall\n- Ladder x2'));
  expect(first?.doubts).toMatchObject([{ why: '5 are told above, and 3 are listed.' }]);
});

test('a count above is of those under it, also where they have counts of their own, and marks or none', () => {
  const lines = ['Lantern Walk (2)', 'Frost / Ember (2)', 'Night Sky (2)'];
  for (const mark of ['', '• '])
    for (const lead of ['PATTERNED PAPER – 6 sheets', 'Patterned paper (6)', '6 12x12 papers'])
      expect(told(`${lead}\n${lines.map((line) => mark + line).join('\n')}`)).toEqual(
        ['Lantern Walk', 'Frost / Ember', 'Night Sky'].map((name) => ({
          told: `2 paper ${name}`,
          size: '12 x 12',
          isInDoubt: lead !== '6 12x12 papers',
        })),
      );
  const [first, second] = told('PATTERNED PAPER – 12 sheets\n• Lantern Walk (2)\n• Frost / Ember (2)\n• Cut Apart 3x4');
  expect(first).toMatchObject({ told: '2 paper Lantern Walk', isInDoubt: true });
  expect(second).toMatchObject({ told: '2 paper Frost / Ember' });
});

test('what is over others goes no further than they', () => {
  expect(names('PAPERS\nMoss\n2 cardstock:\n- plum\n- oat\nBark')).toEqual([
    '1 paper Moss',
    '1 cardstock plum',
    '1 cardstock oat',
    '1 paper Bark',
  ]);
  expect(names('3 cardstock:\nplum\noat\nrust\nwashi tape\nwood veneer leaves')).toEqual([
    '1 cardstock plum',
    '1 cardstock oat',
    '1 cardstock rust',
    '1 washi washi tape',
    '1 embellishment wood veneer leaves',
  ]);
});

const letters = (text: string) =>
  entriesOf(readList(text)).flatMap(({ item, doubts }) =>
    item.kind === 'alpha' ? [{ name: item.name, letters: item.letters, isInDoubt: doubts.length > 0 }] : [],
  );

test.each([
  ['Alphabet stickers:\nA x3\nB x2\nE - 4', 'Alphabet stickers', { A: 3, B: 2, E: 4 }],
  ['puffy alpha, rust\n- A3 B2\n- E4\ntwine', 'puffy alpha', { A: 3, B: 2, E: 4 }],
  ['Alpha\nAAABB\nCCD', 'Alpha', { A: 3, B: 2, C: 2, D: 1 }],
])('%j: letters told in the lines under a set are those of the set', (text, name, told) => {
  expect(letters(text)).toEqual([{ name, letters: told, isInDoubt: false }]);
});

test('letters of several sets are in doubt; what may be a name is none', () => {
  expect(letters('2 sheets of puffy alpha\nA3 B2')).toMatchObject([{ letters: { A: 3, B: 2 }, isInDoubt: true }]);
  expect(letters('Alphas:\nGROVE\nMOSS').map((one) => one.letters)).toEqual([null, null]);
});

test('a list all of whose things are marked under the first is no list of what that is made of', () => {
  expect(names('6 sheets cardstock\n- washi tape\n- twine\n- 3 brads')).toEqual([
    '6 cardstock cardstock',
    '1 washi washi tape',
    '1 twine twine',
    '3 embellishment brads',
  ]);
});

test('however papers are listed under a line that says how many, as many are read, or it is in doubt', () => {
  const kinds = fc.constantFrom('paper', 'cardstock', 'vellum');
  const leads = fc.constantFrom(
    (n: number, kind: string) => `${n} sheets of 12x12 ${kind}:`,
    (n: number, kind: string) => `(${n}) 12x12 ${kind}`,
    (n: number, kind: string) => `${n} - 12 x 12 ${kind}s:`,
    (n: number, kind: string) => `${n}x 12x12 ${kind}, 1 of each`,
    (_: number, kind: string) => `12x12 ${kind} (1 each)`,
    (n: number, kind: string) => `12x12 ${kind}, ${n} sheets:`,
  );
  const marks = fc.constantFrom('- ', '• ', '   ', '\t', '  * ', '');
  const names = fc.uniqueArray(fc.constantFrom('Windfall', 'Ladder', 'Cider Press', 'Fern Rows', 'Oat', 'Tin Roof'), {
    minLength: 2,
  });
  let [all, sure] = [0, 0];
  fc.assert(
    fc.property(kinds, leads, marks, names, (kind, lead, mark, called) => {
      const text = `${lead(called.length, kind)}\n${called.map((name) => mark + name).join('\n')}\n\ntwine`;
      const read = told(text);
      all++;
      if (read.some(({ isInDoubt }) => isInDoubt)) return;
      sure++;
      expect(read.map((one) => one.told)).toEqual([...called.map((name) => `1 ${kind} ${name}`), '1 twine twine']);
    }),
    { numRuns: 300 },
  );
  expect(sure / all).toBeGreaterThan(3 / 4);
});
