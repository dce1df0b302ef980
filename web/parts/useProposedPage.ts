import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import type { Ticks } from '../../core/ground/length';
import type { Proposal, Sources } from '../../core/kit/busting';
import { beginFurnished, furnish, newPage, type Begun, type Furnished } from '../../core/acts';
import { newestMonth, type Kit, type Page } from '../../core/stock/things';
import { act } from '../data/acts';
import { useBench } from '../data/benchStore';
import { useSettings } from '../data/settings';
import { useGoAfter } from '../ui/useGoAfter';

const NONE_ELSEWHERE: ReadonlySet<string> = new Set();

/** Whether things of a kit may be on pages out of some sources: none of the newest kit, unless she says so. */
export function mayTakeFrom({ kits, withNewest }: Sources, all: ReadonlyMap<string, Kit>): (kit: string) => boolean {
  const newest = newestMonth(all.values());
  return (id) => {
    const kit = all.get(id);
    if (kits && !kits.has(id)) return false;
    return withNewest || kit?.gathered !== undefined || kit?.isOpened === true || kit?.month !== newest;
  };
}

/** What a proposed page is begun with, its title and its story's day and place among it. */
export function begunFrom(
  { format, design, photos, papers, sizes }: Proposal,
  { title, without }: Pick<Furnished, 'title' | 'without'>,
  mat: Ticks,
  story: { readonly date: string; readonly place: string } | undefined,
): Begun {
  const told = { title: title?.text ?? '', date: story?.date ?? '', place: story?.place ?? '' };
  return { format, design, mat, photos, papers, sizes, without, ...told };
}

/** A page as it would be, to be drawn. */
export const asDrawn = (begun: Begun, { things }: Pick<Furnished, 'things'>): Page => ({
  ...newPage('', begun, ''),
  placed: things.map((thing, i) => ({ ...thing, id: String(i) })),
});

export interface ProposedPage {
  readonly page: Page;
  readonly furnished: Furnished;
  /** The story of its photos; empty: it has none. */
  readonly story: string;
  /** Begins it, with what lies on it, and goes there. */
  begin: () => void;
}

/** A proposed page with small things and a title that can be spelt; worked out anew only when something differs. */
export function useProposedPage(proposal: Proposal, sources: Sources): ProposedPage {
  const bench = useBench((b) => b);
  const { mat, change } = useSettings();
  const goAfter = useGoAfter();
  const furnished = useMemo(
    () => furnish(proposal, bench, { mat, mayTake: mayTakeFrom(sources, bench.kits), elsewhere: NONE_ELSEWHERE }),
    [proposal, bench, mat, sources],
  );
  const story = bench.stories.get(bench.photos.get(proposal.photos[0]?.photo ?? '')?.story ?? '');
  const begun = useMemo(() => begunFrom(proposal, furnished, mat, story), [proposal, furnished, mat, story]);
  const page = useMemo(() => asDrawn(begun, furnished), [begun, furnished]);
  const begin = (): void => {
    const id = nanoid(8);
    void goAfter(
      act(beginFurnished([{ ...begun, id, things: furnished.things }])).then((isDone) => {
        if (isDone) change({ pageInHand: id });
        return isDone ? `/pages/${id}` : null;
      }),
    );
  };
  return { page, furnished, story: story?.name ?? '', begin };
}
