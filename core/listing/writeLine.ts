import { nearestWord } from '../colour';
import { TICKS_PER_INCH } from '../length';
import type { ListItem } from './listItem';

const side = (length: number): string => String(length / TICKS_PER_INCH);

/** An item as a line that reads back as the same item: sizes in inches, rolls in inches. */
export function writeLine(item: ListItem): string {
  if (item.letters) return `${item.name}: ${Object.entries(item.letters).map(([glyph, n]) => `${glyph}${n}`).join(' ')}`;
  const colours = item.front && item.front.colours.length > 0 ? [item.front.colours.map(nearestWord).join(' + ')] : [];
  const notes = item.note === '' ? [] : [item.note];
  if (item.length !== null) return [`${item.name} ${side(item.length)} in`, ...colours, ...notes].join(', ');
  const size = item.size ? `${side(item.size.w)}x${side(item.size.h)} ` : '';
  return [`${item.count} x ${size}${item.name}`, ...colours, ...(item.upright ? ['upright'] : []), ...notes].join(', ');
}
