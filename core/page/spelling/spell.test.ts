import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, test } from 'vitest';
import { servingFor, spell, spellSolverFrom, type LetterSet, type SpellJob, type SpellSolver, type Spelling } from '.';

let solver: SpellSolver;
beforeAll(async () => {
  solver = spellSolverFrom(await loadHighs());
});

const set = (id: string, letters: Record<string, number>): LetterSet => ({
  id,
  letters: new Map(Object.entries(letters)),
});
const job = (some: Partial<SpellJob>): SpellJob => ({
  sets: [],
  titles: [],
  isAnyCase: true,
  mix: 'word',
  standIns: false,
  ...some,
});
const title = (text: string, worth = 1, id = text) => ({ id, text, worth });

type Figures = readonly [worth: number, cost: number, sets: number, vowelsUsed: number];
const isBetter = (a: Figures, b: Figures): boolean => {
  const at = a.findIndex((n, i) => Math.abs(n - b[i]!) > 1e-9);
  return at >= 0 && (at === 0 ? a[0] > b[0] : a[at]! < b[at]!);
};

/** All ways to spell whatever can be spelt, letter by letter, by hand. */
function exhaustive({ sets, titles, isAnyCase, mix, standIns }: SpellJob): Figures {
  const left = sets.map(({ letters }) => new Map(letters));
  let best: Figures = [0, 0, 0, 0];
  const named = (glyph: string): boolean => sets.some(({ letters }) => letters.has(glyph));
  const next = (t: number, now: Figures): void => {
    const wanted = titles[t];
    if (!wanted) {
      if (isBetter(now, best)) best = now;
      return;
    }
    next(t + 1, now);
    const words = wanted.text.split(/\s+/).map((word) => [...word].filter((g) => !/[\p{P}\p{S}]/u.test(g) || named(g)));
    lay(t, words, 0, 0, null, new Set(), [now[0] + wanted.worth, now[1], now[2], now[3]]);
  };
  const lay = (
    t: number,
    words: string[][],
    w: number,
    l: number,
    from: number | null,
    used: Set<number>,
    now: Figures,
  ): void => {
    const word = words[w];
    if (!word) {
      next(t + 1, [now[0], now[1], now[2] + used.size, now[3]]);
      return;
    }
    const glyph = word[l];
    if (glyph === undefined) {
      lay(t, words, w + 1, 0, mix === 'title' ? from : null, used, now);
      return;
    }
    left.forEach((own, s) => {
      if (from !== null && from !== s) return;
      for (const { glyph: given, cost } of servingFor(glyph, { isAnyCase, standIns })) {
        const there = own.get(given) ?? 0;
        if (there === 0) continue;
        own.set(given, there - 1);
        const vowel = /^[aeiou]$/i.test(given) ? 1 : 0;
        lay(t, words, w, l + 1, mix === 'letter' ? null : s, new Set(used).add(s), [
          now[0],
          now[1] + cost,
          now[2],
          now[3] + vowel,
        ]);
        own.set(given, there);
      }
    });
  };
  next(0, [0, 0, 0, 0]);
  return best;
}

const vowelsOf = (sets: readonly LetterSet[]): number =>
  sets.reduce((sum, { letters }) => sum + [...letters].reduce((n, [g, k]) => n + (/^[aeiou]$/i.test(g) ? k : 0), 0), 0);

/** What is told is what was done: letters there, sets kept apart, figures added up. */
function check(asked: SpellJob, told: Spelling): void {
  const used = asked.sets.map(() => new Map<string, number>());
  let cost = 0;
  let sets = 0;
  told.titles.forEach((one, i) => {
    if (!one.spelt) return;
    const letters = one.words.flatMap((word) => word.letters);
    sets += new Set(letters.map((l) => l.set)).size;
    if (asked.mix === 'title') expect(new Set(letters.map((l) => l.set)).size).toBeLessThanOrEqual(1);
    for (const word of one.words) {
      if (asked.mix === 'word') expect(new Set(word.letters.map((l) => l.set)).size).toBe(1);
      for (const { wants, set: from, glyph, how } of word.letters) {
        const serving = servingFor(wants, asked).find((s) => s.glyph === glyph)!;
        expect(serving.how).toBe(how);
        cost += serving.cost;
        const at = asked.sets.findIndex(({ id }) => id === from);
        used[at]!.set(glyph, (used[at]!.get(glyph) ?? 0) + 1);
      }
    }
    expect(one.words.map((word) => word.letters.map((l) => l.wants).join('')).join('')).toBe(
      [...asked.titles[i]!.text.replace(/\s/g, '')]
        .filter((g) => !/[\p{P}\p{S}]/u.test(g) || asked.sets.some((s) => s.letters.has(g)))
        .join(''),
    );
  });
  asked.sets.forEach(({ letters }, s) => {
    for (const [glyph, n] of letters)
      expect((told.left[s]!.letters.get(glyph) ?? 0) + (used[s]!.get(glyph) ?? 0)).toBe(n);
  });
  expect([told.stats.cost, told.stats.sets, told.stats.vowelsLeft]).toEqual([cost, sets, vowelsOf(told.left)]);
}

