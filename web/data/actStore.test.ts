import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { nanoid } from 'nanoid';
import { beforeEach, describe, expect, test } from 'vitest';
import { acceptPlan, changeKit, changeLot, decided, put, type Deciding } from '../../core/acts';
import { type Bench } from '../../core/stock/bench';
import { inches } from '../../core/ground/length';
import { stockOnHand } from '../../core/trimmer/onHand';
import { pageState } from '../../core/page/cutlist';
import { beginPage, changePage, makeCut, releasePage, tellPage } from '../../core/acts';
import { shelfOf } from '../../core/stock/bench';
import { cutsNow, planFor } from '../../core/acts/test/world';
import type { Draft, Lot } from '../../core/stock/things';
import { commitAct, keepDraft, redoAct, undoAct } from './actStore';
import { readBench, undoable } from './benchReader';
import { readBenchFile } from './file/benchFile';
import { contentsOf, EMPTY_FILE } from './file/contents';
import { actTables, StockDb } from './stockDb';
import { sweepPictures } from './sweepPictures';

const DAY = '2026-11-05';
const kit = { id: 'k', club: 'The Oddment Post', name: 'Moth Lantern', month: '2026-11', theme: ['moth'], list: '' };
const face = (id: string) => ({ id, name: id, pattern: 'moths' as const, colours: [{ hex: '#22314f', share: 1 }] });
const lot = (id: string, some: Partial<Lot> = {}): Lot => ({
  id,
  kit: 'k',
  kind: 'paper',
  name: id,
  measure: 'sheets',
  size: { w: inches(12), h: inches(12) },
  front: 'f',
  back: null,
  upright: false,
  note: '',
  line: 1,
  ...some,
});
const parcel: Deciding = () =>
  decided('took-parcel-in', 'Moth Lantern', {
    events: [
      { type: 'received', lot: 'moths', pieces: [1, 2, 3].map((n) => ({ id: `m${n}`, w: inches(12), h: inches(12) })) },
      { type: 'received', lot: 'dots', amounts: { '': 24 } },
    ],
    records: [
      put('kits', kit),
      put('faces', face('f')),
      put('lots', lot('moths')),
      put('lots', lot('dots', { kind: 'dots', measure: 'count', size: null, front: null })),
    ],
  });

let db: StockDb;
beforeEach(() => {
  db = new StockDb(`test-${nanoid()}`);
});
/** What is known, read as a window does that has just been opened. */
async function seen(of = db): Promise<Bench> {
  return (await of.transaction('r', actTables(of), () => readBench(of))).bench;
}
const anotherWindow = (): StockDb => new StockDb(db.name);

