import highs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { emptyLedger } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { spellSolverFrom, type SpellSolver } from '../spelling';
import type { Lot } from '../../stock/things';
import {
  HAND,
  isSpeltBy,
  lastOf,
  lettersFor,
  liesAnotherTitle,
  lettersOf,
  makesLetters,
  printedIn,
  roundTheme,
  spellTogether,
  standingOf,
  takenBy,
  titleLaid,
  titlesFromLeft,
  waysToSpell,
  type Letters,
} from '.';

let solver: SpellSolver;
beforeAll(async () => {
  solver = spellSolverFrom(await highs());
});

const set = (id: string, left: Record<string, number>, some: Partial<Letters> = {}): Letters => ({
  id,
  name: id,
  lot: null,
  left,
  worn: {},
  height: inches(1),
  isMeasured: true,
  colour: '#8a1c4f',
  isEndless: false,
  ...some,
});
const STAMPS = set('stamps', {}, { isEndless: true });
const ASKING = { isAnyCase: true, standIns: true };
const ways = (text: string, letters: readonly Letters[]) => waysToSpell(text, letters, ASKING, solver);

describe('ways to spell a title', () => {
  const puffy = set('puffy', { N: 1, I: 2, E: 1, M: 1, O: 1, T: 1, H: 1, S: 1, Z: 1 });

  test('with a stand-in, and what it takes: a Z turned for the second N', () => {
    const [best] = ways('Nine', [puffy, STAMPS]);
    expect(best).toMatchObject({ key: 'puffy', made: 0, title: { spelt: true } });
    expect(best!.title.spelt && lettersOf(best!.title).map(({ glyph, how }) => how ?? glyph)).toContain('turned');
    expect(lastOf(takenBy(best!.title), [puffy])).toEqual(
      [{ name: 'puffy', glyphs: ['N', 'Z', 'E'] }].map((one) => ({
        ...one,
        glyphs: expect.arrayContaining(one.glyphs) as string[],
      })),
    );
  });
  test('short by one, the set serves with that one made; by too many, it does not', () => {
    const some = ways('Raku', [set('chip', { A: 1, R: 1, U: 1 }), STAMPS]);
    const made = some.find(({ key }) => key === 'chip+')!;
    expect(made).toMatchObject({ made: 1, title: { spelt: true } });
    expect(made.title.spelt && lettersOf(made.title).map((one) => one.set)).toEqual(['chip', 'chip', 'stamps', 'chip']);
    expect(ways('Kiln weather', [set('chip', { A: 1 }), STAMPS]).map(({ key }) => key)).not.toContain('chip+');
  });
  test('what has no end spells anything, in the case that is asked for', () => {
    const [best] = ways('Quiet æther 7!', [STAMPS]);
    const title = best!.title;
    expect(best!.worn).toBe(0);
    expect(title.spelt && title.words.map(({ letters }) => letters.map(({ glyph }) => glyph).join(''))).toEqual([
      'Quiet',
      'æther',
      '7!',
    ]);
  });
  test('a set with a worn letter comes after one without', () => {
    const old = set('old', { O: 1, N: 1 }, { worn: { N: 1 } });
    expect(ways('On', [old, set('new', { O: 1, N: 1 })])[0]).toMatchObject({ key: 'new', worn: 0 });
    expect(ways('On', [old])[0]).toMatchObject({ worn: 1 });
    // Of two, the good one goes first.
    expect(ways('On', [set('old', { O: 1, N: 2 }, { worn: { N: 1 } })])[0]).toMatchObject({ worn: 0 });
  });
  test('case never makes a word unspellable, and kept exact it does', () => {
    const lower = set('tiny', { m: 1, o: 1, t: 1, h: 1 });
    expect(ways('MOTH', [lower])[0]!.title.spelt).toBe(true);
    expect(waysToSpell('MOTH', [lower], { isAnyCase: false, standIns: false }, solver)[0]!.title).toEqual({
      id: 'title',
      spelt: false,
      short: { M: 1, O: 1, T: 1, H: 1 },
    });
  });
});

test('laid, each letter has its place: a turned one is turned, a cut one shows what it is cut to, a made one is drawn', () => {
  const letters = [set('a', { Z: 1, E: 1, O: 1 }), STAMPS];
  const [turned] = ways('No', letters);
  const { title } = turned!;
  if (!title.spelt) throw new Error('it is spelt');
  const place = { x: 0, y: 0, w: inches(12), h: inches(2) };
  const laid = titleLaid(title, letters, standingOf(title, letters, place, place, { shape: 'line', from: 'middle' }));
  expect(laid).toMatchObject([
    { what: { lot: 'a', part: 'Z' }, turn: 180, isTitle: true },
    { what: { lot: 'a', part: 'O' }, turn: 0 },
  ]);
  const cut = ways('F', [set('a', { E: 1 })])[0]!.title;
  if (!cut.spelt) throw new Error('it is spelt');
  const standing = standingOf(cut, letters, place, place, { shape: 'line', from: 'middle' });
  expect(titleLaid(cut, letters, standing)[0]!.what).toEqual({ lot: 'a', part: 'E', shows: 'F' });
  const made = ways('F', [STAMPS])[0]!.title;
  expect(made.spelt && titleLaid(made, letters, standing)[0]!.what).toMatchObject({ drawn: 'letter', glyph: 'F' });
});

