import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { nearestFirst, pagesRound, type BegunWith, type RoundPage } from '../../../core/acts';
import { useBench } from '../../data/benchStore';
import { useSettings, useTrimmer } from '../../data/settings';
import { useHeart, type HeartInHand } from '../../parts/useHeart';
import { FORMATS } from '../../ui/pageWords';
import { useSearch, type Search } from '../../ui/useSearch';

export interface Round extends HeartInHand {
  readonly pages: readonly RoundPage[];
  /** 0 to 1 while more are worked out; null: all are there. */
  readonly done: number | null;
  /** No further design is tried. */
  stop: () => void;
  /** A page was begun, or could not be. */
  setBegun: (is: boolean) => void;
  /** The size of page they are for, by its key among the sizes. */
  readonly size: string;
  setSize: (to: string) => void;
  /** The empty page that is made so; null: a new one. */
  readonly page: string | null;
}

/** So many milliseconds are looked for pages before some are shown: the nearest of them first. */
const TOGETHER = 900;

/** What was found so far, and for what. */
interface RoundFound {
  readonly of: Readonly<{ from: BegunWith | null; size: string }>;
  readonly pages: readonly RoundPage[];
  readonly done: number;
}

const nextTurn = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve);
  });

/**
 * Works one page out after another, so that keys and *Stop* are heard between.
 * @param ask begins to work them out @param designs how many are tried
 */
const roundsOf =
  (ask: () => Iterator<RoundPage | null>, of: RoundFound['of'], designs: number): Search<RoundFound> =>
  async (onProgress, signal) => {
    const asked = ask();
    let since = performance.now();
    let pages: readonly RoundPage[] = [];
    let more: RoundPage[] = [];
    // What is shown stays where it is: nobody likes to press a button that moves.
    const sorted = (): readonly RoundPage[] => [...pages, ...more.sort(nearestFirst)];
    await nextTurn();
    for (let n = 1, next = asked.next(); !next.done && !signal.aborted; n++, next = asked.next()) {
      if (next.value) more.push(next.value);
      if (performance.now() - since > TOGETHER) {
        pages = sorted();
        more = [];
        since = performance.now();
        onProgress({ of, pages, done: n / designs });
      }
      await nextTurn();
    }
    return { of, pages: sorted() };
  };

const NONE: readonly RoundPage[] = [];
const noWorker = (): void => undefined;

/** What can be made round something: worked out design by design, so that the first are there at once. */
export function useRound(designs: number): Round {
  const [query] = useSearchParams();
  const { from, heart, begin } = useHeart('page');
  const bench = useBench((b) => b);
  const mat = useSettings((s) => s.mat);
  const trimmer = useTrimmer();
  const [size, setSize] = useState(FORMATS[0]?.[0] ?? '');
  // The stash changes with the page that is begun: nothing is looked for any more.
  const [isBegun, setBegun] = useState(false);
  const search = useMemo(() => {
    const format = FORMATS.find(([id]) => id === size)?.[2];
    if (!heart || !format || isBegun) return null;
    return roundsOf(() => pagesRound(heart, bench, { format, mat, trimmer }), { from, size }, designs);
  }, [from, heart, bench, size, mat, trimmer, designs, isBegun]);
  const { found, done, stop } = useSearch(search, noWorker);
  // What was found for something else, or another size, is not shown.
  const isOfThis = found?.of.size === size && found.of.from === from;
  return {
    from,
    heart,
    pages: isOfThis ? found.pages : NONE,
    done,
    stop,
    setBegun,
    size,
    setSize,
    page: query.get('page'),
    begin,
  };
}
