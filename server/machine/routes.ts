import express, { Router, type ErrorRequestHandler, type Response } from 'express';
import type { Machine, Panel } from './machine';
import { NoJob, readJob } from './readJob';

const refuse = (response: Response, status: number, code: string, message: string): void => {
  response.status(status).json({ error: { code, message } });
};

function readPanel(body: unknown): Partial<Panel> | null {
  if (typeof body !== 'object' || body === null) return null;
  const { mat, slipOn, ...other } = body as Record<string, unknown>;
  if (Object.keys(other).length > 0 || (mat !== undefined && mat !== 'loaded' && mat !== 'empty')) return null;
  if (slipOn !== undefined && slipOn !== null && !(Number.isInteger(slipOn) && (slipOn as number) >= 1)) return null;
  return {
    ...(mat === undefined ? {} : { mat }),
    ...(slipOn === undefined ? {} : { slipOn: slipOn as number | null }),
  };
}

/** The stand-in for a cutting machine, under `/api/machine`. */
export function machineRoutes(machine: Machine): Router {
  const router = Router();
  router.get('/', (_request, response) => {
    response.json(machine.panel());
  });
  router.put('/', express.json({ limit: '1kb' }), (request, response) => {
    const panel = readPanel(request.body);
    if (!panel)
      return refuse(response, 400, 'not-a-panel', 'mat is "loaded" or "empty", slipOn a whole number from 1 or null');
    machine.setPanel(panel);
    response.json(machine.panel());
  });
  router.post('/jobs', express.text({ type: 'image/svg+xml', limit: '600kb' }), (request, response) => {
    if (typeof request.body !== 'string') return refuse(response, 415, 'not-svg', 'a job is image/svg+xml');
    try {
      const started = machine.start(readJob(request.body));
      if (started === 'busy') return refuse(response, 409, started, 'another sheet is being cut');
      if (started === 'mat-empty') return refuse(response, 409, started, 'nothing lies on the mat');
      response.status(202).json(started);
    } catch (error) {
      if (!(error instanceof NoJob)) throw error;
      refuse(response, 400, error.code, error.message);
    }
  });
  router.get('/jobs/:id', (request, response) => {
    const report = machine.report(request.params.id);
    if (report) response.json(report);
    else refuse(response, 404, 'no-such-job', 'the machine knows of no such job');
  });
  router.delete('/jobs/:id', (request, response) => {
    const report = machine.stop(request.params.id);
    if (report) response.json(report);
    else refuse(response, 404, 'no-such-job', 'the machine knows of no such job');
  });
  const unreadable: ErrorRequestHandler = (error: { status?: number; message?: string }, _request, response, _next) => {
    refuse(
      response,
      error.status ?? 500,
      'cannot-read',
      error.status === undefined ? 'the machine failed' : (error.message ?? ''),
    );
  };
  router.use(unreadable);
  return router;
}
