import { wrap, type Remote } from 'comlink';
import type { Answering } from './answering';

/** How long a worker may take until it answers for the first time. */
const PATIENCE_MS = 15_000;

/**
 * A worker that could not be loaded, does not answer, or broke off: what was asked of it has no answer. The next
 * question opens it anew.
 */
export class WorkerGone extends Error {
  constructor() {
    super('this part of Nubbin could not be loaded, or broke off');
  }
}

interface Opened<Api> {
  readonly remote: Remote<Api>;
  readonly end: () => void;
  /** Rejects when it is gone. */
  readonly gone: Promise<never>;
}

/** Asks a worker, which is opened when it is first asked, and again after it is gone. @param make opens it */
export function workerClient<Api extends Answering>(make: () => Worker) {
  let opened: Opened<Api> | null = null;
  const open = (): Opened<Api> => {
    const worker = make();
    const remote = wrap<Api>(worker);
    let end = (): void => undefined;
    const gone = new Promise<never>((_, fail) => {
      end = (): void => {
        opened = null;
        worker.terminate();
        fail(new WorkerGone());
      };
      worker.addEventListener('error', end);
      worker.addEventListener('messageerror', end);
      const unanswered = setTimeout(end, PATIENCE_MS);
      void remote.hello().then(() => clearTimeout(unanswered));
    });
    // Nobody may be waiting when it goes.
    gone.catch(() => undefined);
    return { remote, end, gone };
  };
  return {
    ask<T>(question: (api: Remote<Api>) => Promise<T>): Promise<T> {
      const { remote, gone } = (opened ??= open());
      return Promise.race([question(remote), gone]);
    },
    /** Gives it up if it is open: whatever was asked of it has no answer. */
    close(): void {
      opened?.end();
    },
    /** Tells it something if it is open; nothing is waited for. */
    tell(word: (api: Remote<Api>) => Promise<unknown>): void {
      if (opened) void word(opened.remote);
    },
  };
}
