import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { candidatesFor, proposeKit, type Candidate, type ProposedKit } from '../../../core/kit/gathering';
import { leftOf, lotsMeant } from '../../../core/kit/closing';
import type { Heart } from '../../../core/acts';
import type { Bench } from '../../../core/stock/bench';
import type { Kit } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { today } from '../../data/today';
import { useHeart, type HeartInHand } from '../../parts/useHeart';
import { useGatherChoices } from './gatherChoices';

export interface GatheringInHand extends HeartInHand {
  /** A kit of her own that there is already: more is put into it. */
  readonly into: Kit | null;
  readonly month: string;
  readonly proposed: ProposedKit;
}

/** Words that it is to go with: of a thing its own, not those of its kit's theme, which all of that kit shares. */
const wordsOf = (heart: Heart | null): string =>
  heart === null ? '' : heart.photo !== null || heart.colours.length === 0 ? heart.words : heart.name;

const coloursIn = (kit: Kit, bench: Bench) =>
  leftOf(kit, bench).flatMap(({ lot }) => bench.faces.get(lot.front ?? lot.back ?? '')?.colours ?? []);

/** Whether something is what a kit is begun with: the piece itself, the thing, or a paper with the face. */
const isBegunWith =
  (heart: Heart | null) =>
  ({ part, lot }: Candidate): boolean => {
    if (!heart) return false;
    const { piece, what, face } = heart;
    if (piece !== null) return 'piece' in part && part.piece === piece;
    if (what !== null && 'lot' in what)
      return 'lot' in part && part.lot === what.lot && (!('part' in what) || part.parts.includes(what.part));
    return face !== null && [lot.front, lot.back].includes(face);
  };

/** The kit as it is proposed for what is said so far. */
export function useGathering(): GatheringInHand {
  const inHand = useHeart('into');
  const { heart } = inHand;
  const [query] = useSearchParams();
  const bench = useBench((b) => b);
  const { month: said, pages, sheets, withNewest, taken, left, shuffle } = useGatherChoices();
  const into = bench.kits.get(query.get('into') ?? '') ?? null;
  const month = into?.month ?? (said.trim() || today().slice(0, 7));
  const intoId = into?.id ?? null;
  const candidates = useMemo(() => {
    const all = candidatesFor(bench, month, { into: intoId, withNewest });
    // What it is begun with is in it wherever it lies, in the newest kit too.
    const isBegun = isBegunWith(heart);
    if (heart === null || withNewest || all.some(isBegun)) return all;
    const begun = candidatesFor(bench, month, { into: intoId, withNewest: true }).find(isBegun);
    return begun ? [begun, ...all] : all;
  }, [bench, month, intoId, withNewest, heart]);
  const proposed = useMemo(() => {
    const begun = into ? undefined : candidates.find(isBegunWith(heart));
    return proposeKit(candidates, {
      colours: heart?.colours ?? (into ? coloursIn(into, bench) : []),
      words: wordsOf(heart),
      pages: into ? 0 : pages,
      sheets: into ? 0 : sheets,
      taken: new Set([...taken, ...(begun ? [begun.key] : [])]),
      left: new Set(into ? [] : left),
      meant: new Set(lotsMeant(bench).map(({ id }) => id)),
      shuffle: into ? 0 : shuffle,
    });
  }, [candidates, heart, into, bench, pages, sheets, taken, left, shuffle]);
  return { ...inHand, into, month, proposed };
}
