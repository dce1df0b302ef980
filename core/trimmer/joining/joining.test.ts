import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { joinStrips, type JoinJob, type JoinPlan, type Strip } from '.';

interface One {
  readonly id: string;
  readonly copy: number;
  readonly length: number;
  readonly phase: number;
}

const strip = (id: string, length: number, phase = 0, count = 1, width = 2): Strip => ({
  id,
  length,
  width,
  phase,
  count,
});
const job = (length: number, repeat: number | null, strips: Strip[], lap = 0): JoinJob => ({
  need: { length, width: 2 },
  repeat,
  lap,
  strips,
});

/** Checks a plan part by part against the rules, apart from the code under test. */
function complaints({ need, repeat, lap, strips }: JoinJob, plan: JoinPlan): string[] {
  const wrong: string[] = [];
  if (!plan.ok) return plan.parts.length === 0 && plan.joins === 0 && plan.length === 0 ? [] : ['a failure has parts'];
  const used = new Set<string>();
  plan.parts.forEach((part, i) => {
    const own = strips.find(({ id }) => id === part.strip)!;
    if (used.has(`${part.strip}#${part.copy}`) || part.copy < 1 || part.copy > own.count)
      wrong.push(`copy ${part.copy} of ${part.strip}`);
    used.add(`${part.strip}#${part.copy}`);
    if (own.width < need.width || part.from < 0 || part.to > own.length || part.to <= part.from)
      wrong.push(`part ${i} is not on its strip`);
    if (plan.parts.length > 1 && part.to - part.from <= lap) wrong.push(`part ${i} is no longer than the lap`);
    const next = plan.parts[i + 1];
    if (!next || repeat === null) return;
    const then = strips.find(({ id }) => id === next.strip)!;
    if ((((then.phase + next.from - own.phase - part.to + lap) % repeat) + repeat) % repeat !== 0)
      wrong.push(`the pattern breaks at join ${i + 1}`);
  });
  const run = plan.parts.reduce((sum, { from, to }) => sum + to - from, 0) - lap * plan.joins;
  if (run !== need.length || plan.length !== need.length) wrong.push(`the run is ${run}`);
  if (plan.joins !== plan.parts.length - 1) wrong.push('joins are counted wrong');
  return wrong;
}

/** Every order of every subset, every split of each loss: the longest runs by strips touched. */
function bruteForce({
  need,
  repeat,
  lap,
  strips,
}: JoinJob): { joins: number; touched: number; longest: number } | { joins: null; touched: null; longest: number } {
  const all: One[] = strips
    .filter(({ width }) => width >= need.width)
    .flatMap(({ id, length, phase, count }) =>
      Array.from({ length: count }, (_, i) => ({ id, copy: i + 1, length, phase })),
    );
  let best: { joins: number; touched: number } | null = null;
  let longest = 0;
  const go = (chosen: One[], end: number, length: number, from: number): void => {
    // `end`: where the last part may end at the latest; all earlier ends are tried below.
    const total = length;
    longest = Math.max(longest, total);
    if (total >= need.length) {
      const touched = chosen.reduce((sum, one) => sum + one.length, 0);
      const joins = chosen.length - 1;
      if (!best || joins < best.joins || (joins === best.joins && touched < best.touched)) best = { joins, touched };
    }
    const last = chosen[chosen.length - 1]!;
    for (const one of all) {
      if (chosen.includes(one)) continue;
      for (let to = last.length; to - from > lap; to--) {
        for (let start = 0; one.length - start > lap; start++) {
          const gap = one.phase + start - last.phase - to + lap;
          if (repeat !== null && ((gap % repeat) + repeat) % repeat !== 0) continue;
          go([...chosen, one], one.length, length - (end - to) + (one.length - start) - lap, start);
          break;
        }
        if (repeat === null || last.length - to >= repeat) break;
      }
    }
  };
  for (const one of all) go([one], one.length, one.length, 0);
  return best ? { ...(best as { joins: number; touched: number }), longest } : { joins: null, touched: null, longest };
}

const touchedBy = ({ strips }: JoinJob, { parts }: JoinPlan): number =>
  parts.reduce((sum, { strip: id }) => sum + strips.find((s) => s.id === id)!.length, 0);

