import { expose } from 'comlink';
import { expect, test } from 'vitest';
import { searchClient } from './searchClient';

/** A worker of this thread; how many were opened and given up is counted. */
function counted(api: object) {
  const count = { opened: 0, ended: 0 };
  const make = (): Worker => {
    const { port1, port2 } = new MessageChannel();
    count.opened++;
    expose(api, port1);
    const worker = {
      postMessage: (message: unknown, transfer: Transferable[]) => port2.postMessage(message, transfer),
      addEventListener: (kind: string, listener: EventListener) => port2.addEventListener(kind, listener),
      removeEventListener: (kind: string, listener: EventListener) => port2.removeEventListener(kind, listener),
      terminate: () => {
        count.ended++;
        port1.close();
        port2.close();
      },
    };
    port2.start();
    return worker as unknown as Worker;
  };
  return { make, count };
}

type Report = (n: number) => void;
const api = {
  hello: (): true => true,
  stop: (): void => undefined,
  /** Tells something, and then does not look up any more. */
  dig: async (report: Report): Promise<number> => {
    report(7);
    return new Promise<number>(() => undefined);
  },
  /** Looks up when it is told to stop. */
  walk: (report: Report): Promise<number> => {
    report(1);
    return new Promise<number>((resume) => {
      api.stop = () => resume(2);
    });
  },
};

const told = async (condition: () => boolean): Promise<void> => {
  while (!condition()) await new Promise((resume) => setTimeout(resume, 5));
};

test('a search that does not look up is stopped all the same, with what it told last; the next has another worker', async () => {
  const { make, count } = counted(api);
  const client = searchClient<typeof api>(make);
  const heard: number[] = [];
  const answer = client.search<number, number>(
    (remote, report) => remote.dig(report),
    (n) => heard.push(n),
    (last) => last,
  );
  await told(() => heard.length > 0);
  client.stop();
  expect(await answer).toBe(7);
  expect(count).toEqual({ opened: 1, ended: 1 });
  const next = client.search<number, number>(
    (remote, report) => remote.walk(report),
    (n) => heard.push(n),
    (last) => last,
  );
  await told(() => heard.length > 1);
  client.stop();
  expect(await next).toBe(2);
  expect(count).toEqual({ opened: 2, ended: 1 });
  client.stop();
  expect(count).toEqual({ opened: 2, ended: 1 });
});
