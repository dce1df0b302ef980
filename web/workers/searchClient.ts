import type { Remote } from 'comlink';
import type { Answering } from './answering';
import { withReports } from './withReports';
import { workerClient } from './workerClient';

/** A worker whose searches can be ended. */
export interface Searching extends Answering {
  stop(): void;
}

/** How long a search that is stopped may take to answer by itself: one in the middle of a proof does not look up. */
const GRACE_MS = 120;

interface Running {
  /** Ends it with its last report; one that has reported nothing goes on until it has. */
  readonly end: () => void;
}

/**
 * Searches in a worker, one at a time. One that is stopped answers at once with the best it has told: by itself where
 * it can, else its worker is given up and the next question opens another. @param make opens the worker
 */
export function searchClient<Api extends Searching>(make: () => Worker) {
  const client = workerClient<Api>(make);
  let running: Running | null = null;
  return {
    ask: client.ask,
    /** @param answerOf the answer where there is no other, of the last report */
    search<Report, Answer>(
      question: (api: Remote<Api>, onReport: (report: Report) => void) => Promise<Answer>,
      onReport: (report: Report) => void,
      answerOf: (last: Report) => Answer,
    ): Promise<Answer> {
      let last: { report: Report } | null = null;
      let isEnding = false;
      let mine: Running | null = null;
      const ended = new Promise<Answer>((resolve) => {
        const end = (): void => {
          isEnding = true;
          if (!last || running !== mine) return;
          resolve(answerOf(last.report));
          client.close();
        };
        running = mine = { end };
      });
      const heard = (report: Report): void => {
        last = { report };
        onReport(report);
        if (isEnding) mine?.end();
      };
      const answer = withReports(heard, (report) => client.ask((api) => question(api, report)));
      return Promise.race([answer, ended]).finally(() => {
        if (running === mine) running = null;
      });
    },
    stop(): void {
      const now = running;
      if (!now) return;
      client.tell((api) => api.stop());
      setTimeout(() => {
        if (running === now) now.end();
      }, GRACE_MS);
    },
  };
}
