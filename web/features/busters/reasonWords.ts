import type { Reason } from '../../../core/busting';
import { formatArea, type MeasureSystem } from '../../../core/length';
import { monthWords } from '../../ui/dayWords';

const count = (n: number, one: string, many: string): string => (n === 1 ? `one ${one}` : `${n} ${many}`);

function words(reason: Reason, system: MeasureSystem): string | null {
  switch (reason.kind) {
    case 'pieces': {
      const parts = [
        reason.leftovers > 0 ? count(reason.leftovers, 'leftover', 'leftovers') : null,
        reason.sheets > 0 ? count(reason.sheets, 'whole sheet of an older kit', 'whole sheets of older kits') : null,
      ].filter((part) => part !== null);
      return `Uses ${parts.join(' and ')}, and opens nothing of the new kit.`;
    }
    case 'oldest':
      return reason.month === ''
        ? `The oldest has lain longer than anyone knows (${reason.kit}).`
        : `The oldest has lain since ${monthWords(reason.month)} (${reason.kit}).`;
    case 'meant':
      return `Uses what you mean to use: ${reason.names.join(', ')}.`;
    case 'kits':
      return reason.names.length > 1 ? `Brings ${reason.names.join(', ')} together.` : null;
    case 'frees':
      return `${formatArea(reason.area, system)} less in the stash.`;
    case 'bent':
      return `${count(reason.layers, 'piece takes', 'pieces take')} the size of a leftover: ${count(reason.cuts, 'cut', 'cuts')} fewer.`.replace(
        /^o/,
        'O',
      );
    case 'colours':
      return reason.difference < 16
        ? 'The papers take up the photo’s colours.'
        : reason.difference < 26
          ? 'The papers go with the photo.'
          : 'The papers are a contrast to the photo.';
  }
}

/** Why a page is proposed, in sentences. */
export const reasonWords = (why: readonly Reason[], system: MeasureSystem): string[] =>
  why.map((reason) => words(reason, system)).filter((text) => text !== null);
