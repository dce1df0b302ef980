import { useMemo } from 'react';
import { mayBeJoined } from '../../../core/page/cutlist';
import type { Slot } from '../../../core/page/design';
import type { Size } from '../../../core/ground/geometry';
import { rankFaces } from '../../../core/page/papers';
import type { Face, Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useTrimmer } from '../../data/settings';
import { usePaperStanding } from '../../parts/usePaperStanding';
import type { PaperOption } from '../../ui/PaperChoice';
import type { PageWork } from './usePageWork';

/** How near a face is to the photos, in words. CIEDE2000, mean over its colours. */
const nearWords = (difference: number): string =>
  !Number.isFinite(difference) ? '' : difference < 12 ? ', goes well' : difference < 22 ? ', goes' : ', far off';

/** Faces offered that some paper holds whole. */
const MOST = 24;

/**
 * The papers to choose from for a slot: those that hold its piece, the nearest to the photos first, then those that
 * make it of strips.
 */
export function usePaperOptions(
  page: Page,
  { papers, stock, colours }: PageWork,
  slot: Slot | undefined,
  size: Size,
): readonly PaperOption[] {
  const { faces, ledger } = useBench((b) => b);
  const trimmer = useTrimmer();
  const standing = usePaperStanding(page.id);
  const allFaces = useMemo(() => [...faces.values()], [faces]);
  if (!slot) return [];
  const all = rankFaces(allFaces, colours, slot, size, stock);
  const wanted = { id: slot.id, page: page.id, slot: slot.id, count: 1, w: size.w, h: size.h };
  /** No paper holds the strip whole, but shorter ones joined make it. */
  const canBeJoined = (face: Face): boolean =>
    mayBeJoined({ wanted: { ...wanted, face: face.id }, stock, ledger, trimmer });
  const whole = all.filter(({ holds }) => holds > 0).slice(0, MOST);
  const joined = all.filter(({ holds, face }) => holds === 0 && canBeJoined(face));
  const offered = new Set([...whole, ...joined].map(({ face }) => face.id));
  const chosen = all.filter(({ face }) => face.id === papers[slot.id] && !offered.has(face.id));
  const words = [
    ...whole.map(({ face, difference }) => ({ face, words: nearWords(difference) })),
    ...joined.map(({ face }) => ({ face, words: ', joined from strips' })),
    ...chosen.map(({ face }) => ({ face, words: '' })),
  ];
  return words.map(({ face: { id, name }, words: how }) => ({ id, name, face: id, about: `${standing(id)}${how}` }));
}
