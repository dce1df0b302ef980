import { lineOfKey } from '../../../core/stock/listing';
import { type Draft } from '../../../core/stock/things';

type Ticks = Pick<Draft, 'here' | 'damaged' | 'corrected'>;

/**
 * Ticks stay with their lines when lines are put in, taken out or typed anew: what is alike at head and foot keeps its
 * own.
 */
export function moveTicks({ list, here, damaged, corrected }: Pick<Draft, 'list'> & Ticks, next: string): Ticks {
  const [before, after] = [list.split('\n'), next.split('\n')];
  const most = Math.min(before.length, after.length);
  let head = 0;
  while (head < most && before[head] === after[head]) head++;
  let foot = 0;
  while (foot < most - head && before[before.length - 1 - foot] === after[after.length - 1 - foot]) foot++;
  const shift = after.length - before.length;
  const moved = <T>(ticks: Readonly<Record<string, T>>): Record<string, T> =>
    Object.fromEntries(
      Object.entries(ticks).flatMap(([key, told]) => {
        const at = lineOfKey(key);
        if (at < head) return [[key, told]];
        return at >= before.length - foot ? [[key.replace(/^\d+/, String(at + shift)), told]] : [];
      }),
    );
  return {
    here: moved(here),
    ...(damaged ? { damaged: moved(damaged) } : {}),
    ...(corrected ? { corrected: moved(corrected) } : {}),
  };
}