describe('acts', () => {
  test('an act is written whole, undone whole and done again whole', async () => {
    await commitAct(db, parcel, DAY);
    expect((await seen()).ledger.pieces.get('m1')?.where).toBe('here');
    expect((await undoAct(db, DAY)).value?.did.kind).toBe('took-parcel-in');
    expect((await seen()).ledger.pieces.size).toBe(0);
    expect(await db.of('lots').count()).toBe(0);
    expect(await undoable(db)).toMatchObject({ undo: null, redo: { kind: 'took-parcel-in' } });
    await redoAct(db, DAY);
    expect((await seen()).ledger.pieces.get('m1')?.where).toBe('here');
    expect(await db.of('lots').get('moths')).toEqual(lot('moths'));
    expect(await seen(anotherWindow())).toEqual(await seen());
  });

  test('a refused act leaves nothing behind', async () => {
    await commitAct(db, parcel, DAY);
    const before = await seen();
    const twice: Deciding = () =>
      decided('given', '', {
        events: [
          { type: 'recycled', piece: 'm1' },
          { type: 'given', piece: 'm1' },
        ],
        records: [put('lots', lot('moths', { note: 'never' }))],
      });
    expect(await commitAct(db, twice, DAY)).toMatchObject({ ok: false, error: { kind: 'ledger', name: 'moths' } });
    expect(await db.events.count()).toBe(2);
    expect(await seen()).toBe(before);
  });

  test('what is read after acts is what a new window reads', () =>
    fc.assert(
      fc.asyncProperty(fc.array(fc.nat({ max: 4 }), { maxLength: 12 }), async (steps) => {
        const own = new StockDb(`test-${nanoid()}`);
        await commitAct(own, parcel, DAY);
        for (const [n, step] of steps.entries()) {
          if (step === 0) await undoAct(own, DAY);
          else if (step === 1) await redoAct(own, DAY);
          else if (step === 2) await commitAct(own, changeKit('k', { name: `kit ${n}` }), DAY);
          else if (step === 3) await commitAct(own, changeLot('moths', { note: `note ${n}` }), DAY);
          else
            await commitAct(
              own,
              () => decided('given', '', { events: [{ type: 'given', lot: 'dots', amounts: { '': 1 } }] }),
              DAY,
            );
        }
        expect(await seen(own)).toEqual(await seen(new StockDb(own.name)));
      }),
      { numRuns: 15 },
    ));

  test('two changes of one record that cross each other both stand', async () => {
    await commitAct(db, parcel, DAY);
    await Promise.all([
      commitAct(db, changeLot('moths', { note: 'from one field' }), DAY),
      commitAct(db, changeLot('moths', { upright: true }), DAY),
    ]);
    expect((await seen()).lots.get('moths')).toMatchObject({ note: 'from one field', upright: true });
  });

  test('a second window is refused what the first has used, and sees what it wrote', async () => {
    await commitAct(db, parcel, DAY);
    const other = anotherWindow();
    await seen(other);
    const give: Deciding = () => decided('given', '', { events: [{ type: 'given', piece: 'm1' }] });
    expect((await commitAct(db, give, DAY)).ok).toBe(true);
    expect(await commitAct(other, give, DAY)).toMatchObject({
      error: { kind: 'ledger', error: { kind: 'piece-not-here' } },
    });
    expect((await seen(other)).ledger.pieces.get('m1')?.where).toBe('given');
  });

  test('an act holds what it changed, and no picture', async () => {
    await commitAct(db, parcel, DAY);
    await commitAct(db, changeLot('moths', { note: 'torn' }), DAY);
    const act = (await db.acts.toArray()).at(-1)!;
    expect(act.changes).toEqual([{ table: 'lots', key: 'moths', before: { note: '' }, after: { note: 'torn' } }]);
  });
});

describe('pictures', () => {
  const picture = { id: 'i', type: 'image/png', bytes: new Uint8Array([1, 2, 3]).buffer };
  const photo = { id: 'p', story: 's', name: 'moon', image: 'i', w: 6, h: 4, colours: [], added: DAY };
  const add: Deciding = () =>
    decided('added-photos', 'moon', {
      records: [put('stories', { id: 's', name: 'A night', date: '', place: '' }), put('photos', photo)],
    });

  test('stay as long as a record or an undo names them, and then are swept', async () => {
    await commitAct(db, add, DAY, [picture]);
    expect(await sweepPictures(db)).toBe(0);
    await undoAct(db, DAY);
    expect(await sweepPictures(db)).toBe(0);
    await redoAct(db, DAY);
    expect(await db.images.get('i')).toBeDefined();
    await undoAct(db, DAY);
    // Something new is done: the photo can no longer be brought back.
    await commitAct(db, parcel, DAY);
    expect(await sweepPictures(db)).toBe(1);
    expect(await db.images.count()).toBe(0);
  });

  test('of real pages are kept and swept as others are', async () => {
    const plan = { format: { w: 9, h: 9, spread: false }, title: 'told', date: '', place: '' };
    await commitAct(db, tellPage('page', { ...plan, picture: { image: 'i' } }, []), DAY, [picture]);
    await db.acts.clear();
    expect(await sweepPictures(db)).toBe(0);
    await commitAct(db, changePage('page', { picture: undefined }), DAY);
    await db.acts.clear();
    expect(await sweepPictures(db)).toBe(1);
  });

  test('of things in packs are kept and swept as others are', async () => {
    await commitAct(db, parcel, DAY);
    const outline = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 0, y: 1 },
    ];
    const items = [{ id: 'jar', name: 'jar', picture: { image: 'i', outline } }];
    await commitAct(db, changeLot('moths', { items }), DAY, [picture]);
    expect(await sweepPictures(db)).toBe(0);
    await commitAct(db, changeLot('moths', { items: [{ id: 'jar', name: 'jar' }] }), DAY);
    // Undo could bring it back.
    expect(await sweepPictures(db)).toBe(0);
    await db.acts.clear();
    expect(await sweepPictures(db)).toBe(1);
  });
});

