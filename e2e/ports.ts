/** Each demo that tests begin with is served on a port of its own, two from E2E_PORT on. */
const FIRST = Number(process.env['E2E_PORT'] ?? 4189);
export const PORTS = { whole: FIRST, plain: FIRST + 1 } as const;
export type Demo = keyof typeof PORTS;
export const addressOf = (demo: Demo): string => `http://localhost:${PORTS[demo]}`;
