import { nanoid } from 'nanoid';
import type { CutPlan, PlannedSheet } from '../../core/cutting';
import type { Amounts, Ledger, PieceState } from '../../core/ledger';
import { cutEvent, machineEvent, mishapEvent, windowEvent, type MachineWork, type Mishap } from '../../core/making';
import { cutSteps, isMade, leadOf, planPieces, usedWhole, type CutStep, type Window } from '../../core/cutlist';
import { withoutPage } from '../../core/sharing';
import type { RankedDesign } from '../../core/papers';
import type { Page } from '../../core/things';
import { act } from './acts';
import type { NewAct, NewEvent } from './ledgerStore';
import { today } from './today';

export const pageName = (page: Pick<Page, 'title'>): string =>
  page.title.trim() === '' ? 'Page without a title' : page.title;

/** Some of a page's fields, told or worked out from what it is by then: two quick changes must both stand. */
type Some = Partial<Page> | ((now: Page) => Partial<Page>);

const patch = (page: Page, some: Some) =>
  ({
    table: 'pages',
    key: page.id,
    change: (now: Page): Page => ({ ...now, ...(typeof some === 'function' ? some(now) : some) }),
  }) as const;

type Begun = Pick<Page, 'format' | 'design' | 'mat' | 'photos' | 'papers'> &
  Partial<Pick<Page, 'title' | 'place' | 'date' | 'own'>>;

/** A page just begun. */
export const newPage = (id: string, fields: Begun): Page => ({
  title: '',
  date: '',
  place: '',
  journaling: '',
  ...fields,
  id,
  state: 'idea',
  plan: null,
  started: today(),
  finished: null,
});

/** Begins a page; its id, or null where that failed. */
export async function startPage(fields: Begun): Promise<string | null> {
  const page = newPage(nanoid(8), fields);
  return (await act({
    label: `Started ${pageName(page) === 'Page without a title' ? 'a page' : page.title}`,
    changes: [{ table: 'pages', key: page.id, after: page }],
  }))
    ? page.id
    : null;
}

export const changePage = (page: Page, some: Some, label: string): Promise<boolean> =>
  act({ label, changes: [patch(page, some)] }, true);

/** Keeps the papers proposed for slots that have none; a paper chosen a moment ago stands, though the page shown does not know of it yet. */
export const settlePapers = (page: Page, proposed: Page['papers']): Promise<boolean> =>
  changePage(page, (now) => ({ papers: { ...proposed, ...now.papers } }), 'Chose papers');

/** Lays a page out in another design, in the papers proposed for it if any; what she chose for the old one does not hold. */
export const chooseDesign = (
  page: Page,
  { design, own, papers = {} }: Pick<RankedDesign, 'design' | 'own'> & Partial<Pick<RankedDesign, 'papers'>>,
): Promise<boolean> => changePage(page, { design, own, papers, options: {}, moves: {} }, 'Chose another design');

/** Everything out on the bench for a page. */
export interface OnBench {
  readonly pieces: readonly PieceState[];
  readonly amounts: readonly { lot: string; amounts: Amounts }[];
}

export function onBench(ledger: Ledger, page: string): OnBench {
  return {
    pieces: [...ledger.pieces.values()].filter((piece) => piece.where === 'claimed' && piece.page === page),
    amounts: [...ledger.lots.values()]
      .filter((lot) => lot.claimed[page])
      .map((lot) => ({ lot: lot.lot, amounts: lot.claimed[page]! })),
  };
}

/** Of what is out for a page, what is not needed for its plan: this can be put away. */
export function looseOn(page: Page, ledger: Ledger): OnBench {
  const { pieces, amounts } = onBench(ledger, page.id);
  const sheets = new Set(page.plan?.sheets.map(({ stock }) => stock));
  const isPlanned = (piece: PieceState | undefined): boolean =>
    piece !== undefined && (sheets.has(piece.id) || isPlanned(ledger.pieces.get(piece.from ?? '')));
  return {
    pieces: page.state === 'glued' || page.state === 'done' ? pieces : pieces.filter((piece) => !isPlanned(piece)),
    amounts,
  };
}

/** The ids of all pages that a page's plan is for. */
const planned = (page: Page): readonly string[] => page.together ?? [page.id];

