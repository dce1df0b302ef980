import { formatSize, inches, type MeasureSystem } from '../../core/ground/length';
import type { DesignError } from '../../core/page/design';
import type { PageState } from '../../core/page/cutlist';
import type { PageFormat } from '../../core/stock/things';
import { oneOrMore } from '../words/countWords';

/** Page sizes that people use; her own notebook's is typed. */
export const FORMATS: readonly (readonly [string, string, PageFormat])[] = [
  ['12', '12 × 12 single', { w: inches(12), h: inches(12), spread: false }],
  ['12s', '12 × 12 spread', { w: inches(12), h: inches(12), spread: true }],
  ['letter', '8 1/2 × 11', { w: inches(8.5), h: inches(11), spread: false }],
  ['6x8', '6 × 8', { w: inches(6), h: inches(8), spread: false }],
];

/** A notebook to start from; makers differ, so she enters the size of hers. */
export const NOTEBOOK: PageFormat = { w: inches(4.5), h: inches(7.875), spread: false };

export const formatWords = (format: PageFormat, system: MeasureSystem): string =>
  `${formatSize(format, system)}${format.spread ? ' spread' : ''}`;

const STATES: Record<PageState, string> = {
  idea: 'an idea',
  planned: 'planned',
  cut: 'cut',
  glued: 'glued',
  done: 'done',
};
export const stateWords = (state: PageState): string => STATES[state];

/** Why photos cannot be laid out so, and what would help. */
export function designWords({ kind, photo, needs, room, most, side }: DesignError, system: MeasureSystem): string {
  const where = side === undefined ? '' : side === 0 ? ' of the left page' : ' of the right page';
  const which = photo === null ? `The photos${where}` : `Photo ${photo + 1}${where}`;
  const [wants, has] = [needs, room].map((size) => (size ? formatSize(size, system) : ''));
  switch (kind) {
    case 'photo-too-large':
      return `${which}, with its mat ${wants}, is larger than the ${has} there is for it. Choose a larger page, a smaller print or a narrower mat.`;
    case 'photos-too-many':
      return most === null
        ? `${which} need ${wants} together and there is ${has}. Take one away, or choose a larger page or a spread.`
        : `This design takes ${oneOrMore(most, 'photo')} at the most. Take some away, or choose a spread or another design.`;
    case 'page-too-small':
      return 'The page is too small for this design. Choose a larger page or another design.';
    case 'not-known':
      return 'This version of Nubbin does not know the design of this page. Its cuts and things are kept; choose another design to go on with it here.';
  }
}
