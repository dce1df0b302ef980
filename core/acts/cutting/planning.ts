import { heldAgainst, idOfPiece, isOpenWindow, openListOf, pagesOf, pruneSheet } from '../../page/cutlist';
import type { PieceState } from '../../stock/ledger';
import { ok, type Result } from '../../ground/result';
import type { Page, Plan, PlanSheet } from '../../stock/things';
import { decided, drop, put, refuse, type Act, type Deciding, type NewEvent, type Now, type Refusal } from '../act';
import type { Bench } from '../../stock/bench';
import { lessOf, outFor, released } from '../pages/out';
import { nth } from '../../ground/nth';

/** What planning comes to, as a part of an act. */
export type Part = Omit<Act, 'did'>;

/** A sheet that a plan takes must be in the stash, or out by hand for one of its pages. */
const isFree = (piece: PieceState, pages: readonly string[]): boolean =>
  piece.where === 'here' ||
  (piece.where === 'claimed' && piece.slot === null && piece.page !== null && pages.includes(piece.page));

/** Whether a page still wants all that is planned for it. */
function wantsAll(page: Page, sheets: readonly PlanSheet[], bench: Bench): boolean {
  const planned = sheets.flatMap(({ pieces }) => pieces).filter((piece) => piece.page === page.id);
  return heldAgainst(openListOf(page, bench) ?? [], planned).spare.length === 0;
}

/** The paper of a planned sheet as it is once it is out: what is used as it is lies on its page. */
function asTaken({ stock, pieces }: PlanSheet, { ledger }: Bench): { pieces: ReadonlyMap<string, PieceState> } {
  const piece = ledger.pieces.get(stock);
  const whole = pieces.find(({ part }) => part === 'A');
  return {
    pieces: new Map(piece ? [[stock, { ...piece, where: 'claimed' as const, slot: whole?.slot ?? null }]] : []),
  };
}

/**
 * Takes a plan's papers out: sheets used as they are go to their page at once, the others are cut.
 * @param pages the pages that the plan is for, as they are to be
 */
export function takingOut(
  bench: Bench,
  pages: readonly Page[],
  sheets: readonly PlanSheet[],
  { newId }: Now,
): Result<Part, Refusal> {
  const ids = pages.map(({ id }) => id);
  const strange = sheets.some(({ pieces }) => pieces.length === 0 || pieces.some(({ page }) => !ids.includes(page)));
  if (strange || pages.some((page) => !bench.pages.has(page.id))) return refuse('gone');
  const changed = pages.find((page) => !wantsAll(page, sheets, bench));
  if (changed) return refuse('changed-since', changed.title);
  // What is left over stays in one piece, with its holes: no cut is made for nothing but leftovers.
  const needed = sheets.map((sheet) => pruneSheet(sheet, () => true, asTaken(sheet, bench)).sheet ?? sheet);
  const plan: Plan = { id: newId(), sheets: needed };
  const events: NewEvent[] = [];
  for (const { stock, pieces } of needed) {
    const piece = bench.ledger.pieces.get(stock);
    if (!piece || !isFree(piece, ids)) return refuse('paper-gone', bench.lots.get(piece?.lot ?? '')?.name);
    if (piece.where === 'claimed') events.push(...released([piece]));
    const whole = pieces.find(({ part }) => part === 'A');
    events.push({ type: 'claimed', piece: stock, page: whole?.page ?? plan.id, slot: whole?.slot ?? null });
  }
  const isCutOn = needed.some(
    ({ cuts, windows, pieces }) => cuts.length > 0 || windows || pieces.some(({ punched }) => punched),
  );
  const less = withoutClosedWindows(bench);
  return ok({
    events: [...less.events, ...events],
    records: [...less.records, ...(isCutOn ? [put('plans', plan)] : [])],
  });
}

/**
 * Plans without the middles that are no longer to be had: their pieces are planned elsewhere now, and must not come back
 * with the paper that the middle was in.
 */
