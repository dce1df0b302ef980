import { hasAll, plainWords, wordsAsked } from '../../../core/kit/finding';
import type { Bench } from '../../../core/stock/bench';
import type { Face, Lot } from '../../../core/stock/things';

/** A face she has, with a paper that shows it. */
export interface OfferedFace {
  readonly face: Face;
  readonly lot: Lot;
}

const MOST = 6;

/** Faces of her papers, each once. */
export function facesOfPapers({ lots, faces }: Pick<Bench, 'lots' | 'faces'>): OfferedFace[] {
  const offered = new Map<string, OfferedFace>();
  for (const lot of lots.values()) {
    if (lot.measure !== 'sheets') continue;
    for (const id of [lot.front, lot.back]) {
      const face = faces.get(id ?? '');
      if (face && !offered.has(face.id)) offered.set(face.id, { face, lot });
    }
  }
  return [...offered.values()];
}

/** The face that is called just so; of the kit she is at, where it has one. */
export const faceCalled = (all: readonly OfferedFace[], name: string, kit: string | null): OfferedFace | null => {
  const same = all.filter(({ face }) => plainWords(face.name) === plainWords(name.trim()));
  return same.find(({ lot }) => lot.kit === kit) ?? same[0] ?? null;
};

/** Faces whose names have the words typed so far, those of the kit she is at first, then those that begin so. */
export function offersFor(all: readonly OfferedFace[], name: string, kit: string | null): OfferedFace[] {
  const words = wordsAsked(name);
  if (words.length === 0) return [];
  const rank = ({ face, lot }: OfferedFace): number =>
    (plainWords(face.name).startsWith(words[0] ?? '') ? 0 : 1) + (lot.kit === kit ? 0 : 2);
  return all
    .filter(({ face }) => hasAll(plainWords(face.name), words))
    .sort(
      (a, b) => rank(a) - rank(b) || a.face.name.length - b.face.name.length || a.face.name.localeCompare(b.face.name),
    )
    .slice(0, MOST);
}
