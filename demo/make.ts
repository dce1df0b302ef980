// Makes demo/bench.json: the scenario played through the same computing that the application uses.
import { writeFileSync } from 'node:fs';
import loadHighs from 'highs';
import jpeg from 'jpeg-js';
import { mainColours } from '../core/ground/colour';
import { USUAL_TRIMMER, planCuts } from '../core/trimmer/cutting';
import { emptyLedger, fold, type Ledger, type LedgerEvent } from '../core/stock/ledger';
import { inches, parseSize } from '../core/ground/length';
import { entriesOf, readItems, readList, receiptOf, unpack } from '../core/stock/listing';
import { cutEvent } from '../core/acts';
import { EMPTY_BENCH, TABLES, type Bench } from '../core/stock/bench';
import { solverFrom, type Solver } from '../core/kit/shareout';
import { cutJobFor, cutListOf, cutSteps, idOfPiece, purposed } from '../core/page/cutlist';
import { designOf, keptFromClusters, layOut, type Layout } from '../core/page/design';
import { freePlace, laidOf, looksOf, roundPhotos, type Candidate } from '../core/page/placing';
import { stockOnHand } from '../core/trimmer/onHand';
import { FILE_VERSION } from '../web/data/file/contents';
import type { Face, Kit, Lot, Page, Photo, Placed } from '../core/stock/things';
import { onTheBench } from './onTheBench';
import { paintPictures } from './pictures';
import { CLUB, KITS, PAGES, STORIES, type DemoKit, type DemoPage } from './scenario';
import { nth } from '../core/ground/nth';
import { known } from '../core/ground/known';

const MAT = inches(1 / 8);
const WORK = 60_000;

class Scene {
  readonly kits: Kit[] = [];
  readonly faces: Face[] = [];
  readonly lots: Lot[] = [];
  readonly photos: Photo[] = [];
  readonly images: { id: string; type: string; data: string }[] = [];
  readonly pages: Page[] = [];
  readonly events: LedgerEvent[] = [];
  ledger: Ledger = emptyLedger;
  private count = 0;

  happen(event: object, day: string): void {
    const entry = { ...event, id: `e${String(++this.count).padStart(4, '0')}`, day } as LedgerEvent;
    const next = fold([entry], this.ledger);
    if (!next.ok) throw new Error(`${entry.type}: ${JSON.stringify(next.error)}`);
    this.events.push(entry);
    this.ledger = next.value;
  }

  private id(prefix: string): () => string {
    let n = 0;
    return () => `${prefix}-${++n}`;
  }

  receive({ id, name, month, came, theme, list, missing, named = {} }: DemoKit): void {
    this.kits.push({ id, club: CLUB, name, month, theme: [...theme], list });
    const newId = this.id(id);
    const own: Face[] = [];
    for (const { line, item, doubts } of entriesOf(readList(list))) {
      if (doubts.length > 0) throw new Error(`${id}: ${JSON.stringify(doubts)}`);
      const {
        lots: [lot],
        faces,
      } = unpack(item, line + 1, id, own, newId);
      own.push(...faces);
      if (!lot) throw new Error(`${id}: nothing in ${item.name}`);
      this.lots.push(lot);
      const gone = missing[item.name] ?? 0;
      this.happen({ type: 'received', lot: lot.id, ...receiptOf(item, item.count - gone, newId) }, came);
      if (gone > 0) this.happen({ type: 'owed', lot: lot.id, amounts: { '': gone } }, came);
    }
    this.faces.push(...own);
    for (const [pack, text] of Object.entries(named)) this.tellApart(id, pack, text, came);
  }

  /** As the act does it: so many of what was mixed are these. */
  private tellApart(kit: string, pack: string, text: string, day: string): void {
    const lot = this.lotNamed(pack, kit);
    const told = readItems(text);
    if (told.unread.length > 0) throw new Error(`${pack}: ${told.unread.join(', ')}`);
    const items = told.items.map(({ count: _, ...item }, i) => ({ ...item, id: `${lot.id}-${i + 1}` }));
    this.lots[this.lots.indexOf(lot)] = { ...lot, items };
    const change = Object.fromEntries(told.items.map(({ count }, i) => [`${lot.id}-${i + 1}`, count]));
    const total = told.items.reduce((sum, { count }) => sum + count, 0);
    this.happen({ type: 'counted', lot: lot.id, change: { '': -total, ...change }, reason: 'told apart' }, day);
  }

