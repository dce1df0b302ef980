import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';
import { shareOut, solverFrom, type ShareJob, type SharePlan, type ShareProgress } from '../../core/shareout';
import { hello } from './answering';
import { makeDriver } from './driver';

const { drive, stop } = makeDriver();

const api = {
  hello,
  /** Shares stock out; better share-outs are told as they come. @param work judgements allowed */
  async share(job: ShareJob, work: number, onProgress: (progress: ShareProgress) => unknown): Promise<SharePlan> {
    const search = loadHighs({ locateFile: () => wasm }).then((highs) => shareOut(job, solverFrom(highs), work));
    return (await drive(search, onProgress))!.plan;
  },
  /** Ends whatever runs; it answers with the best so far. */
  stop,
};
export type SharingApi = typeof api;
expose(api);
