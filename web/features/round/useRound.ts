import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { nearestFirst, pagesRound, type Heart, type RoundPage } from '../../../core/making';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { useHeart, type HeartInHand } from '../../parts/useHeart';
import { FORMATS } from '../../ui/pageWords';

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
const NOTHING: { for: Heart | null; size: string; pages: readonly RoundPage[]; done: number | null } = {
  for: null,
  size: '',
  pages: [],
  done: null,
};

/** What can be made round something: worked out design by design, so that the first are there at once. */
export function useRound(designs: number): Round {
  const [query] = useSearchParams();
  const { from, heart, begin } = useHeart('page');
  const bench = useBench((b) => b);
  const { mat, longestCut } = useSettings();
  const [size, setSize] = useState(FORMATS[0]?.[0] ?? '');
  const [found, setFound] = useState(NOTHING);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  // The stash changes with the page that is begun: nothing is looked for any more.
  const isBegun = useRef(false);
  const showNow = useRef<() => void>(undefined);
  const stop = (): void => {
    clearTimeout(timer.current);
    showNow.current?.();
    setFound((now) => ({ ...now, done: null }));
  };
  useEffect(() => {
    const format = FORMATS.find(([id]) => id === size)?.[2];
    if (!heart || !format || isBegun.current) return;
    const asked = pagesRound(heart, bench, { format, mat, longestCut });
    let n = 0;
    let since = performance.now();
    let shown: readonly RoundPage[] = [];
    let more: RoundPage[] = [];
    // What is shown stays where it is: nobody likes to press a button that moves.
    const show = (done: number | null): void => {
      shown = [...shown, ...more.sort(nearestFirst)];
      more = [];
      since = performance.now();
      setFound({ for: heart, size, pages: shown, done });
    };
    showNow.current = () => show(null);
    const step = (): void => {
      const next = asked.next();
      if (next.done) return show(null);
      if (next.value) more.push(next.value);
      n++;
      if (performance.now() - since > TOGETHER) show(n / designs);
      // One design at a time, so that keys and Stop are heard between.
      timer.current = setTimeout(step);
    };
    timer.current = setTimeout(step);
    return () => clearTimeout(timer.current);
  }, [heart, bench, size, mat, longestCut, designs]);
  const isOfThis = found.for === heart && found.size === size;
  const page = query.get('page');
  return {
    from,
    heart,
    // What was found for something else, or another size, is not shown.
    pages: isOfThis ? found.pages : [],
    done: heart && !isOfThis ? 0 : found.done,
    stop,
    setBegun: (is) => {
      isBegun.current = is;
      if (is) stop();
    },
    size,
    setSize,
    page,
    begin,
  };
}
