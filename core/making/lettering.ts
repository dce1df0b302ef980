import { addAmounts, own, type Amounts } from '../ledger';
import { decided, put, refuse, type Deciding, type NewEvent } from './act';

const aboveZero = (amounts: Amounts): Amounts => Object.fromEntries(Object.entries(amounts).filter(([, n]) => n > 0));
const isSome = (amounts: Amounts): boolean => Object.keys(amounts).length > 0;

/**
 * A title in letters of her sets: takes out what it needs, puts back what was out for the title before, and writes it.
 * @param letters by set: how many of which glyph
 */
export const takeLetters =
  (id: string, title: string, letters: ReadonlyMap<string, Amounts>): Deciding =>
  ({ pages, lots, ledger }) => {
    const page = pages.get(id);
    if (!page || [...letters.keys()].some((lot) => lots.get(lot)?.measure !== 'letters')) return refuse('gone');
    const events = [...lots.values()]
      .filter(({ measure }) => measure === 'letters')
      .flatMap(({ id: lot }): NewEvent[] => {
        const wanted = letters.get(lot) ?? {};
        const out = own(ledger.lots.get(lot)?.claimed ?? {}, id) ?? {};
        const [more, less] = [aboveZero(addAmounts(wanted, out, -1)), aboveZero(addAmounts(out, wanted, -1))];
        return [
          ...(isSome(less) ? [{ type: 'released' as const, lot, amounts: less, page: id }] : []),
          ...(isSome(more) ? [{ type: 'claimed' as const, lot, amounts: more, page: id }] : []),
        ];
      });
    if (events.length === 0 && title === page.title) return refuse('nothing-to-do', title);
    return decided('took-letters', title, { events, records: [put('pages', { ...page, title })] });
  };
