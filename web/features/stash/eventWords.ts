import type { LedgerEvent } from '../../../core/ledger';
import { formatLength, formatSize, type MeasureSystem } from '../../../core/length';

/** Names for what an event speaks of. */
export interface Names { readonly page: (id: string) => string; readonly system: MeasureSystem }

/** What happened, as the slip of a piece tells it. @param line the piece and all that it was cut from */
export function eventWords(event: LedgerEvent, line: ReadonlySet<string>, { page, system }: Names): string {
  switch (event.type) {
    case 'received': return 'came in the parcel';
    case 'arrived': return 'came later, it was owed';
    case 'owed': return 'was put down as owed';
    case 'counted': return `counted anew: ${event.reason}`;
    case 'claimed': return `taken out for ${page(event.page)}`;
    case 'released': return 'put away again';
    case 'used': return `glued on ${page(event.page)}`;
    case 'returned': return `came back from ${page(event.page)}`;
    case 'given': return 'given away';
    case 'recycled': return 'recycled';
    case 'moved': return `moved to ${event.to}`;
    case 'cut': {
      if (event.how === 'punch') return `punched: ${event.into.length - 2} ${event.into.length === 3 ? 'shape' : 'shapes'} taken out`;
      const off = event.into.filter((part) => !line.has(part.id));
      const across = event.into.length === 2 ? ` at ${formatLength(event.into[0]!.w === event.into[1]!.w ? event.into[0]!.h : event.into[0]!.w, system)}` : '';
      return `cut${event.how === 'machine' ? ' by the machine' : across}: ${off.map((part) => formatSize(part, system)).join(', ')} taken off${event.page ? ` for ${page(event.page)}` : ''}`;
    }
  }
}