function withoutClosedWindows(bench: Bench): Part {
  const isClosed = (sheet: PlanSheet): boolean =>
    (sheet.windows ?? []).some((window) => !isOpenWindow(sheet, window, bench.ledger));
  const plans = [...bench.plans.values()].filter(({ sheets }) => sheets.some(isClosed));
  return askLess(bench, plans, () => true);
}

/** Takes the papers of a plan out of the stash; from now on the cuts can be made. */
export const acceptPlan =
  (pages: readonly string[], sheets: readonly PlanSheet[]): Deciding =>
  (bench, now) => {
    const own = pages.flatMap((id) => bench.pages.get(id) ?? []);
    if (own.length < pages.length || sheets.length === 0) return refuse('gone');
    const taken = takingOut(bench, own, sheets, now);
    return taken.ok ? decided('took-papers', nth(own, 0).title, { count: own.length, ...taken.value }) : taken;
  };

/** Less is asked of some plans: what is no longer needed goes back, what else is planned stays out. */
export function askLess(
  bench: Bench,
  plans: readonly Plan[],
  isWanted: (piece: string, page: string) => boolean,
): Part {
  const less = plans.map((plan) => lessOf(plan, isWanted, bench));
  return {
    events: released(less.flatMap(({ free }) => free)),
    records: less.flatMap(({ plans: open, ended }) => [
      ...open.map((plan) => put('plans', plan)),
      ...ended.map((id) => drop('plans', id)),
    ]),
  };
}

/** Gives what is planned for a page back, and leaves the pages that it is cut together with their papers. */
export function giveBack(bench: Bench, page: string): Part {
  const plans = [...bench.plans.values()].filter((plan) => pagesOf(plan).includes(page));
  // What was cut for it already is no longer told of the plan: the page may be gone afterwards.
  const part = askLess(bench, plans, (_, of) => of !== page);
  return {
    ...part,
    records: part.records.map((write) =>
      write.table === 'plans' && write.after !== null
        ? put('plans', {
            ...write.after,
            sheets: write.after.sheets.map((sheet) => ({
              ...sheet,
              pieces: sheet.pieces.filter((piece) => piece.page !== page),
            })),
          })
        : write,
    ),
  };
}

/** Gives a page's papers and things back: those planned, those cut and those taken out by hand. */
export const releasePage =
  (id: string): Deciding =>
  (bench) => {
    const page = bench.pages.get(id);
    if (!page) return refuse('gone');
    const { cut, loose, amounts } = outFor(bench, id);
    const back = giveBack(bench, id);
    const events = [
      ...back.events,
      ...released([...cut, ...loose]),
      ...amounts.map((entry): NewEvent => ({ type: 'released', ...entry, page: id })),
    ];
    if (events.length === 0) return refuse('nothing-to-do', page.title);
    return decided('gave-papers-back', page.title, { events, records: back.records });
  };

/** Sets all that is planned and not cut aside, for every page cut together with this one. */
export const setPlanAside =
  (id: string): Deciding =>
  (bench) => {
    const plans = [...bench.plans.values()].filter((plan) => pagesOf(plan).includes(id));
    if (plans.length === 0) return refuse('nothing-to-do', bench.pages.get(id)?.title);
    return decided(
      'set-plan-aside',
      bench.pages.get(id)?.title ?? '',
      askLess(bench, plans, () => false),
    );
  };

/** What of plans is left when some of their sheets, or parts of them, are put away. */
export const withoutSheets = (bench: Bench, sheets: ReadonlySet<string>): Part => {
  const plans = [...bench.plans.values()].filter((plan) => plan.sheets.some(({ stock }) => sheets.has(stock)));
  const dropped = new Set(
    plans.flatMap((plan) =>
      plan.sheets.filter(({ stock }) => sheets.has(stock)).flatMap((s) => s.pieces.map((piece) => idOfPiece(s, piece))),
    ),
  );
  return askLess(bench, plans, (piece) => !dropped.has(piece));
};
