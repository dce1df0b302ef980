import type { Layout, PageLayer } from './design';

/** The circles of paper that a design has, which round things can lie in place of. */
export const circlesIn = ({ layers }: Pick<Layout, 'layers'>): readonly PageLayer[] =>
  layers.filter(({ role, shape, w, h }) => role === 'round' && shape?.kind === 'circle' && w === h);
