import { useMemo, useState } from 'react';
import type { Layout } from '../../../core/page/design';
import { pageSheet, remarkKey, remarksOnPage, type Eyed, type Remark } from '../../../core/page/eye';
import { mendsFor, type Mend } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';

/** What a second pair of eyes says of a page, one thing at a time. */
export interface SecondEyes {
  readonly remarks: readonly Remark[];
  /** The one that is looked at; null: she has not asked. */
  readonly shown: Remark | null;
  /** Its place among the others, from 0. */
  readonly at: number;
  /** What it is about, as it lies on the page. */
  readonly about: readonly Eyed[];
  readonly mends: readonly Mend[];
  readonly isOpen: boolean;
  readonly open: (isOpen: boolean) => void;
  readonly step: (by: number) => void;
  /** So many were set aside for this page. */
  readonly aside: number;
}

/** Quiet until she asks, or until the page is glued. @param papers as they are chosen or proposed */
export function useSecondEyes(page: Page, layout: Layout | null, papers: Page['papers']): SecondEyes {
  const bench = useBench((b) => b);
  const { eyesOff, system } = useSettings();
  const [isOpen, open] = useState(page.glued !== null && page.finished === null);
  const [place, setPlace] = useState(0);
  const looked = useMemo(() => ({ ...page, papers }), [page, papers]);
  const all = useMemo(
    () => (layout ? remarksOnPage(looked, layout, bench, system) : []),
    [looked, layout, bench, system],
  );
  const kept = all.filter(({ kind }) => !eyesOff.includes(kind));
  const remarks = kept.filter((remark) => !page.setAside?.includes(remarkKey(remark)));
  const at = remarks.length === 0 ? 0 : place % remarks.length;
  const shown = isOpen ? (remarks[at] ?? null) : null;
  const key = shown && remarkKey(shown);
  const { about, mends } = useMemo(() => {
    const remark = all.find((one) => remarkKey(one) === key);
    if (!layout || !remark) return { about: [], mends: [] };
    const { things } = pageSheet(looked, layout, bench);
    return {
      about: things.filter(({ id }) => remark.things?.includes(id)),
      mends: mendsFor(remark, looked, layout, bench),
    };
  }, [all, key, looked, layout, bench]);
  return {
    remarks,
    shown,
    at,
    about,
    mends,
    isOpen,
    open,
    step: (by) => setPlace((at + by + remarks.length) % Math.max(1, remarks.length)),
    aside: kept.length - remarks.length,
  };
}
