import type { AddressInfo } from 'node:net';
import { makeApp } from './app';

const wanted = Number(process.env['PORT'] ?? 4180);

const server = makeApp().listen(wanted, () => {
  process.stdout.write(`Nubbin is on http://localhost:${(server.address() as AddressInfo).port}/\n`);
});
server.on('error', (error: NodeJS.ErrnoException) => {
  process.stderr.write(
    error.code === 'EADDRINUSE' ? `Port ${wanted} is taken: try PORT=${wanted + 1} npm start\n` : `${error.message}\n`,
  );
  process.exit(1);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.close(() => process.exit(0)));