  /** Clusters round the photos from the page's kits, and what else was counted out for it, as they would be laid. */
  private embellish(
    page: Page,
    layout: Layout,
    counted: Readonly<Record<string, number>>,
    day: string,
  ): readonly Placed[] {
    const things = {
      lots: new Map(this.lots.map((lot) => [lot.id, lot])),
      faces: new Map(this.faces.map((face) => [face.id, face])),
      ledger: this.ledger,
    };
    const kits = new Set(
      this.lots
        .filter(({ front, back }) => Object.values(page.papers).some((face) => face === front || face === back))
        .map(({ kit }) => kit),
    );
    const left = new Map<string, number>();
    for (const [name, count] of Object.entries(counted)) left.set(`${this.lotNamed(name).id}/`, count);
    for (const lot of this.lots)
      if (kits.has(lot.kit) && lot.items)
        for (const { id } of lot.items) left.set(`${lot.id}/${id}`, this.ledger.lots.get(lot.id)?.here[id] ?? 0);
    const photos = page.photos.map(({ photo }) => this.photos.find(({ id }) => id === photo) ?? null);
    const candidates = [...left].flatMap(([key, count]): Candidate[] => {
      const [lot = '', part = ''] = key.split('/');
      const looks = looksOf({ lot, part }, things);
      return count > 0 && looks?.kind === 'small'
        ? [{ what: { lot, part }, thing: looks.thing, left: count, isOut: false }]
        : [];
    });
    const { laid } = roundPhotos(candidates, layout.accents, {
      page: layout.size,
      colours: photos.flatMap((photo) => photo?.colours ?? []),
      words: [],
      keep: keptFromClusters(layout, photos, { title: true, journaling: true }),
    });
    const placed = laid.map((one, i): Placed => ({ ...one, id: `${page.id}-on-${i + 1}` }));
    // What else was counted out for it lies there one by one.
    for (const [name, count] of Object.entries(counted)) {
      const { id: lot } = this.lotNamed(name);
      while ((laidOf({ placed }, lot)[''] ?? 0) < count)
        placed.push({
          id: `${page.id}-on-${placed.length + 1}`,
          what: { lot, part: '' },
          ...freePlace(layout.accents, placed),
          turn: 0,
        });
    }
    for (const lot of new Set(placed.flatMap(({ what }) => ('lot' in what ? [what.lot] : []))))
      for (const type of ['claimed', 'used'])
        this.happen({ type, lot, amounts: laidOf({ placed }, lot), page: page.id }, day);
    return placed;
  }

  develop(): void {
    for (const { id, story, name, size, jpeg: bytes } of paintPictures()) {
      const { w, h } = parseSize(size).value!;
      this.images.push({ id: `image-${id}`, type: 'image/jpeg', data: bytes.toString('base64') });
      this.photos.push({
        id,
        story,
        name,
        image: `image-${id}`,
        w,
        h,
        colours: mainColours(jpeg.decode(bytes).data),
        added: '2026-11-04',
      });
    }
  }

