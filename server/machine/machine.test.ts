import express from 'express';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, beforeEach, describe, expect, test } from 'vitest';
import { planCuts, sheetSvg, type CutStock } from '../../core/trimmer/cutting';
import { inches, toMm } from '../../core/ground/length';
import { drawShape } from '../../core/ground/shapes';
import { makeMachine, type JobReport } from './machine';
import { readJob } from './readJob';
import { machineRoutes } from './routes';

const stock: CutStock = {
  id: 's',
  w: inches(12),
  h: inches(12),
  count: 1,
  front: null,
  back: null,
  upright: false,
  fresh: true,
  since: null,
  missing: [{ x: 0, y: inches(10), w: inches(2), h: inches(2) }],
};
const plan = planCuts(
  {
    stock: [stock],
    keepAtLeast: { w: inches(1), h: inches(1) },
    longestCut: null,
    pieces: [
      { id: 'mat:1', w: inches(4), h: inches(6), count: 2, of: null, turn: true, optional: false, value: 0 },
      { id: 'tag:1', w: inches(2), h: inches(4), count: 1, of: null, turn: true, optional: false, value: 0 },
    ],
  },
  2000,
);
const tag = drawShape({ kind: 'tag', corners: 'round', w: inches(2), h: inches(4), corner: inches(0.5) }).value!;
const svg = sheetSvg(plan.sheets[0]!, stock, {
  missing: stock.missing,
  outlines: ({ id }) => (id.startsWith('tag') ? [tag.outline] : null),
});

describe('a job is read', () => {
  test('lines, sheet and gaps are where the plan has them, in mm, whatever the outline', () => {
    const job = readJob(svg);
    expect(job.sheet.w).toBeCloseTo(304.8, 6);
    expect(job.gone).toHaveLength(1);
    job.lines.forEach((line, i) => {
      const piece = plan.sheets[0]!.pieces[i]!;
      expect(line.piece).toBe(piece.id);
      for (const side of ['x', 'y', 'w', 'h'] as const) expect(line[side]).toBeCloseTo(toMm(piece[side]), 2);
    });
  });
  test.each([
    ['plainly no XML', 'not-svg'],
    ['<a/>', 'not-svg'],
    ['<svg width="10" height="10mm"/>', 'no-size'],
    ['<svg width="10mm" height="10mm"/>', 'nothing-to-cut'],
    ['<svg width="10mm" height="10mm"><path class="cut" d="M0 0h20v5h-20z"/></svg>', 'off-the-sheet'],
    ['<svg width="10mm" height="10mm"><path class="cut" d="what"/></svg>', 'not-a-path'],
  ])('%s is refused', (text, code) => {
    expect(() => readJob(text)).toThrow(expect.objectContaining({ code }));
  });
});

describe('over the wire', () => {
  let [time, server, address]: [number, Server | null, string] = [0, null, ''];
  beforeEach(() => {
    time = 0;
    server = express()
      .use('/m', machineRoutes(makeMachine(() => time)))
      .listen(0);
    address = `http://localhost:${(server.address() as AddressInfo).port}/m`;
  });
  afterEach(() => {
    server?.close();
  });
  const ask = async (
    path: string,
    method = 'GET',
    body?: string,
    type = 'image/svg+xml',
  ): Promise<{ status: number; body: unknown }> => {
    const response = await fetch(address + path, {
      method,
      ...(body === undefined ? {} : { body, headers: { 'Content-Type': type } }),
    });
    return { status: response.status, body: await response.json() };
  };
  const panel = (some: object): Promise<{ status: number; body: unknown }> =>
    ask('/', 'PUT', JSON.stringify(some), 'application/json');
  const report = async (): Promise<JobReport> => (await ask('/jobs/1')).body as JobReport;

  test('nothing on the mat; loaded, it cuts line by line to the end, and what is left is whole', async () => {
    expect(await ask('/jobs', 'POST', svg)).toMatchObject({ status: 409, body: { error: { code: 'mat-empty' } } });
    await panel({ mat: 'loaded' });
    expect(await ask('/jobs', 'POST', svg)).toMatchObject({ status: 202, body: { id: '1' } });
    expect(await ask('/jobs', 'POST', svg)).toMatchObject({ status: 409, body: { error: { code: 'busy' } } });
    time = 500;
    expect(await report()).toMatchObject({ state: 'cutting', cut: [true, false, false], left: [] });
    time = 5000;
    const done = await report();
    expect(done).toMatchObject({ state: 'done', done: 1, cut: [true, true, true] });
    const taken = [...readJob(svg).lines, ...readJob(svg).gone];
    for (const box of done.left)
      for (const other of taken)
        expect(
          box.x < other.x + other.w - 0.01 &&
            other.x < box.x + box.w - 0.01 &&
            box.y < other.y + other.h - 0.01 &&
            other.y < box.y + box.h - 0.01,
        ).toBe(false);
    expect(done.left.reduce((sum, { w, h }) => sum + w * h, 0)).toBeGreaterThan(
      0.8 * (304.8 ** 2 - taken.reduce((sum, { w, h }) => sum + w * h, 0)),
    );
    expect(await ask('/')).toMatchObject({ body: { mat: 'empty' } });
  });
  test('a slip spoils its line and ends the job', async () => {
    await panel({ mat: 'loaded', slipOn: 2 });
    await ask('/jobs', 'POST', svg);
    time = 9999;
    expect(await report()).toMatchObject({ state: 'slipped', cut: [true, false, false] });
  });
  test('stopped, it keeps what is cut', async () => {
    await panel({ mat: 'loaded' });
    await ask('/jobs', 'POST', svg);
    time = 800;
    expect(await ask('/jobs/1', 'DELETE')).toMatchObject({ body: { state: 'stopped', cut: [true, true, false] } });
    time = 9000;
    expect(await report()).toMatchObject({ state: 'stopped' });
  });
  test.each<[string, string, string | undefined, string, number]>([
    ['/jobs', 'POST', '{}', 'application/json', 415],
    ['/jobs', 'POST', 'nothing', 'image/svg+xml', 400],
    ['/jobs/9', 'GET', undefined, '', 404],
    ['/', 'PUT', '{"mat":"wet"}', 'application/json', 400],
    ['/', 'PUT', '{', 'application/json', 400],
    ['/', 'PUT', '{"slipOn":0}', 'application/json', 400],
  ])('%s %s %s (%s) answers %d and says why', async (path, method, body, type, status) => {
    expect(await ask(path, method, body, type)).toMatchObject({
      status,
      body: { error: { message: expect.any(String) as string } },
    });
  });
});
