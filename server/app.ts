import compression from 'compression';
import express, { type ErrorRequestHandler, type Express } from 'express';
import { fileURLToPath } from 'node:url';
import { clubRoutes } from './club/routes';
import { makeMachine } from './machine/machine';
import { headers, isNear, onlyOwn } from './guard';
import { machineRoutes } from './machine/routes';

const BUILT = fileURLToPath(new URL('../dist/web/', import.meta.url));

export interface AppOptions {
  /** Where the built application is. */
  readonly built?: string;
  /** Milliseconds, from wherever. */
  readonly now?: () => number;
  /** Names beside the loopback's that it is served under. */
  readonly hosts?: readonly string[];
}

/** A request that cannot be answered is told so in a few words, never with the server's insides. */
const troubled: ErrorRequestHandler = (error: { status?: number }, _request, response, _next) => {
  const status = error.status !== undefined && error.status >= 400 && error.status < 500 ? error.status : 500;
  response.status(status).json({ error: { code: 'cannot-answer', message: 'this request cannot be answered' } });
};

/** Serves the built application and the stand-ins; every address without a file of its own is a screen of it. */
export function makeApp({ built = BUILT, now = () => performance.now(), hosts = [] }: AppOptions = {}): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(headers, onlyOwn(hosts));
  // Packing pays only on a way that takes longer than the packing.
  app.use(compression({ filter: (request, response) => !isNear(request) && compression.filter(request, response) }));
  app.use('/api/machine', machineRoutes(makeMachine(now)));
  app.use('/api/club', clubRoutes());
  app.use('/api', (_request, response) => {
    response.status(404).json({ error: { code: 'no-such-address', message: 'nothing is here' } });
  });
  app.use(
    express.static(built, {
      index: false,
      // What is in assets is called by what is in it: another version has another name.
      setHeaders: (response, path) => {
        const isNamedSo = path.includes('/assets/');
        response.setHeader('Cache-Control', isNamedSo ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  app.get(/^\/(?!assets\/)[^.]*$/, (_request, response) => {
    response.sendFile('index.html', { root: built });
  });
  app.use(troubled);
  return app;
}
