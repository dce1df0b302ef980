import { useEffect, useMemo, useReducer, useState } from 'react';
import type { BustingInput, Proposal } from '../../core/busting';
import { aimsOf, kitOfPiece } from '../../core/kits';
import type { Bench } from '../../core/making';
import { ownPunches, type Shelf } from '../../core/stock';
import type { Kit } from '../../core/things';
import { startPage } from '../data/begin';
import { useBench } from '../data/benchStore';
import { useSettings } from '../data/settings';
import { whyOf } from '../ui/BrokenOff';
import { FORMATS, NOTEBOOK } from '../ui/pageWords';
import { proposeInWorker, stopPlanning } from '../workers/planningClient';

/** Pages proposed so far, and how the search stands. */
export interface Proposed {
  readonly proposals: readonly Proposal[];
  /** 0 to 1; null: the search is over. */
  readonly done: number | null;
  readonly trouble: string | null;
  readonly again: () => void;
  readonly stop: () => void;
}

/** The stash, or a kit's own things only: then its whole sheets among them, however new it is. */
function useShelf(kit: string | null): Shelf {
  const { ledger, lots, kits } = useBench((b) => b);
  // What is decided of its things changes a kit's record, and nothing that is proposed.
  const name = kits.get(kit ?? '')?.name ?? '';
  const month = kits.get(kit ?? '')?.month ?? '';
  const all = kit === null ? kits : null;
  return useMemo(() => {
    if (all !== null || kit === null) return { ledger, lots, kits: all ?? new Map<string, Kit>() };
    const own: Kit = { id: kit, club: '', name, month, theme: [], list: '', isOpened: true };
    const pieces = new Map([...ledger.pieces].filter(([, piece]) => kitOfPiece(piece, lots) === kit));
    const here = new Map([...lots].map(([id, lot]) => [id, { ...lot, kit }]));
    return { ledger: { ...ledger, pieces }, lots: here, kits: new Map([[kit, own]]) };
  }, [ledger, lots, all, kit, name, month]);
}

/** The papers that open kits' aims want used, and that are not used so far, by their faces. */
const facesMeant = (bench: Bench, kit: string | null): readonly string[] =>
  [...bench.kits.values()]
    .filter(({ id, closed }) => (kit === null ? closed === undefined : id === kit))
    .flatMap((one) => aimsOf(one, bench))
    .flatMap(({ lot, isMet }) => (lot && !isMet ? [lot.front, lot.back].flatMap((face) => face ?? []) : []));

/**
 * Pages that can really be made from what is left, looked for anew whenever that changes.
 * @param kit only from this one's things
 */
export function useProposals(kit: string | null = null): Proposed {
  const shelf = useShelf(kit);
  const { faces, photos, pages, lots, ledger } = useBench((b) => b);
  const { mat, longestCut, isPunching, punchReach } = useSettings();
  // As text, so that it is the same until it differs.
  const meant = useBench((b) => JSON.stringify(facesMeant(b, kit)));
  const [found, setFound] = useState<Pick<Proposed, 'proposals' | 'done'>>({ proposals: [], done: 0 });
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  const input = useMemo((): BustingInput => {
    const used = new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
    return {
      shelf,
      faces: [...faces.values()],
      waiting: [...photos.values()].filter(({ id }) => !used.has(id)),
      formats: [...FORMATS.map(([, , format]) => format), NOTEBOOK],
      mat,
      longestCut,
      meant: JSON.parse(meant) as string[],
      punches: isPunching ? ownPunches(lots, ledger, punchReach).map(({ punch }) => punch) : [],
    };
  }, [shelf, faces, photos, pages, lots, ledger, mat, longestCut, isPunching, punchReach, meant]);
  useEffect(() => {
    let isLatest = true;
    void proposeInWorker(input, ({ proposals, done }) => {
      if (isLatest) setFound({ proposals, done });
    }).then(
      (last) => {
        if (!isLatest) return;
        setTrouble(null);
        setFound((before) => ({ proposals: last?.proposals ?? before.proposals, done: null }));
      },
      (error: unknown) => {
        if (!isLatest) return;
        setTrouble(whyOf(error));
        setFound((before) => ({ ...before, done: null }));
      },
    );
    return () => {
      isLatest = false;
      stopPlanning();
    };
  }, [input, tries]);
  return { ...found, trouble, again, stop: stopPlanning };
}

/** Begins a page as it is proposed. @returns its id, or null where it could not be begun */
export async function startProposed(
  { format, design, photos, papers, sizes }: Proposal,
  { photos: known, stories }: Pick<Bench, 'photos' | 'stories'>,
  mat: number,
): Promise<string | null> {
  const story = stories.get(known.get(photos[0]?.photo ?? '')?.story ?? '');
  return startPage({
    format,
    design,
    mat,
    photos,
    papers,
    sizes,
    title: '',
    date: story?.date ?? '',
    place: story?.place ?? '',
  });
}
