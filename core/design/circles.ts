import { overlaps } from '../geometry';
import type { Layout, PageLayer } from './design';

/**
 * The circles of paper that a design has and that round things can lie in place of: alike, and nothing over them. Where
 * they are of many sizes or lie under something, as circles that are scattered do, it is the paper that is wanted.
 */
export function circlesIn({ layers }: Pick<Layout, 'layers'>): readonly PageLayer[] {
  const circles = layers.filter(({ role, shape, w, h }) => role === 'round' && shape?.kind === 'circle' && w === h);
  const isCovered = (circle: PageLayer): boolean =>
    layers.slice(layers.indexOf(circle) + 1).some((above) => !circles.includes(above) && overlaps(above, circle));
  const isRing = new Set(circles.map(({ w }) => w)).size === 1 && !circles.some(isCovered);
  return isRing ? circles : [];
}
