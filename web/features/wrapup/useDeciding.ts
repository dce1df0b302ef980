import { useMemo } from 'react';
import { placeAmong, type LeftThing } from '../../../core/kits';
import { decideOn, partWith, partWithSome, putBack, type Leaving } from '../../../core/making';
import type { Fate } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';

/** How much of it, and how it goes on while something is decided. */
export interface Going {
  /** So many of a counted thing leave, and the rest is left; null: all. */
  readonly only: number | null;
  /** On to the next; at once, so that of quick keys none is pressed for this one again. */
  readonly onNext: () => void;
  /** It could not be: back to this one. */
  readonly onBack: () => void;
}

/** What may be decided of a thing, or of some of those alike; in the stash it is put where its like lies. */
export function useDeciding(
  kit: string,
  { lot, pieces, amounts }: LeftThing,
  keys: readonly string[],
  { only, onNext, onBack }: Going,
) {
  const { lots, ledger, faces } = useBench((b) => b);
  const place = useMemo(() => placeAmong(lot, { lots, ledger, faces }), [lot, lots, ledger, faces]);
  const goOn = async (deciding: Parameters<typeof act>[0]): Promise<void> => {
    onNext();
    if (!(await act(deciding))) onBack();
  };
  const decide = (fate: Fate): Promise<void> =>
    goOn(decideOn(kit, { keys, fate, ...(fate.for === 'stash' && place !== null ? { place } : {}) }));
  const leave = async (leaving: Leaving): Promise<void> => {
    const [part] = Object.keys(amounts);
    // The rest is still to be decided: it stays here.
    if (only !== null && part !== undefined) await act(partWithSome(lot.id, { [part]: only }, leaving));
    // Of a pack only what is with this kit.
    else
      await goOn(
        pieces.length > 0 ? partWith({ pieces: keys, lots: [] }, leaving) : partWithSome(lot.id, amounts, leaving),
      );
  };
  const back = (): Promise<void> =>
    goOn(
      putBack(
        kit,
        pieces.length > 0 ? keys.map((piece) => ({ piece })) : [{ lot: lot.id, parts: Object.keys(amounts) }],
      ),
    );
  return { place, decide, leave, back };
}
