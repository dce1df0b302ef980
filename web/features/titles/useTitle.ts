import { useMemo, useState } from 'react';
import { pageLayout } from '../../../core/design';
import { inches } from '../../../core/length';
import { layTitle } from '../../../core/making';
import { boundsOf, around } from '../../../core/placing';
import type { SpeltTitle } from '../../../core/spelling';
import {
  lastOf,
  lettersFor,
  lettersOf,
  lostOnPaper,
  standingOf,
  takenBy,
  titleLaid,
  type Asking,
  type Letters,
  type LostOnPaper,
} from '../../../core/titles';
import type { Page, PlacedItem } from '../../../core/things';
import { letterWidth, type StandingLetters, type TitleWish } from '../../../core/writing';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { spelling } from '../../workers/spellingClient';
import { useAnswer } from './useAnswer';

type Spelt = Extract<SpeltTitle, { spelt: true }>;

/** Of a page that cannot be laid out yet: at its head. */
const headOf = ({ format: { w, h } }: Page) => ({ x: 0, y: 0, w, h: Math.min(h, inches(2)) });

/** Where a page's title stands, and how large the page is; of a spread, both its pages. */
function usePlace(page: Page) {
  return useMemo(() => {
    const laid = pageLayout(page);
    const { w, h, spread } = page.format;
    return laid.ok
      ? { layout: laid.value, place: laid.value.title, size: laid.value.size }
      : { layout: null, place: headOf(page), size: { w: spread ? 2 * w : w, h } };
  }, [page]);
}

/** Whether the letters are lost on the paper where they stand. */
function useLost(page: Page, title: Spelt | null, letters: readonly Letters[], standing: StandingLetters | null) {
  const faces = useBench((b) => b.faces);
  const { layout } = usePlace(page);
  return useMemo((): LostOnPaper | null => {
    const first = title ? letters.find(({ id }) => id === lettersOf(title)[0]?.set) : undefined;
    if (!layout || !standing || !first || standing.places.length === 0) return null;
    const { colour, height } = first;
    const rects = standing.places.map((at) => boundsOf({ w: letterWidth('N', height), h: height }, at, at.turn));
    return lostOnPaper(layout, page.papers, faces, { place: around(rects), colour, height });
  }, [layout, page.papers, faces, title, letters, standing]);
}

/** What is typed for a page's title, the ways to spell it, and how it would stand. */
export function useTitle(page: Page) {
  const { lots, faces, ledger } = useBench((b) => b);
  const [text, setText] = useState(page.title);
  const [asking, ask] = useState<Asking>({ isAnyCase: true, standIns: true });
  const [wish, stand] = useState<TitleWish>({ shape: 'line', from: 'middle' });
  const [chosen, choose] = useState<string | null>(null);
  // A way chosen for other words does not hold for these.
  const write = (now: string): void => {
    setText(now);
    choose(null);
  };
  const letters = useMemo(() => lettersFor(page.id, { lots, faces, ledger }), [page.id, lots, faces, ledger]);
  const asked = text.trim();
  const question = useMemo(
    () => (asked === '' ? null : () => spelling.ask((api) => api.ways(asked, letters, asking))),
    [asked, letters, asking],
  );
  const { answer, isCurrent, trouble, again } = useAnswer(question);
  const ways = answer ?? [];
  const way = ways.find(({ key, title }) => key === chosen && title.spelt) ?? ways[0];
  const title = way?.title.spelt ? way.title : null;
  const { place, size } = usePlace(page);
  const standing = useMemo(
    () => (title ? standingOf(title, letters, place, size, wish) : null),
    [title, letters, place, size, wish],
  );
  const lost = useLost(page, title, letters, standing);
  const taken = useMemo(() => takenBy(title ?? undefined), [title]);
  // What was found for other words is shown until these are, and not laid.
  const canLay = isCurrent && title !== null && standing !== null;
  const lay = (): void => {
    if (canLay) void act(layTitle(page.id, asked, titleLaid(title, letters, standing)));
  };
  const layThing = (printed: string, what: PlacedItem): void => {
    const at = { x: place.x + Math.round(place.w / 2), y: place.y + Math.round(place.h / 2), turn: 0 };
    void act(layTitle(page.id, printed, [{ what, ...at }])).then((isDone) => {
      if (isDone) write(printed);
    });
  };
  return {
    ...{ text, write, asking, ask, wish, stand, choose },
    ...{ letters, ways, way, title, standing, lost, taken, trouble, again, canLay, lay, layThing },
    last: lastOf(taken, letters),
  };
}

export type TitleWork = ReturnType<typeof useTitle>;
