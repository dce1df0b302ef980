import type { Leaf } from '../../../core/kit/album';
import { pageName } from '../../data/didWords';

/** What lies at a place of the album. */
export function leafName({ place, page }: Leaf): string {
  if (page) return pageName(page);
  if ('title' in place) return place.title.trim() === '' ? 'Title page' : place.title;
  return 'gap' in place && place.gap.trim() !== '' ? `kept for ${place.gap}` : 'kept for a page';
}
