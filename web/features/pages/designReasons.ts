import type { DesignReason } from '../../../core/page/papers';
import { countWords, oneOrMore } from '../../words/countWords';

function words(reason: DesignReason, nameOf: (face: string) => string): string | null {
  switch (reason.kind) {
    case 'colours':
      return reason.difference < 14
        ? 'Takes up the photos’ colours.'
        : reason.difference < 22
          ? 'Goes with the photos.'
          : 'A contrast to the photos.';
    case 'faces':
      return reason.busy === 1 && reason.quiet > 0
        ? 'One busy paper with quiet ones.'
        : reason.busy === 0
          ? 'Quiet papers only.'
          : `${oneOrMore(reason.busy, 'busy paper')}${reason.quiet > 0 ? `, ${reason.quiet} quiet` : ' together'}.`;
    case 'opens':
      return reason.sheets === 0
        ? 'All from leftovers; opens no whole sheet.'
        : `Opens ${oneOrMore(reason.sheets, 'whole sheet')}${reason.leftovers > 0 ? `, the rest from ${oneOrMore(reason.leftovers, 'leftover')}` : ''}.`;
    case 'scarce':
      return reason.faces.length === 0 ? null : `Takes the last of ${reason.faces.map(nameOf).join(', ')}.`;
    case 'age':
      return reason.months !== null && reason.months >= 3
        ? `Its papers have lain ${countWords(Math.round(reason.months), 'month')} on average.`
        : null;
  }
}

/** Why a design comes where it does, in sentences. */
export const designReasons = (why: readonly DesignReason[], nameOf: (face: string) => string): string[] =>
  why.map((reason) => words(reason, nameOf)).filter((text) => text !== null);
