import { cutListOf } from '../../../core/page/cutlist';
import type { SharingPage } from '../../../core/kit/sharing';
import type { Lacking } from '../../../core/kit/shareout';
import { inSentence } from '../../ui/inSentence';

/** Why a page gets no papers, in the words of its design. */
export function lackingOnPage({ kind, slot }: Lacking, { page, layout }: SharingPage): string {
  if (slot === null) return 'No choice of papers here tells its layers apart.';
  const own = cutListOf(layout, page).find(({ id }) => id === slot)?.slot;
  const found = layout.slots.find(({ id }) => id === own);
  const name = found ? inSentence(found.name) : 'pieces beyond the design';
  return {
    'no-design': `No paper here will do for the ${name}.`,
    'too-large': `No paper here is large enough for the ${name}.`,
    'no-room': `No room is left for the ${name}.`,
  }[kind];
}