/** The same change to every page of a plan. */
const patchAll = (pages: readonly string[], some: Partial<Page>) =>
  pages.map((key) => ({ table: 'pages', key, change: (now: Page): Page => ({ ...now, ...some }) }) as const);

const NO_PLAN: Partial<Page> = { plan: null, state: 'idea', together: undefined };

/** What lies on the bench for a plan's pages and is not cut to its purpose yet. */
const uncut = (page: Page, ledger: Ledger): PieceState[] =>
  planned(page).flatMap((id) => onBench(ledger, id).pieces.filter(({ slot }) => slot === null));

const released = (pieces: readonly PieceState[]): NewEvent[] =>
  pieces.map(({ id, page }): NewEvent => ({ type: 'released', piece: id, page: page! }));

/**
 * Takes the plan's papers out of the stash; from now on the cuts can be made.
 * @param pages the pages that the plan is for, the first leading
 */
export const acceptPlan = (pages: readonly Page[], plan: CutPlan, ledger: Ledger): Promise<boolean> =>
  act({
    label: `Took out the papers for ${pages.length === 1 ? pageName(pages[0]!) : `${pages.length} pages`}`,
    ...acceptance(pages, plan, ledger),
  });

/** What taking a plan's papers out comes to. */
export function acceptance(pages: readonly Page[], plan: CutPlan, ledger: Ledger): Required<Omit<NewAct, 'label'>> {
  const lead = pages[0]!;
  const forOther = new Map(usedWhole(plan, lead.id).map(({ piece, page }) => [piece, page]));
  const wanted = plan.sheets.map(({ stock }) => stock).filter((id) => ledger.pieces.get(id)?.where === 'here');
  // A plan without cuts is cut already.
  const state = plan.sheets.every(({ cuts }) => cuts.length === 0) ? 'cut' : 'planned';
  const ids = pages.map(({ id }) => id);
  return {
    events: wanted.map((piece): NewEvent => ({ type: 'claimed', piece, page: forOther.get(piece) ?? lead.id })),
    changes: patchAll(ids, { plan, state, ...(ids.length > 1 ? { together: ids } : {}) }),
  };
}

/**
 * Gives one page of several that are planned together up: what is only for it goes back to the stash, the others keep
 * their plan. Where it led, the next one does.
 */
export function releasePage(page: Page, ledger: Ledger): Promise<boolean> {
  const before = planned(page);
  const lead = before[0]!;
  const others = before.filter((id) => id !== page.id);
  const { plan, released: closed } = withoutPage(page.plan!, page.id, lead);
  const own = onBench(ledger, page.id);
  const isClosed = (piece: PieceState): boolean =>
    closed.includes(piece.id) || own.pieces.some(({ id, slot }) => id === piece.id && slot !== null);
  const out = uncut(page, ledger);
  const back = [...new Set([...out, ...own.pieces])].filter((piece) => others.length === 0 || isClosed(piece));
  const next = others[0];
  // What the page led with is now led by the next one.
  const moved =
    next === undefined || lead !== page.id ? [] : out.filter((piece) => piece.page === page.id && !isClosed(piece));
  return act({
    label: `Gave the papers for ${pageName(page)} back`,
    events: [
      ...released([...back, ...moved]),
      ...moved.map(({ id }): NewEvent => ({ type: 'claimed', piece: id, page: next! })),
      ...own.amounts.map((entry): NewEvent => ({ type: 'released', ...entry, page: page.id })),
    ],
    changes: [
      ...patchAll([page.id], NO_PLAN),
      ...patchAll(others, { plan, together: others.length > 1 ? others : undefined }),
    ],
  });
}

/** One trimmer cut. After the last, its pages are cut. */
export function makeCut(page: Page, step: CutStep, ledger: Ledger): Promise<boolean> {
  const { id: _, day: __, ...event } = cutEvent(step, ledger, leadOf(page), '', '');
  const left = cutSteps(page.plan!, ledger).filter((other) => !isMade(other, ledger)).length;
  return act({
    label: `Made a cut for ${pageName(page)}`,
    events: [event as NewEvent],
    changes: left === 1 ? patchAll(planned(page), { state: 'cut' }) : [],
  });
}

