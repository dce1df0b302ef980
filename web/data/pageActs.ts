import { nanoid } from 'nanoid';
import type { CutPlan } from '../../core/cutting';
import type { Amounts, Ledger, PieceState } from '../../core/ledger';
import { cutEvent, cutSteps, isMade, mishapEvent, planPieces, windowEvent, type CutStep, type Mishap, type Window } from '../../core/page';
import type { Page } from '../../core/things';
import { act } from './acts';
import type { NewEvent } from './ledgerStore';
import { today } from './today';

export const pageName = (page: Pick<Page, 'title'>): string => (page.title.trim() === '' ? 'Page without a title' : page.title);

/** Some of a page's fields, told or worked out from what it is by then: two quick changes must both stand. */
type Some = Partial<Page> | ((now: Page) => Partial<Page>);

const patch = (page: Page, some: Some) => ({ table: 'pages', key: page.id, change: (now: Page): Page => ({ ...now, ...(typeof some === 'function' ? some(now) : some) }) }) as const;

/** Begins a page; its id, or null where that failed. */
export async function startPage(fields: Pick<Page, 'format' | 'design' | 'mat' | 'photos' | 'papers'> & Partial<Pick<Page, 'title' | 'place' | 'date'>>): Promise<string | null> {
  const page: Page = { title: '', date: '', place: '', journaling: '', ...fields, id: nanoid(8), state: 'idea', plan: null, started: today(), finished: null };
  return (await act({ label: `Started ${pageName(page) === 'Page without a title' ? 'a page' : page.title}`, changes: [{ table: 'pages', key: page.id, after: page }] })) ? page.id : null;
}

export const changePage = (page: Page, some: Some, label: string): Promise<boolean> => act({ label, changes: [patch(page, some)] }, true);

/** Everything out on the bench for a page. */
export interface OnBench { readonly pieces: readonly PieceState[]; readonly amounts: readonly { lot: string; amounts: Amounts }[] }

export function onBench(ledger: Ledger, page: string): OnBench {
  return {
    pieces: [...ledger.pieces.values()].filter((piece) => piece.where === 'claimed' && piece.page === page),
    amounts: [...ledger.lots.values()].filter((lot) => lot.claimed[page]).map((lot) => ({ lot: lot.lot, amounts: lot.claimed[page]! })),
  };
}

/** Of what is out for a page, what is not needed for its plan: this can be put away. */
export function looseOn(page: Page, ledger: Ledger): OnBench {
  const { pieces, amounts } = onBench(ledger, page.id);
  const planned = new Set(page.plan?.sheets.map(({ stock }) => stock));
  const isPlanned = (piece: PieceState | undefined): boolean => piece !== undefined && (planned.has(piece.id) || isPlanned(ledger.pieces.get(piece.from ?? '')));
  return { pieces: page.state === 'glued' || page.state === 'done' ? pieces : pieces.filter((piece) => !isPlanned(piece)), amounts };
}

/** Takes the plan's papers out of the stash for the page; from now on the cuts can be made. */
export function acceptPlan(page: Page, plan: CutPlan, ledger: Ledger): Promise<boolean> {
  const wanted = plan.sheets.map(({ stock }) => stock).filter((id) => ledger.pieces.get(id)?.where === 'here');
  // A plan without cuts is cut already.
  const state = plan.sheets.every(({ cuts }) => cuts.length === 0) ? 'cut' : 'planned';
  return act({
    label: `Took out the papers for ${pageName(page)}`,
    events: wanted.map((piece): NewEvent => ({ type: 'claimed', piece, page: page.id })),
    changes: [patch(page, { plan, state })],
  });
}

const slotOf = (wanted: string): string => wanted.slice(0, wanted.lastIndexOf(':'));

/** One trimmer cut. After the last, the page is cut. */
export function makeCut(page: Page, step: CutStep, ledger: Ledger): Promise<boolean> {
  const { id: _, day: __, ...event } = cutEvent(step, ledger, page.id, slotOf, '', '');
  const left = cutSteps(page.plan!, ledger).filter((other) => !isMade(other, ledger)).length;
  return act({ label: `Made a cut for ${pageName(page)}`, events: [event as NewEvent], changes: left === 1 ? [patch(page, { state: 'cut' })] : [] });
}

