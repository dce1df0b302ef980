import helmet from 'helmet';
import type { IncomingMessage } from 'node:http';
import type { RequestHandler } from 'express';

/**
 * What the pages that are served may do: nothing from elsewhere, no script but the application's own files (and
 * WebAssembly, for the solver), in no other page's frame.
 */
export const headers: RequestHandler = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      workerSrc: ["'self'"],
      // Styles are written into the page as they are needed.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'", 'blob:'],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  // It is served on this machine, without certificates.
  strictTransportSecurity: false,
  crossOriginEmbedderPolicy: false,
});

const LOOPBACK = /^(localhost|127(?:\.\d{1,3}){3}|\[::1\])(?::\d{1,5})?$/i;

/** Whether a request comes under one of this machine's own names. */
export const isNear = ({ headers: { host } }: Pick<IncomingMessage, 'headers'>): boolean =>
  host !== undefined && LOOPBACK.test(host);

const hostOf = (origin: string): string | null => {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
};

/**
 * Answers only requests that are meant for this server: a page from elsewhere must not reach it under another name, or
 * on behalf of whoever has it open.
 * @param hosts names beside the loopback's that it is served under
 */
export function onlyOwn(hosts: readonly string[]): RequestHandler {
  const isOwn = (host: string | null | undefined): boolean =>
    host !== null && host !== undefined && (LOOPBACK.test(host) || hosts.includes(host.replace(/:\d+$/, '')));
  return (request, response, next) => {
    const { host, origin } = request.headers;
    if (isOwn(host) && (origin === undefined || isOwn(hostOf(origin)))) next();
    else
      response
        .status(403)
        .json({ error: { code: 'not-from-here', message: 'this server answers its own pages only' } });
  };
}
