import { cutOff } from './cutOff';
import type { Trimmer } from '../../../trimmer/cutting';
import type { PlanPart } from '../../../stock/things';
import { holesIn } from './holesIn';
import { missingOn } from './papersOf';
import type { Made, Paper, Punched, Shape } from './types';

/** A scrap is taken when it gives at least this part of what is wanted: not each small one for a single shape. */
const WORTH_TAKING = 1 / 3;

/** What is kept of a paper that a strip is cut off from: it may be punched, too. */
const keptOf = ({ stock, scrap }: Paper, { part, ...place }: PlanPart): Paper => ({
  stock,
  part,
  place,
  scrap: { ...scrap, w: place.w, h: place.h, missing: missingOn(stock.missing, place) },
  isFresh: false,
});

/**
 * Gives shapes of one face their places: the smallest scrap that takes a good part of them, then the next; else the one
 * that takes the most. @param papers what strips are cut off from is added in parts
 * @param punched what is punched already, by paper; more is added
 * @returns what found no place
 */
export function place(
  shapes: readonly Shape[],
  papers: Paper[],
  isOfFace: (paper: Paper) => boolean,
  trimmer: Trimmer,
  punched: Map<Paper, Punched>,
): Shape[] {
  let left = [...shapes].sort((a, b) => b.punch.size - a.punch.size);
  while (left.length > 0) {
    let best: { of: Paper; found: Made[] } | null = null;
    for (const of of papers.filter(isOfFace)) {
      // A sheet is opened for what no scrap takes.
      if (of.isFresh && best) break;
      const { paper, made } = punched.get(of) ?? { paper: of, made: [] };
      const found = holesIn(paper.scrap, left, made);
      if (found.length > (best?.found.length ?? 0)) best = { of, found };
      if (best && best.found.length >= left.length * WORTH_TAKING) break;
    }
    if (!best) return left;
    const { of, found } = best;
    const now = punched.get(of);
    if (now) punched.set(of, { ...now, made: [...now.made, ...found] });
    else {
      const first = cutOff(of, found, trimmer) ?? { paper: of, made: found, strip: null };
      punched.set(of, first);
      if (first.strip) papers.splice(papers.indexOf(of), 0, keptOf(of, first.strip.rest));
    }
    const placed = new Set(found.map(({ shape }) => shape));
    left = left.filter((shape) => !placed.has(shape));
  }
  return [];
}
