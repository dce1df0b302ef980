import { useCallback, useMemo } from 'react';
import type { BustingInput, BustingProgress, Lead, Proposal, Sources } from '../../core/kit/busting';
import { facesMeant, kitOfPiece } from '../../core/kit/closing';
import { roundsFor } from '../../core/acts';
import { ownPunches } from '../../core/trimmer/onHand';
import type { Shelf } from '../../core/stock/bench';
import { likedFaces, likedPairs, tastesOf } from '../../core/kit/taste';
import type { Kit } from '../../core/stock/things';
import { useBench } from '../data/benchStore';
import { useSettings, useTrimmer } from '../data/settings';
import { today } from '../data/today';
import { FORMATS, NOTEBOOK } from '../ui/pageWords';
import { useSearch, type Searching } from '../ui/useSearch';
import { mayTakeFrom } from './useProposedPage';
import { proposeInWorker, stopPlanning } from '../workers/planningClient';

/** Pages proposed so far, and how the search stands. */
export interface Proposed extends Omit<Searching<never>, 'found'> {
  readonly proposals: readonly Proposal[];
}

/** What is looked for. What is given here must be the same object until it differs. */
export interface Proposing {
  /** Only from this kit's own things; absent: from the stash. */
  readonly kit?: string;
  readonly lead?: Lead;
  readonly sources?: Sources;
  /** So many pages that can all be made; absent: pages for one another's place. */
  readonly together?: number;
}

const NONE: readonly Proposal[] = [];
const OLDEST: Lead = { kind: 'oldest' };
const ANY: Sources = { kits: null, withNewest: false };

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

function useInput({ kit, lead = OLDEST, sources = ANY }: Proposing): BustingInput {
  const own = kit ?? null;
  const shelf = useShelf(own);
  const bench = useBench((b) => b);
  const { faces, photos, pages, lots, ledger } = bench;
  const { mat, gut, hold, isPunching, punchReach, tastes } = useSettings();
  const trimmer = useTrimmer();
  // As text, so that it is the same until it differs.
  const meant = useMemo(() => JSON.stringify(facesMeant(bench, own)), [bench, own]);
  const rounds = useMemo(() => {
    const mayTake = own === null ? mayTakeFrom(sources, bench.kits) : (id: string) => id === own;
    return JSON.stringify(roundsFor(bench, mayTake));
  }, [bench, sources, own]);
  const liked = useMemo(() => {
    const known = tastesOf(bench, today().slice(0, 7));
    return JSON.stringify([[...likedFaces(known, tastes, bench)], [...likedPairs(known, tastes)]]);
  }, [bench, tastes]);
  return useMemo((): BustingInput => {
    const likes = JSON.parse(liked) as [[string, number][], [string, number][]];
    const used = new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
    return {
      shelf,
      faces: [...faces.values()],
      waiting: [...photos.values()].filter(({ id }) => !used.has(id)),
      formats: [...FORMATS.map(([, , format]) => format), NOTEBOOK],
      mat,
      hold: gut === 'never' ? null : hold,
      trimmer,
      meant: JSON.parse(meant) as string[],
      liked: new Map(likes[0]),
      likedPairs: new Map(likes[1]),
      lead,
      // Of a kit's own shelf all is that kit's.
      sources: own === null ? sources : ANY,
      rounds: JSON.parse(rounds) as number[],
      punches: isPunching ? ownPunches(lots, ledger, punchReach).map(({ punch }) => punch) : [],
    };
  }, [
    shelf,
    faces,
    photos,
    pages,
    lots,
    ledger,
    mat,
    gut,
    hold,
    trimmer,
    isPunching,
    punchReach,
    rounds,
    meant,
    liked,
    lead,
    sources,
    own,
  ]);
}

/** Pages that can really be made from what is left, looked for anew whenever that changes. */
export function useProposals(proposing: Proposing = {}): Proposed {
  const input = useInput(proposing);
  const together = proposing.together ?? null;
  const search = useCallback(
    (onProgress: (progress: BustingProgress) => void) => proposeInWorker(input, together, onProgress),
    [input, together],
  );
  const { found, ...standing } = useSearch(search, stopPlanning);
  return { proposals: found?.proposals ?? NONE, ...standing };
}
