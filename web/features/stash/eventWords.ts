import { isKerf } from '../../../core/page/cutlist';
import type { Size } from '../../../core/ground/geometry';
import { totalOf, type Amounts, type LedgerEvent, type Telling } from '../../../core/stock/ledger';
import { formatLength, formatSize, type MeasureSystem } from '../../../core/ground/length';
import type { LotKind } from '../../../core/stock/things';
import { kindWords } from '../../ui/lotWords';
import { nth } from '../../../core/ground/nth';

/** Names for what an event speaks of. */
export interface Names {
  readonly page: (id: string) => string;
  readonly kit: (id: string) => string;
  readonly system: MeasureSystem;
  /** How much of a lot, where its events are told. */
  readonly amount?: (amounts: Amounts) => string;
}

const negative = (amounts: Amounts): boolean => Object.values(amounts).some((n) => n < 0);
const withoutSign = (amounts: Amounts): Amounts =>
  Object.fromEntries(Object.entries(amounts).map(([part, n]) => [part, Math.abs(n)]));

const moreIn = (amounts: Amounts): Amounts => Object.fromEntries(Object.entries(amounts).filter(([, n]) => n > 0));

const TOLD: Record<keyof Telling, (was: string, now: string) => string> = {
  name: (was, now) => `called ${now}, before that ${was}`,
  kind: (was, now) => `told to be ${kindWords(now as LotKind)}, not ${kindWords(was as LotKind)}`,
  size: (was, now) => `told to be ${now || 'of no size'}, not ${was || 'of no size'}`,
  note: (_, now) => (now === '' ? 'its note taken away' : `noted: ${now}`),
  upright: (_, now) => (now === 'true' ? 'told to have one right way up' : 'told to lie any way'),
  colours: (was, now) => `told to be ${now || 'of no colour'}, not ${was || 'of no colour'}`,
  joined: (_, now) => `put together with ${now}`,
  parted: (_, now) => `${now} taken out of it`,
};

const amendedWords = (was: Telling, now: Telling): string =>
  (Object.keys(TOLD) as (keyof Telling)[])
    .flatMap((key) => (now[key] === undefined ? [] : [TOLD[key](was[key] ?? '', now[key])]))
    .join('; ');

/** What happened, as the slip of a thing tells it. @param line of a piece, it and all that it was cut from */
export function eventWords(
  event: LedgerEvent,
  line: ReadonlySet<string>,
  { page, kit, system, amount }: Names,
): string {
  const some = 'amounts' in event && event.amounts && amount ? `${amount(event.amounts)} ` : '';
  switch (event.type) {
    case 'received':
      return `${some}came in the parcel`;
    case 'arrived':
      return `${some}came later, owed till then`;
    case 'owed':
      return `${some}put down as owed`;
    case 'counted':
      if ('piece' in event) return `${event.isFound ? 'found again' : 'not found'}: ${event.reason}`;
      // What was mixed is told apart: as many as before.
      const more = moreIn(event.change);
      if (Object.keys(more).length > 0 && totalOf(event.change) === 0)
        return `${amount ? `${amount(more)} ` : ''}${event.reason}`;
      return `${amount ? `${negative(event.change) ? '−' : '+'}${amount(withoutSign(event.change))}, ` : ''}counted anew: ${event.reason}`;
    case 'claimed':
      return `${some}taken out for ${page(event.page)}`;
    case 'released':
      return `${some}put away again`;
    case 'used':
      return `${some}glued on ${page(event.page)}`;
    case 'returned':
      return `${some}came back from ${page(event.page)}`;
    case 'given':
      return `${some}given away`;
    case 'sold':
      return `${some}sold`;
    case 'lent':
      return `${some}lent${event.to === '' ? '' : ` to ${event.to}`}`;
    case 'back':
      return `${some}came back from being lent`;
    case 'recycled':
      return `${some}recycled`;
    case 'gathered':
      return event.to === null ? `${some}put back with what it came with` : `${some}put into ${kit(event.to)}`;
    case 'moved':
      return event.to === '' ? 'taken out of its place' : `moved to ${event.to}`;
    case 'amended':
      return amendedWords(event.was, event.now);
    case 'cut': {
      if (event.how === 'punch')
        return `punched: ${event.into.length - 2} ${event.into.length === 3 ? 'shape' : 'shapes'} taken out`;
      if (event.how === 'hand') return handWords(event, line, system);
      const given = event.into.filter(({ id }) => !isKerf(id));
      const off = given.filter((part) => !line.has(part.id));
      const across = given.length === 2 ? ` at ${formatLength(acrossOf(nth(given, 0), nth(given, 1)), system)}` : '';
      return `cut${event.how === 'machine' ? ' by the machine' : across}: ${off.map((part) => formatSize(part, system)).join(', ')} taken off${event.page ? ` for ${page(event.page)}` : ''}`;
    }
  }
}

/** Where one cut right across gave two parts, from the left or the head. */
const acrossOf = (near: Size, far: Size): number => (near.w === far.w ? near.h : near.w);

/** What was cut out by hand, by its name where it has one; of a part of it, that it was. */
function handWords(event: LedgerEvent & { type: 'cut' }, line: ReadonlySet<string>, system: MeasureSystem): string {
  const own = event.into.find((part) => line.has(part.id));
  const out = event.into.filter(({ id, role }) => role !== 'waste' && !id.endsWith('-rest'));
  return own && out.includes(own)
    ? 'cut out by hand'
    : `${out.map((part) => part.name ?? formatSize(part, system)).join(', ')} cut out by hand`;
}
