import express, { type Express } from 'express';
import { fileURLToPath } from 'node:url';

const BUILT = fileURLToPath(new URL('../dist/web/', import.meta.url));

/** Serves the built application; every address without a file of its own is a screen of it. */
export function makeApp(built = BUILT): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(express.static(built, { index: false, setHeaders: (response, path) => { if (!path.includes('/assets/')) response.setHeader('Cache-Control', 'no-cache'); } }));
  app.get(/^\/(?!assets\/)[^.]*$/, (_request, response) => { response.sendFile('index.html', { root: built }); });
  return app;
}
