import type { Layout, PageLayer } from './design';

/**
 * The circles of paper that a design has and that round things can lie in place of: a ring of circles alike. Where they
 * are of many sizes it is the paper that is wanted.
 */
export function circlesIn({ layers }: Pick<Layout, 'layers'>): readonly PageLayer[] {
  const circles = layers.filter(({ role, shape, w, h }) => role === 'round' && shape?.kind === 'circle' && w === h);
  return new Set(circles.map(({ w }) => w)).size === 1 ? circles : [];
}
