import { monthNumber } from '../../stock/things';
import type { Proposal } from './proposal';

/** The more leftovers, the older and the fewer whole sheets a page takes, the better it busts. */
function merit({ why, photos }: Proposal, newest: number): number {
  let score = photos.every(({ photo }) => photo !== null) ? 4 : 0;
  for (const reason of why) {
    if (reason.kind === 'pieces') score += reason.leftovers - 2 * reason.sheets - 3 * reason.fresh;
    if (reason.kind === 'finishes') score += 2 * reason.names.length;
    if (reason.kind === 'shapes') score += Math.min(12, reason.count) / 2;
    if (reason.kind === 'hues') score += reason.names.length;
    if (reason.kind === 'meant') score += 3 * reason.names.length;
    if (reason.kind === 'oldest') score += Math.min(24, newest - (monthNumber(reason.month) ?? 0)) / 4;
    if (reason.kind === 'together') score += 3 * reason.liking;
    if (reason.kind === 'colours') score -= reason.difference / 5;
  }
  return score;
}

/** How much a proposal repeats those before it: the same photos most, then the same design, then the same page size. */
function likeness(proposal: Proposal, before: readonly Proposal[]): number {
  return before.reduce(
    (sum, other) =>
      sum +
      (other.photos[0]?.photo === proposal.photos[0]?.photo ? 5 : 0) +
      (other.design === proposal.design ? 3 : 0) +
      (other.format.w === proposal.format.w && other.format.spread === proposal.format.spread ? 2 : 0),
    0,
  );
}

/**
 * The best first, and each next one the best of those that repeat least what is there already.
 * @param before chosen already, and not to be repeated
 */
export function best(
  found: readonly Proposal[],
  newest: number,
  most: number,
  before: readonly Proposal[] = [],
): Proposal[] {
  const left = [...found].sort((a, b) => a.id.localeCompare(b.id));
  const chosen: Proposal[] = [];
  while (left.length > 0 && chosen.length < most) {
    const worth = left.map((proposal) => merit(proposal, newest) - likeness(proposal, [...before, ...chosen]));
    chosen.push(...left.splice(worth.indexOf(Math.max(...worth)), 1));
  }
  return chosen;
}