  make({ title, design, spread = false, photos, papers, day, journaling, counted = {} }: DemoPage, n: number): void {
    const id = `page-${n + 1}`;
    const places = photos.map((photo) => {
      const { w, h } = known(this.photos, (p) => p.id === photo);
      return { photo, w, h };
    });
    const format = { w: inches(12), h: inches(12), spread };
    const layout = layOut(designOf(design)!, { format, photos: places, mat: MAT }).value!;
    const before = this.lots.filter((lot) => this.kits.some((kit) => kit.id === lot.kit));
    const chosen = Object.fromEntries(Object.entries(papers).map(([slot, name]) => [slot, this.faceNamed(name)]));
    const shelf = {
      ledger: this.ledger,
      lots: new Map(before.map((lot) => [lot.id, lot])),
      kits: new Map(this.kits.map((kit) => [kit.id, kit])),
    };
    const list = cutListOf(layout, { id, papers: chosen });
    const plan = purposed(planCuts(cutJobFor(list, stockOnHand(shelf, null), USUAL_TRIMMER), WORK), list);
    if (plan.notCut.length > 0) throw new Error(`${title}: ${JSON.stringify(plan.notCut)}`);
    // A sheet used as it is goes to the page at once, the others are cut for its plan.
    for (const { stock, cuts, pieces } of plan.sheets) {
      const whole = cuts.length === 0 ? nth(pieces, 0) : null;
      const page = whole ? id : `plan-${n + 1}`;
      this.happen({ type: 'claimed', piece: stock, page, slot: whole?.slot ?? null }, day);
    }
    for (const step of cutSteps(plan.sheets, this.ledger)) this.happen(cutEvent(step, this.ledger), day);
    for (const sheet of plan.sheets)
      for (const piece of sheet.pieces)
        this.happen({ type: 'used', piece: idOfPiece(sheet, piece), page: id, slot: piece.slot }, day);
    const story = known(STORIES, (s) => s.id === known(this.photos, (p) => p.id === photos[0]).story);
    const page: Page = {
      id,
      format,
      design,
      mat: MAT,
      photos: places,
      papers: chosen,
      title,
      date: story.date,
      place: story.place,
      journaling,
      started: day,
      glued: day,
      finished: day,
    };
    const placed = this.embellish(page, layout, counted, day);
    this.pages.push(placed.length > 0 ? { ...page, placed } : page);
  }

  /** The newest of that name. @param kit of which it is; absent: of any */
  private lotNamed(name: string, kit?: string): Lot {
    const lot = this.lots.findLast((one) => one.name === name && (kit === undefined || one.kit === kit));
    if (!lot) throw new Error(`nothing is called ${name}`);
    return lot;
  }

  private faceNamed(name: string): string {
    const face = this.faces.findLast((f) => f.name === name);
    if (!face) throw new Error(`no face is called ${name}`);
    return face.id;
  }

  /** All that was written down, as a bench. */
  bench(): Bench {
    const byId = <T extends { id: string }>(list: readonly T[]): Map<string, T> =>
      new Map(list.map((one) => [one.id, one]));
    return {
      ...EMPTY_BENCH,
      kits: byId(this.kits),
      faces: byId(this.faces),
      lots: byId(this.lots),
      stories: byId(STORIES),
      photos: byId(this.photos),
      pages: byId(this.pages),
      ledger: this.ledger,
    };
  }
}

const sorted = <T extends { readonly id: string }>(list: Iterable<T>): T[] =>
  [...list].sort((a, b) => (a.id < b.id ? -1 : 1));

const textOf = (bench: Bench, events: readonly LedgerEvent[], pictures: Scene['images']): string =>
  `${JSON.stringify(
    {
      format: 'nubbin-bench',
      version: FILE_VERSION,
      ...Object.fromEntries(TABLES.map((table) => [table, sorted<{ readonly id: string }>(bench[table].values())])),
      events,
      pictures: sorted(pictures),
    },
    null,
    1,
  )}\n`;

/**
 * The demo bench as a file's text; the same every time.
 * @param solver null: without the pages in hand, the newest kit as it came
 */
export function makeDemo(solver: Solver | null): string {
  const scene = new Scene();
  scene.develop();
  const things = [
    ...KITS.map((kit) => ({ day: kit.came, play: () => scene.receive(kit) })),
    ...PAGES.map((page, n) => ({ day: page.day, play: () => scene.make(page, n) })),
  ];
  for (const { play } of things.sort((a, b) => a.day.localeCompare(b.day))) play();
  const past = scene.bench();
  if (!solver) return textOf(past, scene.events, scene.images);
  const { bench, entries } = onTheBench(past, solver);
  return textOf(bench, [...scene.events, ...entries], scene.images);
}

if (process.argv[1] === import.meta.filename) {
  const text = makeDemo(solverFrom(await loadHighs()));
  writeFileSync(new URL('./bench.json', import.meta.url), text);
  console.log(`demo/bench.json: ${Math.round(text.length / 1024)} KB`);
}
