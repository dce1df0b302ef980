import express, { type Express } from 'express';
import { fileURLToPath } from 'node:url';
import { clubRoutes } from './club/routes';
import { makeMachine } from './machine/machine';
import { machineRoutes } from './machine/routes';

const BUILT = fileURLToPath(new URL('../dist/web/', import.meta.url));

/** Serves the built application and the stand-ins; every address without a file of its own is a screen of it. */
export function makeApp(built = BUILT, now: () => number = () => performance.now()): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use('/api/machine', machineRoutes(makeMachine(now)));
  app.use('/api/club', clubRoutes());
  app.use('/api', (_request, response) => {
    response.status(404).json({ error: { code: 'no-such-address', message: 'nothing is here' } });
  });
  app.use(
    express.static(built, {
      index: false,
      setHeaders: (response, path) => {
        if (!path.includes('/assets/')) response.setHeader('Cache-Control', 'no-cache');
      },
    }),
  );
  app.get(/^\/(?!assets\/)[^.]*$/, (_request, response) => {
    response.sendFile('index.html', { root: built });
  });
  return app;
}
