import { useEffect, useReducer, useState } from 'react';
import type { Spelling } from '../../../core/spelling';
import { whyOf } from '../../ui/BrokenOff';
import { spellInWorker } from '../../workers/spellingClient';
import type { Way } from './sets';

/** A way to spell something, and what it comes to. */
export interface Spelt extends Way {
  readonly spelling: Spelling;
}

/** What each way comes to, as it is found, for one part of the screen; what was found before stands until then. */
export function useSpelling(asker: string, ways: readonly Way[]) {
  const [{ spelt, of }, setSpelt] = useState<{ spelt: readonly Spelt[]; of: readonly Way[] | null }>({
    spelt: [],
    of: null,
  });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    let isLatest = true;
    spellInWorker(
      asker,
      ways.map(({ job }) => job),
    ).then(
      (found) => {
        if (!isLatest || !found) return;
        setTrouble(null);
        setSpelt({ of: ways, spelt: ways.flatMap((way, i) => (found[i] ? [{ ...way, spelling: found[i] }] : [])) });
      },
      (error: unknown) => {
        if (isLatest) setTrouble(whyOf(error));
      },
    );
    return () => {
      isLatest = false;
    };
  }, [asker, ways, tries]);
  return { spelt, isCurrent: of === ways, trouble, again };
}
