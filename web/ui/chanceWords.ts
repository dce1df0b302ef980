import type { Chance } from '../../core/kit/closing';
import { formatLength, formatSize, type MeasureSystem } from '../../core/ground/length';
import { agreeing, countWords } from '../words/countWords';

/** What a piece could still become: `2 mats for 4 × 4″ photos`. */
export function chanceWords(chance: Chance, system: MeasureSystem): string {
  const { count } = chance;
  switch (chance.kind) {
    case 'mats':
      return agreeing(
        count,
        `1 mat for a ${formatSize(chance.photo, system)} photo`,
        `${count} mats for ${formatSize(chance.photo, system)} photos`,
      );
    case 'cards':
      return `${countWords(count, 'card')} of ${formatSize(chance.size, system)}`;
    case 'strips':
      return `${countWords(count, 'strip')}, ${formatLength(chance.length, system)} long`;
    case 'shapes':
      return `${countWords(count, chance.punch.shape)} of ${formatLength(chance.punch.size, system)} with your punch`;
  }
}
