import type { Family } from '../../../core/ground/colour';
import type { Reason } from '../../../core/kit/busting';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import type { TitleFound } from '../../../core/page/titles';
import type { Lot } from '../../../core/stock/things';
import { monthWords } from '../../ui/dayWords';
import { FAMILY_NAMES } from '../../ui/familyNames';
import { oneOrMore } from '../../words/countWords';

const familyName = (family: string): string => FAMILY_NAMES[family as Family] ?? family;
/** Two families of colour, as they are called. */
export const pairWords = (pair: string): string => pair.split('+').map(familyName).join(' + ');

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function words(reason: Reason, system: MeasureSystem): string | null {
  switch (reason.kind) {
    case 'pieces': {
      const parts = [
        reason.leftovers > 0 ? oneOrMore(reason.leftovers, 'leftover') : null,
        reason.sheets > 0
          ? oneOrMore(reason.sheets, 'whole sheet of an older kit', 'whole sheets of older kits')
          : null,
      ].filter((part) => part !== null);
      const newest =
        reason.fresh === 0
          ? 'opens nothing of the new kit'
          : `opens ${oneOrMore(reason.fresh, 'sheet')} of the new kit`;
      return parts.length === 0 ? `It ${newest}.` : `Uses ${parts.join(' and ')}, and ${newest}.`;
    }
    case 'oldest':
      return reason.month === ''
        ? `The oldest has lain longer than anyone knows (${reason.kit}).`
        : `The oldest has lain since ${monthWords(reason.month)} (${reason.kit}).`;
    case 'finishes':
      return `Uses up ${reason.names.join(', ')}: nothing worth a page is left then.`;
    case 'shapes': {
      const [there, lie] = reason.of === 'strips' ? ['strip', 'strips'] : ['box', 'boxes'];
      const on = oneOrMore(reason.count, there, lie);
      return capital(`${on} on it; ${oneOrMore(reason.there, `${there} lies`, `${lie} lie`)} about.`);
    }
    case 'hues':
      return `A run of colours: ${reason.names.join(', ')}.`;
    case 'meant':
      return `Uses what you mean to use: ${reason.names.join(', ')}.`;
    case 'kits':
      return reason.names.length > 1 ? `Brings ${reason.names.join(', ')} together.` : null;
    case 'together':
      return reason.pairs.length === 0
        ? null
        : `Colours that you like together: ${reason.pairs.map(pairWords).join('; ')}.`;
    case 'frees':
      return `${formatArea(reason.area, system)} less in the stash.`;
    case 'middles':
      return capital(`${oneOrMore(reason.count, 'paper')} of it cut out of what others hide.`);
    case 'rounds':
      return capital(
        `${oneOrMore(reason.count, 'round thing lies', 'round things of yours lie')} in its ring: no circles are cut for those.`,
      );
    case 'bent': {
      const cuts = oneOrMore(reason.cuts, 'cut');
      return capital(
        `${oneOrMore(reason.layers, 'piece takes', 'pieces take')} the size of a leftover: ${cuts} fewer.`,
      );
    }
    case 'colours':
      return reason.difference < 16
        ? 'The papers take up the photo’s colours.'
        : reason.difference < 26
          ? 'The papers go with the photo.'
          : 'The papers are a contrast to the photo.';
  }
}

/** The title that a page could have, and what spells it. */
export function titleWords(title: TitleFound | null, lots: ReadonlyMap<string, Lot>): string {
  if (!title) return 'No title that goes with it can be spelt from what is left.';
  const [set] = title.sets;
  if (set === undefined) return `“${title.text}” is printed on ${title.thing ?? 'a thing of yours'}.`;
  return `“${title.text}” can be spelt from ${lots.get(set)?.name ?? 'letters that are left'}.`;
}

/** Why a page is proposed, in sentences. */
export const reasonWords = (why: readonly Reason[], system: MeasureSystem): string[] =>
  why.map((reason) => words(reason, system)).filter((text) => text !== null);
