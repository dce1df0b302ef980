import { expose } from 'comlink';
import {
  shareWithMiddles,
  solverFrom,
  type Middle,
  type ShareJob,
  type SharePlan,
  type ShareProgress,
} from '../../core/kit/shareout';
import { hello } from './answering';
import { makeDriver } from './driver';
import { freshHighs } from './freshHighs';

const { drive, stop } = makeDriver();

const api = {
  hello,
  /**
   * Shares stock out, on middles too where that makes more pages; better share-outs are told as they come.
   * @param work judgements allowed
   */
  async share(
    job: ShareJob,
    middles: readonly Middle[],
    work: number,
    onProgress: (progress: ShareProgress) => unknown,
  ): Promise<SharePlan> {
    const search = freshHighs().then((highs) => shareWithMiddles(job, middles, solverFrom(highs), work));
    const last = await drive(search, onProgress);
    if (!last) throw new Error('a search answers at least once');
    return last.plan;
  },
  /** Ends whatever runs; it answers with the best so far. */
  stop,
};
export type SharingApi = typeof api;
expose(api);
