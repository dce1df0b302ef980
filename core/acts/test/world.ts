import { USUAL_TRIMMER, planCuts } from '../../trimmer/cutting';
import {
  cutJobFor,
  cutListOf,
  cutSteps,
  isMade,
  notPlanned,
  plansFor,
  punchable,
  punchInstead,
  purposed,
  shapedPieces,
  windowsOf,
  type Step,
} from '../../page/cutlist';
import { coverOf, pageLayout } from '../../page/design';
import { balanceOf, type Balance, type LedgerEvent } from '../../stock/ledger';
import { inches } from '../../ground/length';
import { stockOnHand } from '../../trimmer/onHand';
import { intoMiddle } from '../../kit/shareout';
import { middlesOf } from '../../kit/sharing';
import type { Face, Kit, Lot, Page, PlanSheet } from '../../stock/things';
import { decided, doAct, put, turnBack, type Begun, type Deciding, type DoneAct, type Now, type Refusal } from '..';
import { EMPTY_BENCH, referencesOf, shelfOf, TABLES, type Bench } from '../../stock/bench';

/** A bench with what was done on it, as the data layer keeps it: the last act first undone. */
export class World {
  bench: Bench = EMPTY_BENCH;
  readonly entries: LedgerEvent[] = [];
  readonly acts: { act: DoneAct; undone: number }[] = [];
  readonly refused: Refusal[] = [];
  private n = 0;
  private turns = 0;

  readonly now: Now = { day: '2026-11-05', newId: () => `n${++this.n}` };

  /** Does an act; whether it stood. */
  do(deciding: Deciding): boolean {
    const act = deciding(this.bench, this.now);
    if (!act.ok) return this.refuse(act.error);
    const done = doAct(this.bench, act.value, this.now);
    if (!done.ok) return this.refuse(done.error);
    this.bench = done.value.bench;
    this.entries.push(...done.value.entries);
    // What was undone cannot be done again after something new.
    for (let i = this.acts.length - 1; i >= 0; i--) if (this.acts[i]!.undone > 0) this.acts.splice(i, 1);
    this.acts.push({ act: done.value.act, undone: 0 });
    return true;
  }

  undo(at = this.acts.findLastIndex(({ undone }) => undone === 0)): boolean {
    return this.turn(at, 'undo');
  }

  redo(): boolean {
    const last = Math.max(0, ...this.acts.map(({ undone }) => undone));
    return (
      last > 0 &&
      this.turn(
        this.acts.findIndex(({ undone }) => undone === last),
        'redo',
      )
    );
  }

  private turn(at: number, way: 'undo' | 'redo'): boolean {
    const stored = this.acts[at];
    if (!stored || stored.undone > 0 !== (way === 'redo')) return false;
    const since = way === 'undo' ? this.acts.slice(at + 1).filter(({ undone }) => undone === 0) : [];
    const done = turnBack(this.bench, { act: stored.act, way, since: since.map(({ act }) => act) }, this.now);
    if (!done.ok) return this.refuse(done.error);
    this.bench = done.value.bench;
    this.entries.push(...done.value.entries);
    this.acts[at] = { act: done.value.act, undone: way === 'undo' ? ++this.turns : 0 };
    return true;
  }

  private refuse(refusal: Refusal): false {
    this.refused.push(refusal);
    return false;
  }
}

const kit: Kit = { id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: [], list: '' };
const face = (id: string, hex: string): Face => ({ id, name: id, pattern: 'plain', colours: [{ hex, share: 1 }] });
const lot = (id: string, some: Partial<Lot>): Lot => ({
  id,
  kit: 'k',
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: { w: inches(12), h: inches(12) },
  front: null,
  back: null,
  upright: false,
  note: '',
  line: 1,
  ...some,
});

/** A kit of three papers of two sheets each, dots and letters. */
const parcel: Deciding = () =>
  decided('took-parcel-in', 'Moth Lantern', {
    events: [
      ...['inks', 'lamps', 'blushes'].map((id) => ({
        type: 'received' as const,
        lot: id,
        pieces: [1, 2].map((n) => ({ id: `${id}-${n}`, w: inches(12), h: inches(12) })),
      })),
      { type: 'received', lot: 'dots', amounts: { '': 24 } },
      { type: 'received', lot: 'letters', amounts: { A: 2, B: 1, C: 3 } },
    ],
    records: [
      put('kits', kit),
      ...[face('ink', '#22314f'), face('lamp', '#f6d27a'), face('blush', '#f0cfcb')].map((one) => put('faces', one)),
      put('lots', lot('inks', { front: 'ink', back: 'lamp' })),
      put('lots', lot('lamps', { front: 'lamp', back: 'blush' })),
      put('lots', lot('blushes', { front: 'blush', back: 'ink' })),
      put('lots', lot('dots', { kind: 'dots', measure: 'count', size: null })),
      put('lots', lot('letters', { kind: 'alpha', measure: 'letters', size: null })),
    ],
  });

export function unpackedWorld(): World {
  const world = new World();
  if (!world.do(parcel)) throw new Error(JSON.stringify(world.refused));
  return world;
}

/** A page without photos or papers, to lay things on. */
export const BARE_PAGE: Begun = {
  format: { w: inches(8), h: inches(8), spread: false },
  design: 'framed-ground',
  mat: 0,
  photos: [],
  papers: {},
  title: 'Moths',
};

