import { describe, expect, test } from 'vitest';
import { makeLoader } from './loader';

const named = (name: string, count: number): string[] => Array.from({ length: count }, (_, i) => `${name}${i}`);

/** A loader whose idle moments come when the test says so. */
function watched() {
  const batches: string[][] = [];
  const waiting: (() => void)[] = [];
  const loader = makeLoader(
    async (ids) => {
      batches.push([...ids]);
      await Promise.resolve();
    },
    () =>
      new Promise((resume) => {
        waiting.push(resume);
      }),
  );
  const beIdle = async (): Promise<void> => {
    waiting.splice(0).forEach((resume) => resume());
    await new Promise((resume) => {
      setTimeout(resume, 0);
    });
  };
  return { ...loader, batches, beIdle };
}

describe('what is loaded', () => {
  test('each once, however often it is asked for', async () => {
    const { soon, batches } = watched();
    await Promise.all([soon(named('a', 30)), soon(named('a', 40)), soon(['a3', 'a3'])]);
    await soon(named('a', 40));
    expect(batches.flat().sort()).toEqual(named('a', 40).sort());
  });

  test('in batches', async () => {
    const { soon, batches } = watched();
    await soon(named('a', 30));
    expect(batches.map(({ length }) => length)).toEqual([12, 12, 6]);
  });

  test('what can wait comes when there is nothing else to do, without what came meanwhile', async () => {
    const { soon, later, batches, beIdle } = watched();
    const others = later([...named('a', 2), ...named('b', 20)]);
    await soon(named('a', 2));
    expect(batches).toEqual([['a0', 'a1']]);
    await beIdle();
    expect(batches[1]).toEqual(named('b', 12));
    await beIdle();
    await others;
    expect(batches.flat()).toEqual([...named('a', 2), ...named('b', 20)]);
  });

  test('one that fails is not asked for again, and the rest comes', async () => {
    const tried: string[] = [];
    const { soon } = makeLoader(
      (ids) => {
        tried.push(...ids);
        return ids.includes('bad') ? Promise.reject(new Error('no picture')) : Promise.resolve();
      },
      () => Promise.resolve(),
    );
    await expect(soon(['bad'])).rejects.toThrow('no picture');
    await soon(['bad', 'good']);
    expect(tried).toEqual(['bad', 'good']);
  });
});
