import { describe, expect, test } from 'vitest';
import { makeDriver } from './driver';

function* counting(to: number, seen: number[] = []): Generator<number> {
  for (let n = 1; n <= to; n++) {
    seen.push(n);
    yield n;
  }
}

describe('a search in the worker', () => {
  test('runs to its end and answers with the last', async () => {
    const { drive } = makeDriver();
    expect(await drive(counting(50), () => undefined)).toBe(50);
  });

  test('tells its first answer at once, and later ones no oftener than the page can draw', async () => {
    let time = 0;
    const told: number[] = [];
    const { drive } = makeDriver(() => (time += 10));
    await drive(counting(60), (n) => told.push(n));
    expect(told[0]).toBe(1);
    expect(told.length).toBeGreaterThan(2);
    expect(told.length).toBeLessThan(12);
  });

  test('can be stopped, and answers with what it has', async () => {
    const { drive, stop } = makeDriver();
    const seen: number[] = [];
    const answer = drive(counting(1_000_000, seen), (n) => {
      if (n === 1) stop();
    });
    expect(await answer).toBe(1);
    expect(seen.length).toBe(1);
  });

  test('a new search ends the one before', async () => {
    const { drive } = makeDriver();
    const first = drive(counting(1_000_000), () => undefined);
    expect(await drive(counting(3), () => undefined)).toBe(3);
    expect(await first).toBeLessThan(1_000_000);
  });

  test('one that was asked before, and is ready only after, does not end the newer one', async () => {
    const { drive } = makeDriver();
    let isReady = (): void => undefined;
    const late = new Promise<void>((ready) => (isReady = ready));
    const first = drive(
      late.then(() => counting(1_000_000)),
      () => undefined,
    );
    const second = drive(counting(40), (n) => {
      if (n === 1) isReady();
    });
    expect(await second).toBe(40);
    // It answers with what it has, as any that was ended.
    expect(await first).toBe(1);
  });

  test('a search without answers gives none', async () => {
    expect(await makeDriver().drive([], () => undefined)).toBeNull();
  });
});
