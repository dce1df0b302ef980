import { useMemo } from 'react';
import { partsOf, placeAmong, type LeftThing } from '../../../core/kit/closing';
import type { Amounts } from '../../../core/stock/ledger';
import { decideOn, joinLetters, partWith, partWithSome, putBack, type Leaving } from '../../../core/acts';
import type { Fate } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';

/** How much of it, and how it goes on while something is decided. */
export interface Going {
  /** So much of a counted thing leaves, and the rest is left; null: all; what was mistyped leaves nothing. */
  readonly only: Amounts | null | 'mistyped';
  /** On to the next; at once, so that of quick keys none is pressed for this one again. */
  readonly onNext: () => void;
  /** It could not be: back to this one. */
  readonly onBack: () => void;
}

/** What may be decided of a thing, or of some of those alike; in the stash it is put where its like lies. */
export function useDeciding(kit: string, thing: LeftThing, keys: readonly string[], { only, onNext, onBack }: Going) {
  const { lot, pieces, amounts } = thing;
  const { lots, ledger, faces } = useBench((b) => b);
  const place = useMemo(() => placeAmong(lot, { lots, ledger, faces }), [lot, lots, ledger, faces]);
  const goOn = async (deciding: Parameters<typeof act>[0]): Promise<void> => {
    onNext();
    if (!(await act(deciding))) onBack();
  };
  const decide = (fate: Fate): Promise<void> =>
    goOn(decideOn(kit, { keys, fate, ...(fate.for === 'stash' && place !== null ? { place } : {}) }));
  const leave = async (leaving: Leaving): Promise<void> => {
    if (only === 'mistyped') return;
    // The rest is still to be decided: it stays here.
    if (only !== null) await act(partWithSome(lot.id, only, leaving));
    // Of a pack only what is with this kit.
    else
      await goOn(
        pieces.length > 0 ? partWith({ pieces: keys, lots: [] }, leaving) : partWithSome(lot.id, amounts, leaving),
      );
  };
  const back = (): Promise<void> =>
    goOn(putBack(kit, pieces.length > 0 ? keys.map((piece) => ({ piece })) : partsOf(thing)));
  const join = (into: string): Promise<void> => goOn(joinLetters(lot.id, amounts, into));
  return { place, decide, leave, back, join };
}
