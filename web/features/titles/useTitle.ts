import { useMemo, useState } from 'react';
import { pageLayout } from '../../../core/page/design';
import type { Rect } from '../../../core/ground/geometry';
import { inches } from '../../../core/ground/length';
import { layTitle } from '../../../core/acts';
import { around, boundsOf, looksOf } from '../../../core/page/placing';
import type { SpeltTitle } from '../../../core/page/spelling';
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
  type PrintedPart,
} from '../../../core/page/titles';
import type { Page, PlacedItem } from '../../../core/stock/things';
import { letterWidth, type StandingLetters, type TitleWish } from '../../../core/page/writing';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { spelling } from '../../workers/spellingClient';
import { useAnswer } from '../../ui/useAnswer';

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

const middleOf = ({ x, y, w, h }: Rect) => ({ x: x + Math.round(w / 2), y: y + Math.round(h / 2) });

const BESIDE = inches(1 / 4);

/**
 * Where a printed part lies, and where the letters of the rest: beside it in the order in which they are read.
 * @param wide how wide the printed thing is, ticks
 */
function partsOf(place: Rect, printed: PrintedPart | null, wide: number): { thing: Rect; letters: Rect } {
  if (!printed || printed.rest === '') return { thing: place, letters: place };
  const w = place.w - wide - BESIDE;
  return printed.isFirst
    ? { thing: { ...place, w: wide }, letters: { ...place, x: place.x + wide + BESIDE, w } }
    : { thing: { ...place, x: place.x + w + BESIDE, w: wide }, letters: { ...place, w } };
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
  const [printed, takePrinted] = useState<PrintedPart | null>(null);
  // A way chosen for other words does not hold for these.
  const write = (now: string): void => {
    setText(now);
    choose(null);
    takePrinted(null);
  };
  const letters = useMemo(() => lettersFor(page.id, { lots, faces, ledger }), [page.id, lots, faces, ledger]);
  const asked = text.trim();
  const toSpell = printed ? printed.rest : asked;
  const question = useMemo(
    () => (toSpell === '' ? null : () => spelling.ask((api) => api.ways(toSpell, letters, asking))),
    [toSpell, letters, asking],
  );
  const { answer, isCurrent, trouble, again } = useAnswer(question);
  const ways = answer ?? [];
  const way = ways.find(({ key, title }) => key === chosen && title.spelt) ?? ways[0];
  const title = way?.title.spelt ? way.title : null;
  const { place, size } = usePlace(page);
  const wide = printed ? (looksOf(printed.what, { lots, faces, ledger })?.size.w ?? 0) : 0;
  const parts = useMemo(() => partsOf(place, printed, wide), [place, printed, wide]);
  const standing = useMemo(
    () => (title ? standingOf(title, letters, parts.letters, size, wish) : null),
    [title, letters, parts, size, wish],
  );
  const lost = useLost(page, title, letters, standing);
  const taken = useMemo(() => takenBy(title ?? undefined), [title]);
  // What was found for other words is shown until these are, and not laid.
  const isSpelt = isCurrent && title !== null && standing !== null;
  const canLay = printed?.rest === '' || isSpelt;
  const lay = (): void => {
    if (!canLay) return;
    const thing = printed ? [{ what: printed.what, ...middleOf(parts.thing), turn: 0 }] : [];
    void act(layTitle(page.id, asked, [...thing, ...(isSpelt ? titleLaid(title, letters, standing) : [])]));
  };
  const layThing = (words: string, what: PlacedItem): void => {
    void act(layTitle(page.id, words, [{ what, ...middleOf(place), turn: 0 }])).then((isDone) => {
      if (isDone) write(words);
    });
  };
  return {
    ...{ printed, takePrinted },
    ...{ text, write, asking, ask, wish, stand, choose },
    ...{ letters, ways, way, title, standing, lost, taken, trouble, again, canLay, lay, layThing },
    last: lastOf(taken, letters),
  };
}

export type TitleWork = ReturnType<typeof useTitle>;