const anyJob = fc.record({
  sets: fc
    .array(fc.dictionary(fc.constantFrom(...'AaNnUuMWiI!10OÉe'), fc.integer({ min: 0, max: 2 })), { maxLength: 3 })
    .map((all) => all.map((letters, i) => set(`s${i}`, letters))),
  titles: fc
    .array(
      fc.record({
        text: fc.string({ unit: fc.constantFrom(...'aNUmwIoé !'), minLength: 1, maxLength: 5 }),
        worth: fc.constantFrom(1, 2, 0.5, 3),
      }),
      { maxLength: 3 },
    )
    .map((all) => all.map((one, i) => ({ ...one, id: `t${i}` }))),
  isAnyCase: fc.boolean(),
  mix: fc.constantFrom('title' as const, 'word' as const, 'letter' as const),
  standIns: fc.boolean(),
});

describe('titles from the letters left', () => {
  test('the example of the format', () => {
    const told = spell(
      job({
        sets: [
          set('puffy', { A: 1, E: 2, H: 2, M: 1, O: 2, T: 2, N: 1, G: 1, I: 1 }),
          set('tiny', { n: 2, i: 1, g: 1, h: 1, t: 1 }),
        ],
        titles: [title('Moth night', 2, 'night')],
        standIns: true,
      }),
      solver,
    );
    expect(told.stats).toEqual({ worth: 2, spelt: 1, cost: 0, sets: 1, vowelsLeft: 5, worthBound: 2, optimal: true });
    expect(Object.fromEntries(told.left[0]!.letters)).toEqual({ A: 1, E: 2, O: 1 });
  });

  test('against every way to spell them, over random small jobs', () =>
    fc.assert(
      fc.property(anyJob, (asked) => {
        const told = spell(asked, solver);
        check(asked, told);
        const [worth, cost, sets, vowels] = exhaustive(asked);
        const { stats } = told;
        expect([stats.worth, stats.cost, stats.sets, stats.vowelsLeft]).toEqual([
          worth,
          cost,
          sets,
          vowelsOf(asked.sets) - vowels,
        ]);
        expect([stats.optimal, stats.worthBound]).toEqual([true, worth]);
      }),
      { numRuns: 250 },
    ));

  test('what is short, added to one set, lets the title be spelt; one letter less does not', () =>
    fc.assert(
      fc.property(anyJob, (asked) => {
        fc.pre(asked.sets.length > 0);
        const told = spell(asked, solver);
        told.titles.forEach((one, i) => {
          if (one.spelt) return;
          const canWith = (short: Readonly<Record<string, number>>): boolean =>
            asked.sets.some((_, at) => {
              const sets = told.left.map(({ id, letters }, s): LetterSet => {
                // Glyphs that were named stay named, whatever is left of them.
                const own = new Map([
                  ...[...asked.sets[s]!.letters.keys()].map((g): [string, number] => [g, 0]),
                  ...letters,
                ]);
                if (s === at) for (const [g, n] of Object.entries(short)) own.set(g, (own.get(g) ?? 0) + n);
                return { id, letters: own };
              });
              return exhaustive({ ...asked, sets, titles: [asked.titles[i]!] })[0] > 0;
            });
          expect(canWith(one.short)).toBe(true);
          for (const glyph of Object.keys(one.short)) {
            const less = { ...one.short, [glyph]: one.short[glyph]! - 1 };
            expect(canWith(less)).toBe(false);
          }
        });
      }),
      { numRuns: 60 },
    ));

  test('more letters, or stand-ins allowed, never spell less', () =>
    fc.assert(
      fc.property(anyJob, fc.constantFrom(...'AaNnUu'), (asked, glyph) => {
        fc.pre(asked.sets.length > 0);
        const [first, ...others] = asked.sets as [LetterSet, ...LetterSet[]];
        const letters = new Map(first.letters).set(glyph, (first.letters.get(glyph) ?? 0) + 1);
        const { stats } = spell(asked, solver);
        const richer = spell({ ...asked, sets: [{ ...first, letters }, ...others] }, solver).stats;
        expect(richer.worth).toBeGreaterThanOrEqual(stats.worth);
        expect(spell({ ...asked, standIns: true }, solver).stats.worth).toBeGreaterThanOrEqual(stats.worth);
      }),
      { numRuns: 60 },
    ));

  test('signs that no set has are not asked for, and a title of nothing but such is spelt with no set', () => {
    const told = spell(job({ sets: [set('s', { A: 1 })], titles: [title('a!'), title('– …')] }), solver);
    expect(told.titles.map(({ spelt }) => spelt)).toEqual([true, true]);
    expect(told.stats).toMatchObject({ spelt: 2, sets: 1 });
    const named = spell(job({ sets: [set('s', { A: 1, '!': 0 })], titles: [title('a!')] }), solver);
    expect(named.titles[0]).toMatchObject({ spelt: false, short: { '!': 1 } });
  });

  test('worths that lie far apart, or nothing to spell from, are answered', () => {
    const sets = [set('s', { A: 1 })];
    const told = spell(job({ sets, titles: [title('a', 1e-9, 't'), title('A', 1e6, 'u')] }), solver);
    expect(told.titles.map(({ spelt }) => spelt)).toEqual([false, true]);
    const even = spell(job({ sets, titles: [title('a', 1, 't'), title('A', 5e6, 'u'), title('b', 1, 'v')] }), solver);
    expect(even.stats).toMatchObject({ worth: 5e6, optimal: true });
    const none = spell(job({ titles: [title('ab a')] }), solver);
    expect(none.titles).toEqual([{ id: 'ab a', spelt: false, short: { a: 2, b: 1 } }]);
  });

  test('case matters only where it is to', () => {
    const sets = [set('s', { A: 1, b: 1 })];
    expect(spell(job({ sets, titles: [title('aB')] }), solver).stats.spelt).toBe(1);
    const exact = spell(job({ sets, titles: [title('aB')], isAnyCase: false }), solver);
    expect(exact.titles[0]).toMatchObject({ spelt: false, short: { a: 1, B: 1 } });
  });

  test.each([
    ['É', 'E', 'unmarked', 1],
    ['ç', 'c', 'unmarked', 1],
    ['m', 'W', 'turned', 1],
    ['U', 'n', 'turned', 1],
    ['S', '5', 'alike', 1],
    ['p', 'R', 'cut', 2],
  ])('%s is served by %s, %s', (wanted, glyph, how, cost) => {
    expect(servingFor(wanted, { isAnyCase: true, standIns: true })).toContainEqual({ glyph, how, cost });
    expect(servingFor(wanted, { isAnyCase: true, standIns: false }).map((one) => one.glyph)).not.toContain(glyph);
  });

  test('forty pages and twelve sets are answered and proved', () => {
    const words = ['moth', 'night', 'lantern', 'garden', 'rope', 'bell', 'kiln', 'glaze', 'seed', 'tide'];
    const titles = Array.from({ length: 40 }, (_, i) =>
      title(`${words[i % 10]} ${words[(i * 7 + 3) % 10]}`, 1 + (i % 3), `t${i}`),
    );
    const sets = Array.from({ length: 12 }, (_, i) =>
      set(`s${i}`, Object.fromEntries([...'ABDEGHIKLMNOPRSTZ'].map((g, k) => [g, (i * 5 + k * 3) % 4]))),
    );
    const asked = job({ sets, titles, standIns: true });
    const told = spell(asked, solver);
    check(asked, told);
    expect(told.stats.worthBound).toBeGreaterThanOrEqual(told.stats.worth);
    expect(told.stats.spelt).toBeGreaterThan(8);
  });
});
