// An independent checker: it shares no code with the planner, only the shapes of job and plan.
import type { CutJob, CutPlan, CutStock } from '../types';

interface Box {
  x: number;
  y: number;
  w: number;
  h: number;
}

const same = (a: Box, b: Box): boolean => a.x === b.x && a.y === b.y && a.w === b.w && a.h === b.h;

/** Area of a box that is gone, by the cells of all edges: slow and plain. */
function goneArea(box: Box, missing: readonly Box[]): number {
  const edges = (from: number, to: number, values: number[]): number[] =>
    [...new Set([from, to, ...values.filter((v) => v > from && v < to)])].sort((a, b) => a - b);
  const xs = edges(
    box.x,
    box.x + box.w,
    missing.flatMap((m) => [m.x, m.x + m.w]),
  );
  const ys = edges(
    box.y,
    box.y + box.h,
    missing.flatMap((m) => [m.y, m.y + m.h]),
  );
  let gone = 0;
  for (let i = 0; i + 1 < xs.length; i++)
    for (let j = 0; j + 1 < ys.length; j++) {
      const [cx, cy] = [(xs[i]! + xs[i + 1]!) / 2, (ys[j]! + ys[j + 1]!) / 2];
      if (missing.some((m) => cx > m.x && cx < m.x + m.w && cy > m.y && cy < m.y + m.h))
        gone += (xs[i + 1]! - xs[i]!) * (ys[j + 1]! - ys[j]!);
    }
  return gone;
}

const solidOf = (stock: CutStock): number =>
  stock.w * stock.h - goneArea({ x: 0, y: 0, w: stock.w, h: stock.h }, stock.missing);