const anyStrips = (repeat: number | null) =>
  fc
    .array(
      fc.record({
        length: fc.integer({ min: 1, max: 9 }),
        phase: fc.integer({ min: 0, max: (repeat ?? 1) - 1 }),
        width: fc.constantFrom(1, 2, 2, 3),
        count: fc.constantFrom(1, 1, 2),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map((list) => list.map(({ length, phase, width, count }, i) => strip(`s${i}`, length, phase, count, width)));
const anyJob = fc
  .constantFrom(null, 2, 3, 5)
  .chain((repeat) =>
    fc
      .record({ length: fc.integer({ min: 1, max: 20 }), strips: anyStrips(repeat), lap: fc.constantFrom(0, 0, 1, 2) })
      .map(({ length, strips, lap }) => job(length, repeat, strips, lap)),
  );

test('every plan keeps the rules', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      expect(complaints(any, joinStrips(any))).toEqual([]);
    }),
    { numRuns: 400 },
  ));

test('no order of any strips joins less, touches less or runs longer', () =>
  fc.assert(
    fc.property(anyJob, (any) => {
      const plan = joinStrips(any);
      const best = bruteForce(any);
      expect(plan.longest).toBe(best.longest);
      expect(plan.ok ? plan.joins : null).toBe(best.joins);
      if (plan.ok) expect(touchedBy(any, plan)).toBe(best.touched);
    }),
    { numRuns: 300 },
  ));

describe('examples', () => {
  test('three strips of 6 with a repeat of 1 1/2 make 11 of two, and 18 at the most', () => {
    const plan = joinStrips(job(11_000, 1500, [strip('a', 6000, 0, 3)]));
    expect(plan).toEqual({
      ok: true,
      parts: [
        { strip: 'a', copy: 1, from: 0, to: 6000 },
        { strip: 'a', copy: 2, from: 0, to: 5000 },
      ],
      joins: 1,
      length: 11_000,
      longest: 18_000,
    });
  });
  test('strips too narrow do not serve', () => {
    expect(joinStrips(job(5, null, [strip('a', 9, 0, 1, 1)]))).toEqual({
      ok: false,
      parts: [],
      joins: 0,
      length: 0,
      longest: 0,
    });
  });
  test('of single strips the shortest that reaches is taken', () => {
    expect(joinStrips(job(5, 4, [strip('long', 12), strip('just', 6), strip('short', 4)])).parts).toEqual([
      { strip: 'just', copy: 1, from: 0, to: 5 },
    ]);
  });
  test('very many plain strips are still joined exactly', () => {
    const many = Array.from({ length: 400 }, (_, i) => strip(`s${i}`, 20 + (i % 37)));
    const plan = joinStrips(job(1000, null, many));
    expect(complaints(job(1000, null, many), plan)).toEqual([]);
    expect(plan.joins).toBe(Math.ceil(1000 / 56) - 1);
    expect(touchedBy(job(1000, null, many), plan)).toBe(1000);
  });
  test('very many strips with a repeat are joined by the rules', () => {
    const many = Array.from({ length: 60 }, (_, i) => strip(`s${i}`, 20 + (i % 37), i % 7));
    const wanted = job(500, 7, many);
    const plan = joinStrips(wanted);
    expect(plan.ok).toBe(true);
    expect(complaints(wanted, plan)).toEqual([]);
  });
  test('the longest run of strips that are long against the repeat is exact', () => {
    const long = fc
      .integer({ min: 1, max: 12 })
      .chain((repeat) =>
        fc.tuple(
          fc.constant(repeat),
          fc.nat(2),
          fc.array(fc.tuple(fc.integer({ min: 1, max: 15 }), fc.nat(repeat - 1)), { minLength: 1, maxLength: 4 }),
        ),
      );
    fc.assert(
      fc.property(long, ([repeat, lap, sizes]) => {
        const wanted = job(
          1,
          repeat,
          sizes.map(([more, phase], i) => strip(`s${i}`, 2 * repeat + lap + more, phase)),
          lap,
        );
        expect(joinStrips(wanted).longest).toBe(bruteForce(wanted).longest);
      }),
      { numRuns: 150 },
    );
  });
});
