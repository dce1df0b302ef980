import { useCallback, useMemo, useState } from 'react';
import { inches } from '../../../core/ground/length';
import { nth } from '../../../core/ground/nth';
import type { PunchWish } from '../../../core/trimmer/punching';
import { ownPunches } from '../../../core/trimmer/onHand';
import type { PieceState } from '../../../core/stock/ledger';
import type { Lot, Punch } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { useAnswer } from '../../ui/useAnswer';
import { punchInWorker } from '../../workers/planningClient';

/** A punch that she would use, and how many it is to make at the most; empty: all that fit. */
export interface Wish {
  readonly shape: Punch['shape'];
  readonly size: number;
  readonly most: string;
}

/** Sizes that further punches begin with. */
const NEXT = [1, 0.625, 2];
export const MOST_WISHES = NEXT.length + 1;

const isNumber = (text: string): boolean => /^\d+$/.test(text.trim());

/** Whether what she typed as the most that it is to make is neither a number nor nothing. */
export const isMistyped = ({ most }: Wish): boolean => most.trim() !== '' && !isNumber(most);

/** What a piece gives under her punches, asked anew whenever another is wished for. */
export function usePunching({ w, h, missing }: PieceState, { upright }: Lot) {
  const { lots, ledger } = useBench((b) => b);
  const punchReach = useSettings((s) => s.punchReach);
  const own = useMemo(() => ownPunches(lots, ledger, punchReach), [lots, ledger, punchReach]);
  const [wishes, setWishes] = useState<readonly Wish[]>(() => [
    { shape: 'circle', size: inches(1.5), ...own[0]?.punch, most: '' },
  ]);
  const ask = useCallback(() => {
    const reachOf = ({ shape, size }: Wish): number | null =>
      own.find(({ punch }) => punch.shape === shape && punch.size === size)?.punch.reach ?? punchReach;
    const asked = wishes.map((wish): PunchWish => ({
      punch: { shape: wish.shape, size: wish.size, reach: reachOf(wish) },
      most: isNumber(wish.most) ? Number(wish.most) : null,
    }));
    return punchInWorker({ w, h, missing, upright }, asked);
  }, [wishes, own, punchReach, w, h, missing, upright]);
  const { answer: found, trouble, again } = useAnswer(ask);
  return {
    own,
    wishes,
    change: (i: number, some: Partial<Wish>): void =>
      setWishes((now) => now.map((wish, j) => (j === i ? { ...wish, ...some } : wish))),
    addWish: (): void =>
      setWishes((now) => [...now, { shape: 'circle', size: inches(nth(NEXT, now.length - 1)), most: '' }]),
    found,
    holes: found?.flat() ?? [],
    trouble,
    again,
  };
}