describe('a list being typed', () => {
  const draft: Draft = { id: 'd', club: '', name: '', month: '2026-11', list: 'moths', here: {} };
  test('is kept at every stroke and is no act', async () => {
    expect(await keepDraft(db, draft, true)).toBe(true);
    expect(await keepDraft(db, { ...draft, list: 'moths 12x12' }, false)).toBe(true);
    expect((await seen()).drafts.get('d')?.list).toBe('moths 12x12');
    expect(await undoable(db)).toEqual({ undo: null, redo: null });
  });
  test('that another window put away is not written again', async () => {
    await keepDraft(db, draft, true);
    await db.of('drafts').delete('d');
    expect(await keepDraft(db, { ...draft, list: 'more' }, false)).toBe(false);
    expect(await db.of('drafts').count()).toBe(0);
  });

  test('of what is known, only the lists are another object while one is typed: nothing else is drawn anew', async () => {
    await commitAct(db, parcel, DAY);
    await keepDraft(db, draft, true);
    const before = await seen();
    await keepDraft(db, { ...draft, list: 'moths' }, false);
    const { drafts, ...rest } = await seen();
    expect(drafts.get(draft.id)?.list).toBe('moths');
    for (const [name, known] of Object.entries(rest)) expect(known, name).toBe(before[name as keyof Bench]);
  });
});

test('put away, undone and exported: the file reads back the same, whatever was done', async () => {
  await commitAct(db, parcel, DAY);
  await commitAct(
    db,
    beginPage('p', {
      format: { w: inches(8), h: inches(8), spread: false },
      design: 'framed-ground',
      mat: inches(1 / 8),
      photos: [{ photo: null, w: inches(4), h: inches(3) }],
      papers: {},
    }),
    DAY,
  );
  const told = async (): Promise<void> => {
    const bench = await seen();
    const read = readBenchFile(JSON.stringify({ ...EMPTY_FILE, ...contentsOf(bench) }));
    expect(read.error).toBeNull();
    const { kits, lots, pages, plans, events } = read.value!;
    expect({ kits, lots, pages, plans, events }).toEqual(
      (({ kits: k, lots: l, pages: p, plans: q, events: e }) => ({ kits: k, lots: l, pages: p, plans: q, events: e }))(
        contentsOf(bench),
      ),
    );
  };
  const bench = await seen();
  expect(stockOnHand(shelfOf(bench), 'p')).toHaveLength(3);
  await commitAct(db, acceptPlan(['p'], planFor(bench, [bench.pages.get('p')!])!), DAY);
  const [step] = cutsNow(await seen(), 'p');
  await commitAct(db, makeCut(step!), DAY);
  await told();
  expect(pageState((await seen()).pages.get('p')!, await seen())).toBe('planned');
  await commitAct(db, releasePage('p'), DAY);
  await told();
  for (let n = 0; n < 5; n++) {
    expect((await undoAct(db, DAY)).ok).toBe(true);
    await told();
  }
  expect((await seen()).kits.size).toBe(0);
});
