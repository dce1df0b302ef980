import { wrap, type Remote } from 'comlink';

let tell: () => void = () => undefined;

/** Says who is told when a worker cannot be loaded or breaks off: whatever was asked of it never answers. */
export const onWorkerTrouble = (told: () => void): void => {
  tell = told;
};

/** What a worker offers, to be called from here. */
export function openWorker<Api>(worker: Worker): Remote<Api> {
  worker.addEventListener('error', () => tell());
  return wrap<Api>(worker);
}