/** Sets a plan aside: what is not yet cut goes back, what is cut stays on the bench. */
export function dropPlan(page: Page, ledger: Ledger): Promise<boolean> {
  const back = onBench(ledger, page.id).pieces.filter(({ slot }) => slot === null);
  return act({
    label: `Put the plan for ${pageName(page)} aside`,
    events: back.map(({ id }): NewEvent => ({ type: 'released', piece: id, page: page.id })),
    changes: [patch(page, { plan: null, state: 'idea' })],
  });
}

const MISHAPS: Record<Mishap['kind'], string> = { 'other-measure': 'Noted a cut at another measure', spoilt: 'Noted a spoilt piece', lost: 'Noted a lost piece' };

/** Something went wrong with the part in hand: the ledger takes it, and the rest is planned again on what is really there. */
export function noteMishap(page: Page, step: CutStep, mishap: Mishap, ledger: Ledger): Promise<boolean> {
  const { id: _, day: __, ...event } = mishapEvent(step, mishap, ledger, page.id, '', '');
  const back = onBench(ledger, page.id).pieces.filter(({ id, slot }) => slot === null && id !== step.piece);
  return act({
    label: MISHAPS[mishap.kind],
    events: [event as NewEvent, ...back.map(({ id }): NewEvent => ({ type: 'released', piece: id, page: page.id }))],
    changes: [patch(page, { plan: null, state: 'idea' })],
  });
}

/** Cuts a hidden middle out of a layer's piece before it is glued. */
export function cutWindow(page: Page, window: Window): Promise<boolean> {
  const { id: _, day: __, ...event } = windowEvent(window, page.id, '', '');
  return act({ label: `Cut out a hidden middle for ${pageName(page)}`, events: [event as NewEvent] });
}

/** Glues the page: its cut pieces, and the counted things chosen, are used. */
export function gluePage(page: Page, ledger: Ledger, used: OnBench['amounts']): Promise<boolean> {
  const planned = new Set(page.plan ? planPieces(page.plan).map(({ piece }) => piece) : []);
  const pieces = onBench(ledger, page.id).pieces.filter(({ id, slot }) => slot !== null || planned.has(id));
  return act({
    label: `Glued ${pageName(page)}`,
    events: [
      ...pieces.map(({ id }): NewEvent => ({ type: 'used', piece: id, page: page.id })),
      ...used.map(({ lot, amounts }): NewEvent => ({ type: 'used', lot, amounts, page: page.id })),
    ],
    changes: [patch(page, { state: 'glued' })],
  });
}

export const finishPage = (page: Page): Promise<boolean> =>
  act({ label: `${pageName(page)} is done`, changes: [patch(page, { state: 'done', finished: today() })] });

/** Puts back what lies on the bench and was not used. */
export function putAway(page: Page, things: OnBench): Promise<boolean> {
  const events: NewEvent[] = [
    ...things.pieces.map(({ id }): NewEvent => ({ type: 'released', piece: id, page: page.id })),
    ...things.amounts.map(({ lot, amounts }): NewEvent => ({ type: 'released', lot, amounts, page: page.id })),
  ];
  return act({ label: `Put away ${events.length === 1 ? 'one thing' : `${events.length} things`}`, events });
}

/** Takes a page apart before it is glued: what is out for it goes back, and it is no more. */
export function removePage(page: Page, ledger: Ledger): Promise<boolean> {
  const { pieces, amounts } = onBench(ledger, page.id);
  return act({
    label: `Dropped ${pageName(page)}`,
    events: [
      ...pieces.map(({ id }): NewEvent => ({ type: 'released', piece: id, page: page.id })),
      ...amounts.map((entry): NewEvent => ({ type: 'released', ...entry, page: page.id })),
    ],
    changes: [{ table: 'pages', key: page.id, after: null }],
  });
}