/** Sets a plan aside: what is not yet cut goes back, what is cut stays on the bench. */
export function dropPlan(page: Page, ledger: Ledger): Promise<boolean> {
  return act({
    label: `Put the plan for ${pageName(page)} aside`,
    events: released(uncut(page, ledger)),
    changes: patchAll(planned(page), NO_PLAN),
  });
}

const MISHAPS: Record<Mishap['kind'], string> = {
  'other-measure': 'Noted a cut at another measure',
  spoilt: 'Noted a spoilt piece',
  lost: 'Noted a lost piece',
};

/** Something went wrong with the part in hand: the ledger takes it, and the rest is planned again on what is really there. */
export function noteMishap(page: Page, step: CutStep, mishap: Mishap, ledger: Ledger): Promise<boolean> {
  const { id: _, day: __, ...event } = mishapEvent(step, mishap, ledger, leadOf(page), '', '');
  const back = uncut(page, ledger).filter(({ id }) => id !== step.piece);
  return act({
    label: MISHAPS[mishap.kind],
    events: [event as NewEvent, ...released(back)],
    changes: patchAll(planned(page), NO_PLAN),
  });
}

/** A cutting machine cut a whole sheet. Where it slipped, what it spoilt is planned again with the rest. */
export function takeFromMachine(page: Page, sheet: PlannedSheet, work: MachineWork, ledger: Ledger): Promise<boolean> {
  const { id: _, day: __, ...event } = machineEvent(sheet, ledger.pieces.get(sheet.stock)!, work, leadOf(page), '', '');
  const isWhole = work.cut.every((isCut) => isCut) && work.cut.length === sheet.pieces.length;
  if (!isWhole) {
    const back = uncut(page, ledger).filter(({ id }) => id !== sheet.stock);
    return act({
      label: 'The machine slipped',
      events: [event as NewEvent, ...released(back)],
      changes: patchAll(planned(page), NO_PLAN),
    });
  }
  // The sheet is done with: it has no cuts left, and what is around its pieces is what the machine says.
  const plan = {
    ...page.plan!,
    sheets: page.plan!.sheets.map((one) => (one === sheet ? { ...one, cuts: [], nubbins: [], waste: [] } : one)),
  };
  const left = cutSteps(plan, ledger).filter((step) => !isMade(step, ledger)).length;
  return act({
    label: 'The machine cut a sheet',
    events: [event as NewEvent],
    changes: patchAll(planned(page), { plan, ...(left === 0 ? { state: 'cut' } : {}) }),
  });
}

/** Cuts a hidden middle out of a layer's piece before it is glued. */
export function cutWindow(page: Page, window: Window): Promise<boolean> {
  const { id: _, day: __, ...event } = windowEvent(window, page.id, '', '');
  return act({ label: `Cut out a hidden middle for ${pageName(page)}`, events: [event as NewEvent] });
}

/** Glues the page: its cut pieces, and the counted things chosen, are used. @param back tools and the like, which go back */
export function gluePage(
  page: Page,
  ledger: Ledger,
  used: OnBench['amounts'],
  back: OnBench['amounts'] = [],
): Promise<boolean> {
  const own = new Set(planPieces(page).map(({ piece }) => piece));
  const pieces = onBench(ledger, page.id).pieces.filter(({ id, slot }) => slot !== null || own.has(id));
  return act({
    label: `Glued ${pageName(page)}`,
    events: [
      ...pieces.map(({ id }): NewEvent => ({ type: 'used', piece: id, page: page.id })),
      ...used.map(({ lot, amounts }): NewEvent => ({ type: 'used', lot, amounts, page: page.id })),
      ...back.map(({ lot, amounts }): NewEvent => ({ type: 'released', lot, amounts, page: page.id })),
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
  const isPlanned = page.state === 'planned';
  const others = isPlanned ? planned(page).filter((id) => id !== page.id) : [];
  return act({
    label: `Dropped ${pageName(page)}`,
    events: [
      ...(isPlanned ? released(uncut(page, ledger).filter((piece) => piece.page !== page.id)) : []),
      ...pieces.map(({ id }): NewEvent => ({ type: 'released', piece: id, page: page.id })),
      ...amounts.map((entry): NewEvent => ({ type: 'released', ...entry, page: page.id })),
    ],
    changes: [...patchAll(others, NO_PLAN), { table: 'pages', key: page.id, after: null }],
  });
}
