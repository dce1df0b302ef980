// How long each verb's largest jobs take, whole processes one after the other: `npm run bench:largest`.
import { spawnSync } from 'node:child_process';
import { seededRandom } from '../core/ground/random';

const MOST = 1000;
const random = seededRandom(7);
const many = <T>(n: number, make: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => make(i));
const upTo = (from: number, more: number): number => Math.round((from + random() * more) * 100) / 100;
const letter = (): string => String.fromCharCode(65 + Math.floor(random() * 26));
const word = (n: number): string => many(n, letter).join('');
const holes = (n: number) =>
  many(n, () => ({ x: upTo(0, 11.5), y: upTo(0, 11.5), w: upTo(0.05, 0.4), h: upTo(0.05, 0.4) }));
const pieces = (count: number, most: number) =>
  many(MOST, (i) => ({ id: `p${i}`, w: upTo(0.3, most), h: upTo(0.3, most), count }));
const sets = (n: number) =>
  many(n, (i) => ({
    id: `s${i}`,
    letters: Object.fromEntries(many(26, (k) => [String.fromCharCode(65 + k), 2 + (i % 9)])),
  }));
const designs = many(MOST, (i) => `d${i}`);
const words = many(MOST, (i) => `w${i}`);
const sheet = { id: 'a', w: 12, h: 12 };

const JOBS: readonly (readonly [name: string, verb: string, job: unknown])[] = [
  ['a sheet with 1,000 gaps', 'cut', { stock: [{ ...sheet, missing: holes(MOST) }], pieces: pieces(2, 1) }],
  ['the same in a second', 'cut', { stock: [{ ...sheet, missing: holes(MOST) }], pieces: pieces(2, 1), seconds: 1 }],
  [
    '9,000 copies, a short trimmer',
    'cut',
    { stock: [{ ...sheet, h: 24, count: 500 }], pieces: pieces(9, 2), trimmer: { longest: 12 } },
  ],
  ['5,000 squares', 'cut', { stock: [{ ...sheet, count: 5000 }], pieces: [{ id: 'p', w: 1, h: 1, count: 5000 }] }],
  [
    '9,999 pieces of a tick',
    'cut',
    { unit: 'mm', stock: [{ id: 'a', w: 300, h: 300 }], pieces: [{ id: 'p', w: 0.003125, h: 0.003125, count: 9999 }] },
  ],
  [
    '1,000 designs over 1,000 pages',
    'share',
    {
      stock: designs.map((front, i) => ({ id: `s${i}`, w: 12, h: 12, front, back: designs[(i + 1) % MOST] })),
      pages: many(MOST, (i) => ({
        id: `g${i}`,
        slots: [
          { id: 'a', w: 3, h: 4, count: 2 },
          { id: 'b', w: 12, h: 3, unlike: ['a'] },
        ],
      })),
    },
  ],
  [
    '50 words of 1,000 letters',
    'spell',
    { sets: sets(50), titles: many(50, (i) => ({ id: `t${i}`, text: word(1000) })), standIns: true, mix: 'letter' },
  ],
  [
    '50 titles of 200 words',
    'spell',
    {
      sets: sets(50),
      titles: many(50, (i) => ({ id: `t${i}`, text: many(200, () => word(5)).join(' ') })),
      standIns: true,
    },
  ],
  [
    '1,000 things with 1,000 words',
    'look',
    {
      page: { w: 12, h: 12 },
      avoid: words,
      things: many(MOST, (i) => ({ id: `t${i}`, role: 'accent', x: upTo(0, 11), y: upTo(0, 11), w: 1, h: 1, words })),
    },
  ],
  [
    '1,000 turned layers',
    'gut',
    {
      page: { w: 12, h: 12 },
      hold: 0.25,
      layers: many(MOST, (i) => ({
        id: `l${i}`,
        shape: 'rect',
        x: upTo(0, 10),
        y: upTo(0, 10),
        w: upTo(1, 3),
        h: upTo(1, 3),
        turn: upTo(0, 90),
      })),
    },
  ],
  [
    '1,000 strips',
    'join',
    {
      need: { length: 5000, width: 1 },
      repeat: 1.5,
      lap: 0.125,
      strips: many(MOST, (i) => ({ id: `s${i}`, length: upTo(1, 11), width: 1, count: 10 })),
    },
  ],
  [
    '1,000 tasks',
    'order',
    {
      tasks: many(MOST, (i) => ({
        id: `t${i}`,
        minutes: 1 + (i % 100),
        dries: (7 * i) % 300,
        after: i > 0 ? [`t${Math.floor(random() * i)}`] : [],
      })),
    },
  ],
  [
    '2,000 lines of 2,000 characters',
    'list',
    { text: many(2000, () => '2 x moths 12x12, ink + amber; '.repeat(70).slice(0, 2000)).join('\n') },
  ],
];

for (const [name, verb, job] of JOBS) {
  const began = performance.now();
  const { status } = spawnSync('node', ['scripts/nubbin.mjs', verb], {
    input: JSON.stringify(job),
    maxBuffer: 2 ** 30,
  });
  const seconds = ((performance.now() - began) / 1000).toFixed(1);
  console.log(
    `${verb.padEnd(10)} ${name.padEnd(32)} ${seconds.padStart(6)} s  ${status === 0 ? '' : `exit ${status}`}`,
  );
}