test('several pages together: who gets letters, what is used up, and what no later page can spell', () => {
  const puffy = set('puffy', { M: 2, O: 2, T: 2, H: 2, N: 1, I: 1, G: 1 });
  const found = spellTogether(
    [
      { id: 'a', text: 'Zebra' },
      { id: 'b', text: 'Night' },
      { id: 'c', text: 'Moth' },
    ],
    [puffy, STAMPS],
    ASKING,
    ['night', 'moo', 'moth', 'xyz'],
    solver,
  );
  expect(found.titles.map(({ id, spelt }) => [id, spelt])).toEqual([
    ['b', true],
    ['c', true],
    ['a', false],
  ]);
  expect(found.last[0]!.glyphs.toSorted()).toEqual(['G', 'H', 'I', 'N', 'T']);
  expect(found.lost).toEqual(['night', 'moo', 'moth']);
});

test('of two pages that want the same letters, the one begun first has them', () => {
  const puffy = set('puffy', { M: 1, O: 1, T: 1, H: 1 });
  for (const order of [
    ['a', 'b'],
    ['b', 'a'],
  ]) {
    const waiting = order.map((id) => ({ id, text: 'Moth' }));
    const { titles } = spellTogether(waiting, [puffy], ASKING, [], solver);
    expect(titles.map(({ id, spelt }) => [id, spelt])).toEqual([
      [order[0], true],
      [order[1], false],
    ]);
  }
});

test('letters of another title than the page has by now are told; stand-ins are the same title', () => {
  const letters = (text: string) =>
    [...text].map((part, i) => ({
      id: `l${i}`,
      what: { lot: 'a', part },
      x: i,
      y: 0,
      turn: 0,
      isTitle: true as const,
    }));
  const lies = (title: string, text: string) => liesAnotherTitle({ title, placed: letters(text) });
  expect([lies('Nine', 'NIZE'), lies('Nine!', 'nine'), lies('', '')]).toEqual([false, false, false]);
  expect([lies('Nine moths', 'NINE'), lies('Raku', 'NINE'), lies('', 'NINE')]).toEqual([true, true, true]);
});

test('a phrase printed on a thing is a title, its beginning, its end, or is cut short to it', () => {
  const phrase = { text: 'Night shift', from: 'thing' as const, thing: 'label', what: { lot: 'l', part: 'p' } };
  const found = (title: string) =>
    printedIn(title, [phrase, { text: 'night', from: 'story' }]).map(({ rest, isFirst, isCutShort }) => [
      rest,
      isFirst,
      isCutShort,
    ]);
  expect(found('night shift')).toEqual([['', true, false]]);
  expect(found('Night shift at the lamp')).toEqual([['at the lamp', true, false]]);
  expect(found('The long night shift!')).toEqual([['The long', false, false]]);
  expect(found('Shift')).toEqual([['', true, true]]);
  expect(found('Moth night')).toEqual([]);
  expect(found('  ')).toEqual([]);
});

describe('what is left chooses', () => {
  const puffy = set('puffy', { L: 2, I: 2, G: 2, H: 2, T: 2, N: 1 });
  test('her words first, then the theme’s; none twice; how often it could be spelt', () => {
    const found = titlesFromLeft(
      [
        { text: 'light', from: 'theme' },
        { text: 'Night', from: 'story' },
        { text: 'Light', from: 'title' },
        { text: 'marrow', from: 'story' },
        { text: 'wish you were here', from: 'thing', thing: 'label' },
      ],
      [puffy, STAMPS],
      true,
    );
    expect(found.map(({ text, times }) => [text, times])).toEqual([
      ['Night', 1],
      ['Light', 2],
      ['wish you were here', 0],
    ]);
  });
  test('spelt as they are: signs are not asked for, letters as often as they come', () => {
    expect([
      isSpeltBy('It’s light', set('s', { I: 2, T: 2, S: 1, L: 1, G: 1, H: 1 }), true),
      isSpeltBy('till', puffy, false),
    ]).toEqual([true, false]);
  });
  test('words round a theme: its own, of like meaning, and made with them', () => {
    const alike = (word: string): string[] => (word === 'lamp' ? ['lantern', 'light_bulb'] : []);
    expect(roundTheme(['Lamp', 'at'], alike, ['lamplight', 'damp', 'oil'])).toEqual(['lamp', 'lantern', 'lamplight']);
  });
});

test('letters for a page: sets, tools that make letters, her own hand', () => {
  const lot = { kit: 'k', size: null, front: null, back: null, upright: false, note: '', line: 1 };
  const tool = (name: string): Lot => ({ ...lot, id: name, name, kind: 'tool', measure: 'count' });
  expect(
    ['alphabet stamps', 'letter dies', 'circle punch', 'date stamp'].map((name) => makesLetters(tool(name))),
  ).toEqual([true, true, false, false]);
  const found = lettersFor('p', { lots: new Map(), faces: new Map(), ledger: emptyLedger });
  expect(found.map(({ id, isEndless }) => [id, isEndless])).toEqual([[HAND, true]]);
});
