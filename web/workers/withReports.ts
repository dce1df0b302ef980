import { proxy } from 'comlink';

/**
 * Runs a search in a worker and passes on what it reports on the way. Reports travel by a port of their own and may
 * come in after the answer; such a one is old news and is left out, or the search would look unfinished for ever.
 */
export async function withReports<Report, Answer>(
  onReport: (report: Report) => void,
  search: (onReport: (report: Report) => void) => Promise<Answer>,
): Promise<Answer> {
  let isOver = false;
  try {
    return await search(
      proxy((report: Report) => {
        if (!isOver) onReport(report);
      }),
    );
  } finally {
    isOver = true;
  }
}
