import { ok, type Result } from '../../ground/result';
import type { Page } from '../../stock/things';
import { designOf } from './designs';
import { notKnown } from './designs/notKnown';
import type { Design, DesignError, Layout } from './design';
import { layOut } from './layOut';
import { designFrom } from './measured';
import { keptApart } from './apart';
import { moved } from './moves';
import { resized } from './sizes';

/** What a page's layout follows from. */
export type LaidPage = Pick<
  Page,
  'design' | 'own' | 'format' | 'photos' | 'mat' | 'mayOverlap' | 'options' | 'sizes' | 'moves' | 'apart' | 'without'
>;

/** A page's design: of the house, her own, or, where this version has none of that name, what stands for it. */
export const designOfPage = ({ design, own }: Pick<Page, 'design' | 'own'>): Design =>
  own ? designFrom(own) : (designOf(design) ?? notKnown(design));

/** A page as she has it: its photos in its design, and what she moved from there. */
export function pageLayout(page: LaidPage): Result<Layout, DesignError> {
  const { format, photos, mat, mayOverlap = false, options = {}, sizes, moves, apart = [], without = [] } = page;
  const laid = layOut(designOfPage(page), { format, photos, mat, mayOverlap, options });
  if (!laid.ok) return laid;
  const kept = keptApart(laid.value, { apart, without });
  const own = sizes ? resized(kept, sizes) : kept;
  return ok(moves ? moved(own, moves) : own);
}