/** Replays a plan cut by cut; the answer lists whatever breaks a rule, nothing when all is well. */
export function replay(job: CutJob, plan: CutPlan): string[] {
  const wrong: string[] = [];
  const { kerf = 0 } = job;
  const expect = (fine: boolean, what: string): void => {
    if (!fine) wrong.push(what);
  };
  const stockById = new Map(job.stock.map((s) => [s.id, s]));
  const pieceById = new Map(job.pieces.map((p) => [p.id, p]));
  const usedSheets = new Set<string>();
  const cutCopies = new Set<string>();
  const sums = { pieces: 0, value: 0, fresh: 0, cuts: 0, pieceArea: 0, nubbinArea: 0, wasteArea: 0, largest: 0 };
  let kept = job.stock.reduce((sum, s) => sum + s.count * solidOf(s) ** 2, 0);
  const large = (b: Box): boolean => {
    const { w, h } = job.keepAtLeast;
    return (b.w >= w && b.h >= h) || (b.w >= h && b.h >= w);
  };

  for (const sheet of plan.sheets) {
    const name = `${sheet.stock}#${sheet.copy}`;
    const stock = stockById.get(sheet.stock);
    if (!stock) {
      wrong.push(`${name}: no such stock`);
      continue;
    }
    expect(sheet.copy >= 1 && sheet.copy <= stock.count, `${name}: no such copy`);
    expect(!usedSheets.has(name), `${name}: opened twice`);
    usedSheets.add(name);
    expect(sheet.pieces.length > 0, `${name}: opened for nothing`);
    const parts = new Map<string, Box>([['A', { x: 0, y: 0, w: stock.w, h: stock.h }]]);
    const named = new Set(['A']);
    let lostArea = 0;
    for (const { part, axis, at, lost = 0, gives } of sheet.cuts) {
      const box = parts.get(part);
      if (!box) {
        wrong.push(`${name}: part ${part} is not there to be cut`);
        continue;
      }
      parts.delete(part);
      const beyond = (axis === 'x' ? box.w : box.h) - at - lost;
      expect(at > 0 && beyond > 0, `${name}: cut of ${part} misses it`);
      const falls = at <= kerf ? gives[0] : beyond <= kerf ? gives[1] : null;
      expect(
        lost === kerf || (lost === 0 && sheet.waste.some((w) => w.part === falls)),
        `${name}: cut of ${part} takes ${lost} away`,
      );
      expect(
        job.longestCut === null || (axis === 'x' ? box.h : box.w) <= job.longestCut,
        `${name}: cut of ${part} is longer than the trimmer`,
      );
      const [near, far] =
        axis === 'x'
          ? [
              { ...box, w: at },
              { ...box, x: box.x + at + lost, w: beyond },
            ]
          : [
              { ...box, h: at },
              { ...box, y: box.y + at + lost, h: beyond },
            ];
      const taken = axis === 'x' ? { ...box, x: box.x + at, w: lost } : { ...box, y: box.y + at, h: lost };
      if (lost > 0) lostArea += taken.w * taken.h - goneArea(taken, stock.missing);
      for (const [id, half] of [
        [gives[0], near],
        [gives[1], far],
      ] as const) {
        expect(!named.has(id), `${name}: part ${id} is named twice`);
        named.add(id);
        parts.set(id, half);
      }
    }
    sums.cuts += sheet.cuts.length;
    if (stock.fresh) sums.fresh++;
    kept -= solidOf(stock) ** 2;
    const claimed = [...sheet.pieces, ...sheet.nubbins, ...sheet.waste];
    expect(claimed.length === parts.size, `${name}: ${parts.size} parts but ${claimed.length} are accounted for`);
    for (const c of claimed) {
      const box = parts.get(c.part);
      expect(box !== undefined && same(box, c), `${name}: part ${c.part} is not what the cuts give`);
      parts.delete(c.part);
    }
    let area = lostArea;
    sums.wasteArea += lostArea;
    for (const p of sheet.pieces) {
      const piece = pieceById.get(p.id);
      if (!piece) {
        wrong.push(`${name}: no such piece ${p.id}`);
        continue;
      }
      expect(
        p.copy >= 1 && p.copy <= piece.count && !cutCopies.has(`${p.id}#${p.copy}`),
        `${name}: copy ${p.copy} of ${p.id} is wrong`,
      );
      cutCopies.add(`${p.id}#${p.copy}`);
      expect(
        p.turned ? p.w === piece.h && p.h === piece.w : p.w === piece.w && p.h === piece.h,
        `${name}: ${p.id} has another size`,
      );
      expect(!p.turned || (piece.turn ?? !stock.upright), `${name}: ${p.id} may not be turned`);
      const design = p.face === 'front' ? stock.front : stock.back;
      expect(
        piece.of === null || (design !== null && piece.of.includes(design)),
        `${name}: ${p.id} has the wrong design`,
      );
      expect(goneArea(p, stock.missing) === 0, `${name}: ${p.id} is partly gone`);
      if (piece.optional) sums.value += piece.value;
      else sums.pieces++;
      sums.pieceArea += p.w * p.h;
      area += p.w * p.h;
    }
    for (const n of sheet.nubbins) {
      expect(large(n) && goneArea(n, stock.missing) === 0, `${name}: ${n.part} is no nubbin`);
      kept += (n.w * n.h) ** 2;
      sums.nubbinArea += n.w * n.h;
      sums.largest = Math.max(sums.largest, n.w * n.h);
      area += n.w * n.h;
    }
    for (const w of sheet.waste) {
      const there = w.w * w.h - goneArea(w, stock.missing);
      expect(!large(w) || there < w.w * w.h, `${name}: ${w.part} is no waste`);
      sums.wasteArea += there;
      area += there;
    }
    expect(area === solidOf(stock), `${name}: areas do not add up`);
  }
  const all = job.pieces.flatMap((p) => Array.from({ length: p.count }, (_, i) => `${p.id}#${i + 1}`));
  const notCut = plan.notCut.map((n) => `${n.id}#${n.copy}`);
  expect(
    new Set([...cutCopies, ...notCut]).size === all.length && cutCopies.size + notCut.length === all.length,
    'cut and not cut are not all copies',
  );
  expect(
    plan.notCut.every((n) => n.why !== ''),
    'a copy is not cut without a reason',
  );
  const { stats } = plan;
  const near = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a), Math.abs(b));
  expect(
    stats.pieces === sums.pieces && stats.fresh === sums.fresh && stats.cuts === sums.cuts,
    'counts in stats are wrong',
  );
  expect(near(stats.value, sums.value) && near(stats.kept, kept), 'value or kept is wrong');
  expect(
    stats.pieceArea === sums.pieceArea &&
      stats.nubbinArea === sums.nubbinArea &&
      stats.wasteArea === sums.wasteArea &&
      stats.largestNubbin === sums.largest,
    'areas in stats are wrong',
  );
  expect(
    stats.pieces <= stats.bound.pieces &&
      stats.value <= stats.bound.value * (1 + 1e-12) &&
      stats.fresh >= stats.bound.fresh,
    'a bound is beaten',
  );
  return wrong;
}
