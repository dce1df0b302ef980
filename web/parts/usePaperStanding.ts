import { useMemo } from 'react';
import { pagesOf } from '../../core/page/cutlist';
import type { Bench } from '../../core/stock/bench';
import { isFreshSheet } from '../../core/trimmer/onHand';
import { useBench } from '../data/benchStore';
import { pageName } from '../data/didWords';
import { countWords } from '../words/countWords';

/** How much there is of the papers that show a face, and which pages have claimed of them. */
interface Standing {
  sheets: number;
  pieces: number;
  readonly pages: Set<string>;
}

/** Every face's standing. */
function standings({ ledger, lots, pages, plans }: Bench): Map<string, Standing> {
  const byFace = new Map<string, Standing>();
  for (const piece of ledger.pieces.values()) {
    const lot = lots.get(piece.lot);
    if (!lot || (piece.where !== 'here' && piece.where !== 'claimed')) continue;
    for (const face of new Set([lot.front, lot.back])) {
      if (face === null) continue;
      const own = byFace.get(face) ?? { sheets: 0, pieces: 0, pages: new Set<string>() };
      byFace.set(face, own);
      if (piece.where === 'here') own[isFreshSheet(piece, lot) ? 'sheets' : 'pieces']++;
      else
        for (const id of pages.has(piece.page ?? '')
          ? [piece.page ?? '']
          : pagesOf(plans.get(piece.page ?? '') ?? { sheets: [] }))
          own.pages.add(id);
    }
  }
  return new Map(
    [...byFace].map(([face, own]) => [face, { ...own, pages: new Set([...own.pages].filter((id) => pages.has(id))) }]),
  );
}

/**
 * Says of a face how much of it is left and who has claimed of it: `2 sheets and 1 piece left · for Night shift`.
 * @param but the page that asks, which is not told of itself
 */
export function usePaperStanding(but?: string): (face: string) => string {
  const bench = useBench((b) => b);
  const byFace = useMemo(() => standings(bench), [bench]);
  return (face) => {
    const { sheets = 0, pieces = 0, pages = new Set<string>() } = byFace.get(face) ?? {};
    const left = [
      ...(sheets > 0 ? [countWords(sheets, 'sheet')] : []),
      ...(pieces > 0 ? [countWords(pieces, 'piece')] : []),
    ].join(' and ');
    const claimed = [...pages].filter((id) => id !== but).flatMap((id) => bench.pages.get(id) ?? []);
    return [
      left === '' ? 'none left' : `${left} left`,
      ...(claimed.length > 0 ? [`some is out for ${claimed.map(pageName).join(', ')}`] : []),
    ].join(' · ');
  };
}
