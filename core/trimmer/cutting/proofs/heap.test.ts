import fc from 'fast-check';
import { expect, test } from 'vitest';
import { Heap } from './heap';

test('entries come out in order, whatever order they went in', () =>
  fc.assert(
    fc.property(fc.array(fc.integer()), (list) => {
      const heap = new Heap<number>((a, b) => a < b);
      list.forEach((n) => heap.push(n));
      expect(heap.size).toBe(list.length);
      expect(heap.first).toBe(list.length === 0 ? undefined : Math.min(...list));
      const out = list.map(() => heap.pop()!);
      expect(out).toEqual([...list].sort((a, b) => a - b));
      expect(heap.pop()).toBeUndefined();
    }),
  ));

test('putting in and taking out may be mixed', () =>
  fc.assert(
    fc.property(fc.array(fc.option(fc.nat())), (steps) => {
      const heap = new Heap<number>((a, b) => a > b);
      const plain: number[] = [];
      for (const step of steps) {
        if (step === null) expect(heap.pop()).toBe(plain.sort((a, b) => a - b).pop());
        else {
          heap.push(step);
          plain.push(step);
        }
      }
      expect(heap.size).toBe(plain.length);
    }),
  ));
