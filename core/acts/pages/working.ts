import { own, totalOf } from '../../stock/ledger';
import { TECHNIQUES, type Intention, type Page, type PageWork, type Technique } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent } from '../act';
import { changePage } from './pages';

/** Of a medium a step takes about so much, in hundredths of what a whole one holds. Common practice, no source. */
const TAKES = 5;

/**
 * Says that a step of a page is done, or not done after all.
 * @param at when, milliseconds since 1970; null: it is not done
 * @param media lots kept by share that it takes a little of; not done after all, they have it back
 */
export const doStep =
  (id: string, step: string, { at, media = [] }: { at: number | null; media?: readonly string[] }): Deciding =>
  ({ pages, lots, ledger }) => {
    const page = pages.get(id);
    if (!page) return refuse('gone');
    const { [step]: before, ...others } = page.work?.done ?? {};
    if ((at === null) === (before === undefined)) return refuse('nothing-to-do', page.title);
    const done = at === null ? others : { ...others, [step]: at };
    const taken = media.filter(
      (lot) => lots.get(lot)?.measure === 'share' && totalOf(ledger.lots.get(lot)?.here ?? {}) > TAKES,
    );
    const given = media.filter((lot) => totalOf(own(ledger.lots.get(lot)?.used ?? {}, id) ?? {}) >= TAKES);
    const amounts = { '': TAKES };
    return decided('did-step', page.title, {
      events:
        at === null
          ? given.map((lot): NewEvent => ({ type: 'returned', lot, amounts, page: id }))
          : taken.flatMap((lot): NewEvent[] => [
              { type: 'claimed', lot, amounts, page: id },
              { type: 'used', lot, amounts, page: id },
            ]),
      records: [put('pages', { ...page, work: { ...page.work, done } })],
    });
  };

/** Changes how a page is worked on. @param what for people to be told */
export const changeWork = (id: string, some: (now: PageWork) => PageWork, what: string): Deciding =>
  changePage(id, (now: Page) => ({ work: some(now.work ?? {}) }), what);

/**
 * Chooses background work, told by what was ticked or unticked: two ticks in a moment, both made on the same drawing of
 * the page, hold both.
 * @param seen what was chosen as she saw it
 * @param chosen what is to be chosen in its place
 */
export const chooseTechniques = (id: string, seen: readonly Technique[], chosen: readonly string[]): Deciding =>
  changeWork(
    id,
    ({ techniques = [], ...work }) => ({
      ...work,
      techniques: TECHNIQUES.filter((one) =>
        seen.includes(one) === chosen.includes(one) ? techniques.includes(one) : chosen.includes(one),
      ),
    }),
    'Chose the background work',
  );

const means = (id: string, of: (all: readonly Intention[]) => readonly Intention[], what: string): Deciding =>
  changeWork(id, (work) => ({ ...work, means: of(work.means ?? []) }), what);

/** Says that an intention is kept, or not yet. */
export const keepIntention = (id: string, intention: string, isKept: boolean): Deciding =>
  means(
    id,
    (all) =>
      all.map((one) => {
        if (one.id !== intention) return one;
        const { isKept: _, ...rest } = one;
        return isKept ? { ...rest, isKept } : rest;
      }),
    isKept ? 'It is there' : 'It is not there yet',
  );

/** Says that something on the page counts as what is meant, or does not. */
export const countAs = (id: string, intention: string, key: string, is: boolean): Deciding =>
  means(
    id,
    (all) =>
      all.map((one) => {
        if (one.id !== intention) return one;
        const others = (one.counts ?? []).filter((other) => other !== key);
        return { ...one, counts: is ? [...others, key] : others };
      }),
    is ? 'That counts' : 'That does not count',
  );

/** What she means to have on a page, several at once: the lines of a challenge's list. */
export const meanFor =
  (id: string, lines: readonly string[]): Deciding =>
  (bench, now) => {
    const said = lines.map((line) => line.trim()).filter((line) => line !== '');
    if (said.length === 0) return refuse('nothing-to-do');
    return means(
      id,
      (all) => [...all, ...said.map((words) => ({ id: now.newId(), words }))],
      said.length === 1 ? `Noted: ${said[0] ?? ''}` : `Noted ${said.length} things`,
    )(bench, now);
  };

export const forgetIntention = (id: string, intention: string): Deciding =>
  means(id, (all) => all.filter((one) => one.id !== intention), 'Took an intention off the list');