/** The punch that she has. */
const PUNCH = { shape: 'circle', size: inches(1), reach: inches(1.5) } as const;

/** The plan of what some pages still want, or null where the papers are too few. */
export function planFor(bench: Bench, pages: readonly Page[]) {
  const list = pages.flatMap((page) => {
    const layout = pageLayout(page);
    return layout.ok ? notPlanned(cutListOf(layout.value, page), bench.ledger, bench.plans, page.id) : [];
  });
  if (list.length === 0) return null;
  const stock = stockOnHand(shelfOf(bench), pages[0]!.id);
  // Some pages are cut with scissors, some together with a trimmer.
  const trimmer = pages.length === 1 ? { ...USUAL_TRIMMER, kerf: inches(1 / 32) } : USUAL_TRIMMER;
  const squares = purposed(planCuts(cutJobFor(list, stock, trimmer), 200), list);
  const shaped = pages.flatMap((page) => shapedPieces(pageLayout(page).value, page));
  const plan = punchInstead(squares, { punches: punchable(shaped, [PUNCH]), list, stock, trimmer });
  return plan.notCut.length === 0 ? plan.sheets : null;
}

/** The pieces that a page still wants. */
const listFor = (bench: Bench, page: Page) => {
  const layout = pageLayout(page);
  return layout.ok ? notPlanned(cutListOf(layout.value, page), bench.ledger, bench.plans, page.id) : [];
};

/**
 * The plan of two pages of which the second has a piece from what the first one hides; null where the papers are too
 * few, or it hides too little.
 */
export function planFromMiddle(bench: Bench, first: Page, second: Page): readonly PlanSheet[] | null {
  const sheets = planFor(bench, [first]);
  const layout = pageLayout(first);
  if (!sheets || !layout.ok) return null;
  const own = middlesOf([{ page: first, layout: layout.value }], inches(1 / 2)).flatMap((middle) =>
    sheets.flatMap((host) =>
      host.pieces.filter(({ id, turned }) => id === middle.slot && !turned).map((piece) => ({ host, piece, middle })),
    ),
  )[0];
  if (!own) return null;
  const { host, piece, middle } = own;
  const lot = bench.lots.get(bench.ledger.pieces.get(host.stock)?.lot ?? '');
  const front = (piece.face === 'front' ? lot?.front : lot?.back) ?? null;
  const used = new Set(sheets.map(({ stock }) => stock));
  const stock = stockOnHand(shelfOf(bench), second.id).filter(({ id }) => !used.has(id));
  const hidden = { ...middle.at, id: 'middle', count: 1, front, back: null, upright: false, fresh: false, since: null };
  const list = listFor(bench, second);
  const plan = purposed(planCuts(cutJobFor(list, [...stock, { ...hidden, missing: [] }], USUAL_TRIMMER), 200), list);
  const inner = plan.sheets.find((sheet) => sheet.stock === 'middle');
  if (plan.notCut.length > 0 || !inner) return null;
  const joined = intoMiddle(host, piece, inner, middle.at);
  const others = plan.sheets.filter((sheet) => sheet !== inner);
  return [...sheets.map((sheet) => (sheet === host ? joined : sheet)), ...others];
}

/** All steps of a page's plans that are still to be made, in their order. */
export const stepsLeft = (bench: Bench, page: string): Step[] =>
  plansFor(bench.plans, page, bench.ledger).flatMap(({ sheets }) =>
    cutSteps(sheets, bench.ledger).filter((step) => !isMade(step, bench.ledger)),
  );

/** Cuts that can be made now for a page. */
export function cutsNow(bench: Bench, page: string): Step[] {
  return plansFor(bench.plans, page, bench.ledger).flatMap(({ id, sheets }) =>
    cutSteps(sheets, bench.ledger).filter((step) => {
      const piece = bench.ledger.pieces.get(step.piece);
      return (
        !isMade(step, bench.ledger) &&
        piece?.where === 'claimed' &&
        piece.page === (step.kind === 'window' ? step.page : id)
      );
    }),
  );
}

export function windowsNow(bench: Bench, page: Page) {
  const layout = pageLayout(page);
  return layout.ok ? windowsOf(page, layout.value, coverOf(layout.value), shelfOf(bench)) : [];
}

/** References to what is not there. */
export const brokenReferences = (bench: Bench): string[] =>
  TABLES.flatMap((table) =>
    [...bench[table].values()].flatMap((record) =>
      referencesOf(table, record as never)
        .filter((one) => !bench[one.table].has(one.key))
        .map(({ at, key }) => `${table}/${record.id}${at}: ${key}`),
    ),
  );

/** Accounts that do not add up. */
export function unbalanced(bench: Bench): string[] {
  const isOff = ({ received, corrected, ...became }: Balance): boolean =>
    received + corrected !== Object.values(became).reduce((sum, n) => sum + n, 0);
  return [...bench.lots.keys()].filter((id) => Object.values(balanceOf(bench.ledger, id)).some(isOff));
}

/** What a small page with a place for one photo is begun with. */
export const smallPage = (some: Partial<Begun> = {}): Begun => ({
  format: { w: inches(8), h: inches(8), spread: false },
  design: 'framed-ground',
  mat: 0,
  photos: [{ photo: null, w: inches(4), h: inches(3) }],
  papers: {},
  ...some,
});
