import type { AddressInfo } from 'node:net';
import { makeApp } from './app';

const fail = (words: string): never => {
  process.stderr.write(`${words}\n`);
  process.exit(1);
};

const port = process.env['PORT'] ?? '4180';
const wanted =
  /^\d{1,5}$/.test(port) && Number(port) <= 65_535
    ? Number(port)
    : fail(`PORT=${port} is no port: it is a number up to 65535.`);
// Only this machine is served unless she says otherwise.
const host = process.env['HOST'] ?? 'localhost';

const server = makeApp({ hosts: [host] }).listen(wanted, host, (error?: Error) => {
  if (error) return;
  process.stdout.write(`Nubbin is on http://${host}:${(server.address() as AddressInfo).port}/\n`);
});

const TROUBLE: Readonly<Record<string, string>> = {
  EADDRINUSE: `Port ${wanted} is taken: try PORT=${wanted < 65_535 ? wanted + 1 : 4180} npm start`,
  EACCES: `Port ${wanted} is not for you to use: try PORT=4180 npm start`,
  EADDRNOTAVAIL: `HOST=${host} is no address of this machine.`,
  ENOTFOUND: `HOST=${host} is no address of this machine.`,
};
server.on('error', (error: NodeJS.ErrnoException) => fail(TROUBLE[error.code ?? ''] ?? error.message));

/** Whatever is half sent is given a second. */
const GRACE_MS = 1000;
for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => process.exit(0));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), GRACE_MS).unref();
  });
