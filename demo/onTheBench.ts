// What lies on the demo's bench: pages in each state, made by the acts that the application does.
import { pagesInNone } from '../core/kit/album';
import { USUAL_TRIMMER, planCuts } from '../core/trimmer/cutting';
import { cutJobFor, cutListOf, cutSteps, isMade, notPlanned, plansFor, purposed } from '../core/page/cutlist';
import { pageLayout } from '../core/page/design';
import type { LedgerEvent } from '../core/stock/ledger';
import { inches } from '../core/ground/length';
import {
  acceptPlan,
  beginAlbum,
  beginPage,
  claimShareOut,
  clustersFor,
  doAct,
  gluePage,
  layOn,
  makeCut,
  smallGifts,
  type Deciding,
} from '../core/acts';
import { shelfOf, type Bench } from '../core/stock/bench';
import { layingsOf } from '../core/page/placing';
import { shareJobFor, type SharingPage } from '../core/kit/sharing';
import { shareOut, type SharePlan, type Solver } from '../core/kit/shareout';
import { stockOnHand } from '../core/trimmer/onHand';
import type { Page } from '../core/stock/things';
import { OPEN, SHARED, type OpenPage } from './scenario';

const MAT = inches(1 / 8);
const WORK = 60_000;
const FORMAT = { w: inches(12), h: inches(12), spread: false };

/** A bench that acts are done on, one after another; what cannot be done is a fault of the scenario. */
class Desk {
  readonly entries: LedgerEvent[] = [];
  private n = 0;
  constructor(public bench: Bench) {}

  do(deciding: Deciding, day: string): void {
    const now = { day, newId: () => `d${String(++this.n).padStart(4, '0')}` };
    const act = deciding(this.bench, now);
    const done = act.ok ? doAct(this.bench, act.value, now) : act;
    if (!done.ok) throw new Error(JSON.stringify(done.error));
    this.bench = done.value.bench;
    this.entries.push(...done.value.entries);
  }

  begin({ id, kit, title, design, photos, papers, place, date }: OpenPage, day: string): void {
    const own = [...this.bench.lots.values()]
      .filter((lot) => lot.kit === kit)
      .flatMap(({ front, back }) => [front, back]);
    const faces = [...this.bench.faces.values()].filter((face) => own.includes(face.id));
    const chosen = Object.entries(papers).map(([slot, name]) => {
      const face = faces.find((one) => one.name === name);
      if (!face) throw new Error(`no face is called ${name}`);
      return [slot, face.id] as const;
    });
    const places = photos.map((photo) => {
      if (photo === null) return { photo, w: inches(4), h: inches(3) };
      const { w, h } = this.photo(photo);
      return { photo, w, h };
    });
    const fields = { format: FORMAT, design, mat: MAT, photos: places, papers: Object.fromEntries(chosen) };
    this.do(beginPage(id, { ...fields, title, place, date }), day);
  }

  private photo(id: string) {
    const photo = this.bench.photos.get(id);
    if (!photo) throw new Error(`no photo is called ${id}`);
    return photo;
  }

  page(id: string): Page {
    const page = this.bench.pages.get(id);
    if (!page) throw new Error(`no page is called ${id}`);
    return page;
  }

  laidOut(id: string): SharingPage {
    const page = this.page(id);
    const layout = pageLayout(page);
    if (!layout.ok) throw new Error(`${id}: ${layout.error.kind}`);
    const colours = page.photos.flatMap(({ photo }) => (photo === null ? [] : this.photo(photo).colours));
    return { page, layout: layout.value, colours };
  }

  /** Takes out what one page is cut from. */
  plan(id: string, day: string): void {
    const { page, layout } = this.laidOut(id);
    const list = notPlanned(cutListOf(layout, page), this.bench.ledger, this.bench.plans, id);
    const plan = planCuts(cutJobFor(list, stockOnHand(shelfOf(this.bench), id), USUAL_TRIMMER), WORK);
    if (plan.notCut.length > 0) throw new Error(`${id}: ${JSON.stringify(plan.notCut)}`);
    this.do(acceptPlan([id], purposed(plan, list).sheets), day);
  }

  /** Makes the next cuts for a page, at most so many. */
  cut(id: string, most: number, day: string): void {
    for (let n = 0; n < most; n++) {
      const { ledger, plans } = this.bench;
      const steps = plansFor(plans, id, ledger).flatMap(({ sheets }) => cutSteps(sheets, ledger));
      const next = steps.find((step) => !isMade(step, ledger));
      if (!next) return;
      this.do(makeCut(next), day);
    }
  }

  /** Lays the first cluster that is proposed at each place. */
  lay(id: string, places: number, day: string): void {
    for (let place = 0; place < places; place++) {
      const { page, layout } = this.laidOut(id);
      const [cluster] = clustersFor(page, layout, place, this.bench).clusters;
      if (cluster) this.do(layOn(id, layingsOf(cluster.things)), day);
    }
  }

  /** Shares a kit out over pages and claims what it gives. */
  share(ids: readonly string[], kit: string, solver: Solver, day: string): void {
    const pages = ids.map((id) => this.laidOut(id));
    const { bench } = this;
    const stock = stockOnHand(shelfOf(bench), null).filter(
      ({ id }) => bench.lots.get(bench.ledger.pieces.get(id)?.lot ?? '')?.kit === kit,
    );
    const job = shareJobFor(pages, stock, [...bench.faces.values()], USUAL_TRIMMER);
    let plan: SharePlan | null = null;
    for (const progress of shareOut(job, solver)) plan = progress.plan;
    if (plan?.stats.complete !== pages.length) throw new Error('the kit is too small for its share-out');
    const { gifts, laid } = smallGifts(pages, bench, new Set([kit]));
    this.do(claimShareOut({ plan, pages, kits: [kit], gifts, laid }), day);
  }

  /** An album of what is glued, with a title page before it and places kept for what is not made yet. */
  gather(day: string): void {
    const { w, h } = FORMAT;
    const glued = pagesInNone({ w, h }, this.bench);
    const open = [...this.bench.pages.values()].filter((page) => page.glued === null);
    const places = [
      { id: 'leaf-title', title: 'The year in oddments' },
      ...glued.map(({ id }) => ({ id: `leaf-${id}`, page: id })),
      ...open.slice(0, 2).map(({ id, title }) => ({ id: `leaf-${id}`, gap: title })),
    ];
    this.do(beginAlbum({ id: 'album', name: 'Oddments', size: { w, h }, startsOn: 'right', places }), day);
  }
}

/**
 * The bench a few days after the newest kit came: one page waits for a photo, two share the kit and one of them is half
 * cut, one is cut with its clusters laid out, one is glued and waits for its words.
 */
export function onTheBench(bench: Bench, solver: Solver): { bench: Bench; entries: readonly LedgerEvent[] } {
  const desk = new Desk(bench);
  for (const { page, day, isGlued } of OPEN) {
    desk.begin(page, day);
    if (isGlued === null) continue;
    desk.plan(page.id, day);
    desk.cut(page.id, Infinity, day);
    desk.lay(page.id, 3, day);
    if (isGlued) desk.do(gluePage(page.id, []), day);
  }
  for (const page of SHARED.pages) desk.begin(page, SHARED.day);
  const ids = SHARED.pages.map(({ id }) => id);
  desk.share(ids, SHARED.kit, solver, SHARED.day);
  desk.cut(ids[0] ?? '', SHARED.cuts, SHARED.day);
  desk.gather(SHARED.day);
  return { bench: desk.bench, entries: desk.entries };
}
