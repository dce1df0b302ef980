import { describe, expect, test } from 'vitest';
import { cutListOf, openListOf, pageState, stillWanted } from '../../page/cutlist';
import { pageLayout } from '../../page/design';
import { piecesFor } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { Page } from '../../stock/things';
import {
  acceptPlan,
  anotherPaper,
  anotherVersion,
  beginPage,
  changePage,
  changePhoto,
  copyPage,
  dropNote,
  dropPage,
  earlier,
  fillPlace,
  paperInstead,
  printTo,
  gluePage,
  keepNote,
  layOn,
  makeCut,
  markNote,
  noteHandCut,
  notesForNext,
  joinLots,
  pagesToShare,
  peelOff,
  putOnPage,
  takeOut,
  takeVersion,
  tellPage,
  versionsOf,
} from '..';
import { cutsNow, planFor, smallPage, unbalanced, unpackedWorld, type World } from '../test/world';

const MAT = inches(1 / 8);
const pageOf = (world: World, id = 'p'): Page => world.bench.pages.get(id)!;
const piecesOf = (world: World, id = 'p') => piecesFor(world.bench.ledger, id);

/** A page with its papers chosen: ink beneath, lamp in the middle, blush under the photo. */
function begun(some: Parameters<typeof smallPage>[0] = {}): World {
  const world = unpackedWorld();
  const papers = { frame: 'ink', ground: 'lamp', mat: 'blush' };
  world.do(beginPage('p', smallPage({ mat: MAT, papers, title: 'Dusk', ...some })));
  return world;
}

function allCut(world: World, id = 'p'): World {
  const sheets = planFor(world.bench, [pageOf(world, id)])!;
  world.do(acceptPlan([id], sheets));
  for (let [step] = cutsNow(world.bench, id); step; [step] = cutsNow(world.bench, id)) world.do(makeCut(step));
  return world;
}

describe('a page changed after it is cut', () => {
  test('another mat: the old one goes back with its size, and the new one is to be cut', () => {
    const world = allCut(begun());
    expect(pageState(pageOf(world), world.bench)).toBe('cut');
    const old = piecesOf(world).find(({ slot }) => slot === 'mat')!;
    expect(world.do(changePage('p', { mat: 2 * MAT }, 'Changed the mats'))).toBe(true);
    expect(world.acts.at(-1)!.act.did).toMatchObject({ kind: 'changed-cut-page', count: 1 });
    expect(world.bench.ledger.pieces.get(old.id)).toMatchObject({ where: 'here', w: old.w, h: old.h });
    expect(openListOf(pageOf(world), world.bench)!.map(({ slot, count }) => [slot, count])).toEqual([['mat', 1]]);
    expect(world.undo()).toBe(true);
    expect(pageState(pageOf(world), world.bench)).toBe('cut');
  });

  test('another paper for one layer: only that one is cut again', () => {
    const photos = [1, 2].map(() => ({ photo: null, w: inches(2), h: inches(3) }));
    const world = allCut(begun({ photos }));
    world.do(anotherPaper('p', 'mat-2', 'ink', 'Ink for the second'));
    const [open, ...others] = openListOf(pageOf(world), world.bench)!;
    expect(others).toEqual([]);
    expect(open).toMatchObject({ slot: 'own mat-2', face: 'ink', count: 1 });
    expect(piecesOf(world).filter(({ slot }) => slot === 'mat')).toHaveLength(1);
  });

  test('another paper for all of a slot: what was cut of the old one goes back, unless its other side shows that', () => {
    const world = begun();
    const page = pageOf(world);
    const mat = cutListOf(pageLayout(page).value!, page).find(({ slot }) => slot === 'mat')!;
    // Blush in front, ink behind.
    world.do(noteHandCut('p', mat, 'blushes-1', { x: 0, y: 0 }));
    const [piece] = piecesOf(world);
    world.do(changePage('p', ({ papers }) => ({ papers: { ...papers, mat: 'ink' } })));
    expect(piecesOf(world)).toEqual([piece]);
    world.do(changePage('p', ({ papers }) => ({ papers: { ...papers, mat: 'lamp' } })));
    expect(piecesOf(world)).toEqual([]);
    expect(world.bench.ledger.pieces.get(piece!.id)).toMatchObject({ where: 'here' });
  });

  test('half cut: what is planned and no longer fits leaves the plan', () => {
    const world = begun();
    world.do(acceptPlan(['p'], planFor(world.bench, [pageOf(world)])!));
    world.do(changePage('p', { without: ['mat-1'] }));
    const planned = [...world.bench.plans.values()].flatMap(({ sheets }) => sheets.flatMap(({ pieces }) => pieces));
    expect(planned.some(({ slot }) => slot === 'mat')).toBe(false);
    for (let [step] = cutsNow(world.bench, 'p'); step; [step] = cutsNow(world.bench, 'p')) world.do(makeCut(step));
    expect(pageState(pageOf(world), world.bench)).toBe('cut');
  });

  test('what was glued already stays, whatever is chosen since', () => {
    const world = allCut(begun());
    const mat = piecesOf(world).find(({ slot }) => slot === 'mat')!;
    world.do(putOnPage('p', [{ piece: mat.id }]));
    world.do(changePage('p', { mat: 2 * MAT }));
    expect(world.bench.ledger.pieces.get(mat.id)).toMatchObject({ where: 'used', page: 'p' });
  });

  test('a photo printed at another size: what was cut for the old print goes back', () => {
    const world = begun();
    const photo = {
      id: 'ph',
      story: 's',
      name: 'kiln',
      image: 'i',
      w: inches(4),
      h: inches(3),
      colours: [],
      added: '2026-11-01',
    };
    world.bench = {
      ...world.bench,
      stories: new Map([['s', { id: 's', name: 'firing', date: '', place: '' }]]),
      photos: new Map([['ph', photo]]),
    };
    world.do(changePage('p', { photos: [{ photo: 'ph', w: inches(4), h: inches(3) }] }));
    allCut(world);
    world.do(changePhoto('ph', { w: inches(3), h: inches(3) }));
    expect(pageOf(world).photos[0]).toMatchObject({ w: inches(3), h: inches(3) });
    expect(piecesOf(world).some(({ slot }) => slot === 'mat')).toBe(false);
  });
});

describe('places for photos', () => {
  const photo = {
    id: 'ph',
    story: 's',
    name: 'kiln',
    image: 'i',
    w: inches(6),
    h: inches(4),
    colours: [],
    added: '2026-11-01',
  };
  const withPhoto = (some: Partial<typeof photo> & { isPrinted?: boolean } = {}): World => {
    const world = begun({
      photos: [
        { photo: null, w: inches(3.25), h: inches(4.75) },
        { photo: null, w: inches(2), h: inches(2) },
      ],
    });
    const stories = new Map([['s', { id: 's', name: 'firing', date: '', place: '' }]]);
    world.bench = { ...world.bench, stories, photos: new Map([['ph', { ...photo, ...some }]]) };
    return world;
  };

  test('a photo taken later is printed to its place, or lays the page anew', () => {
    const world = withPhoto();
    world.do(fillPlace('p', 0, 'ph', true));
    expect(world.bench.photos.get('ph')).toMatchObject({ w: inches(3.25), h: inches(4.75) });
    expect(pageOf(world).photos[0]).toMatchObject({ photo: 'ph', w: inches(3.25), h: inches(4.75) });
    world.undo();
    expect(world.bench.photos.get('ph')).toEqual(photo);
    world.do(fillPlace('p', 0, 'ph', false));
    expect(pageOf(world).photos[0]).toMatchObject({ photo: 'ph', w: inches(6), h: inches(4) });
  });

  test('one that is printed stays as it is printed', () => {
    const world = withPhoto({ isPrinted: true });
    world.do(fillPlace('p', 0, 'ph', true));
    expect(pageOf(world).photos[0]).toMatchObject({ photo: 'ph', w: inches(6), h: inches(4) });
  });

  test('one made smaller so that all find room is smaller as a photo, too; one act, undone in one', () => {
    const world = withPhoto({ isPrinted: true });
    world.do(fillPlace('p', 0, 'ph', false));
    const before = pageOf(world).photos;
    const smaller = before.map((place, i) => (i === 0 ? { ...place, w: inches(4), h: inches(3) } : place));
    world.do(printTo('p', smaller));
    expect(pageOf(world).photos).toEqual(smaller);
    expect(world.bench.photos.get('ph')).toMatchObject({ w: inches(4), h: inches(3) });
    world.undo();
    expect(pageOf(world).photos).toEqual(before);
    expect(world.bench.photos.get('ph')).toMatchObject({ w: inches(6), h: inches(4) });
  });

  test('pieces that lack their paper take another, the others of their slot keep theirs', () => {
    const world = begun({ papers: { ground: 'blush', mat: 'lamp' } });
    const mats = () => pageLayout(pageOf(world)).value!.layers.filter(({ role }) => role === 'mat');
    const [first] = mats();
    world.do(paperInstead('p', { slot: 'mat', w: first!.w, h: first!.h }, 1, 'ink'));
    const last = mats().at(-1)!;
    expect(pageOf(world).papers[last.slot!]).toBe('ink');
    if (mats().length > 1) expect(pageOf(world).papers[mats()[0]!.slot!]).toBe('lamp');
    world.undo();
    expect(pageOf(world).papers).toEqual({ ground: 'blush', mat: 'lamp' });
  });

  test('two change places', () => {
    const world = withPhoto();
    world.do(earlier('p', 1));
    expect(pageOf(world).photos.map(({ w }) => w)).toEqual([inches(2), inches(3.25)]);
    world.do(earlier('p', 0));
    expect(pageOf(world).photos.map(({ w }) => w)).toEqual([inches(2), inches(3.25)]);
  });
});

describe('a piece cut by hand', () => {
  const wantedMat = (world: World) => {
    const page = pageOf(world);
    const list = stillWanted(cutListOf(pageLayout(page).value!, page), world.bench.ledger, 'p');
    return list.find(({ slot }) => slot === 'mat')!;
  };

  test('is noted in one step: of which paper, and where; the rest stays with its sizes', () => {
    const world = begun();
    const mat = wantedMat(world);
    expect(world.do(noteHandCut('p', mat, 'blushes-1', { x: inches(12) - mat.w, y: 0 }))).toBe(true);
    expect(wantedMat(world)).toBeUndefined();
    expect(unbalanced(world.bench)).toEqual([]);
    const rest = [...world.bench.ledger.pieces.values()].filter(
      ({ from, where }) => from === 'blushes-1' && where === 'here',
    );
    expect(rest.length).toBeGreaterThan(0);
    // The rest of the page is planned round it.
    allCut(world);
    expect(pageState(pageOf(world), world.bench)).toBe('cut');
  });

  test('of another paper than chosen: the page takes that paper', () => {
    const world = begun();
    world.do(noteHandCut('p', wantedMat(world), 'inks-1', { x: 0, y: 0 }));
    expect(pageOf(world).papers['mat']).toBe('ink');
  });

  test('while it is planned: the plan asks for it no longer', () => {
    const world = begun();
    world.do(acceptPlan(['p'], planFor(world.bench, [pageOf(world)])!));
    const free = [...world.bench.ledger.pieces.values()].find(({ where, w }) => where === 'here' && w === inches(12))!;
    expect(world.do(noteHandCut('p', wantedMat(world), free.id, { x: 0, y: 0 }))).toBe(true);
    const planned = [...world.bench.plans.values()].flatMap(({ sheets }) => sheets.flatMap(({ pieces }) => pieces));
    expect(planned.some(({ slot }) => slot === 'mat')).toBe(false);
  });

  test('not off the paper, not of what is promised, not twice', () => {
    const world = begun();
    const mat = wantedMat(world);
    expect(world.do(noteHandCut('p', mat, 'blushes-1', { x: inches(10), y: 0 }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'off-the-paper' });
    world.do(noteHandCut('p', mat, 'blushes-1', { x: 0, y: 0 }));
    expect(world.do(noteHandCut('p', mat, 'blushes-2', { x: 0, y: 0 }))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'changed-since' });
  });

  test('a paper of just its size is taken as it is', () => {
    const world = begun();
    const [frame] = stillWanted(cutListOf(pageLayout(pageOf(world)).value!, pageOf(world)), world.bench.ledger, 'p');
    world.do(noteHandCut('p', frame!, 'inks-1', { x: 0, y: 0 }));
    const again = [...world.bench.ledger.pieces.values()].find(({ from }) => from === 'inks-1')!;
    expect(again).toMatchObject({ where: 'claimed', slot: 'frame' });
    world.do(changePage('p', { without: ['frame-1'] }));
    world.do(changePage('p', { without: [] }));
    expect(world.do(noteHandCut('p', frame!, again.id, { x: 0, y: 0 }))).toBe(true);
    expect(world.bench.ledger.pieces.get(again.id)).toMatchObject({ where: 'claimed', slot: 'frame' });
  });
});

describe('a layer peeled off', () => {
  test.each([
    ['back', 'here'],
    ['lost', 'recycled'],
  ] as const)('%s: the page is without it from then on', (how, where) => {
    const world = allCut(begun());
    world.do(gluePage('p', []));
    const mat = piecesOf(world).find(({ slot }) => slot === 'mat')!;
    expect(world.do(peelOff('p', 'mat-1', how))).toBe(true);
    expect(world.bench.ledger.pieces.get(mat.id)).toMatchObject({ where });
    expect(pageLayout(pageOf(world)).value!.layers.some(({ id }) => id === 'mat-1')).toBe(false);
    expect(world.do(peelOff('p', 'mat-1', how))).toBe(false);
    expect(world.undo()).toBe(true);
    expect(world.bench.ledger.pieces.get(mat.id)).toMatchObject({ where: 'used' });
  });
});

describe('versions of a page', () => {
  test('one is taken, the others go; what was begun of another is not lost', () => {
    const world = begun();
    world.do(anotherVersion('p', 'q'));
    expect(pageOf(world, 'q')).toMatchObject({ title: 'Dusk', versionOf: 'p', papers: {} });
    expect(versionsOf(pageOf(world, 'q'), world.bench).map(({ id }) => id)).toEqual(['p', 'q']);
    world.do(takeOut({ pieces: ['inks-1'], lots: [] }, 'p'));
    expect(world.do(takeVersion('q'))).toBe(false);
    expect(world.refused.at(-1)).toMatchObject({ kind: 'in-use', name: 'Dusk' });
    world.undo();
    expect(world.do(takeVersion('q'))).toBe(true);
    expect([...world.bench.pages.keys()]).toEqual(['q']);
    expect(versionsOf(pageOf(world, 'q'), world.bench)).toHaveLength(1);
  });

  test('another page of the same plan has places for its photos', () => {
    const world = allCut(begun());
    world.do(layOn('p', [{ what: { lot: 'dots', part: '' }, x: 0, y: 0, turn: 0 }]));
    world.do(copyPage('p', 'q'));
    expect(pageOf(world, 'q')).toMatchObject({ title: '', photos: [{ photo: null, w: inches(4), h: inches(3) }] });
    expect(pageOf(world, 'q').placed).toBeUndefined();
    expect(pageState(pageOf(world, 'q'), world.bench)).toBe('idea');
  });
});

describe('what a share-out is for', () => {
  test('ideas of which nothing is cut, each of them once; the others are planned from Cuts', () => {
    const world = begun();
    world.do(beginPage('q', smallPage({ papers: { frame: 'ink', ground: 'lamp', mat: 'blush' }, mat: MAT })));
    world.do(beginPage('empty', smallPage({ photos: [] })));
    world.do(anotherVersion('p', 'v'));
    const ids = () => {
      const { open, begun: cut } = pagesToShare(world.bench);
      return [open.map(({ id }) => id), cut.map(({ id }) => id)];
    };
    expect(ids()).toEqual([['p', 'q'], []]);
    const page = pageOf(world, 'q');
    const mat = cutListOf(pageLayout(page).value!, page).find(({ slot }) => slot === 'mat')!;
    world.do(noteHandCut('q', mat, 'blushes-1', { x: 0, y: 0 }));
    expect(ids()).toEqual([['p'], ['q']]);
  });
});

describe('a page told afterwards', () => {
  const told = {
    format: smallPage().format,
    title: 'The peal',
    date: '2025-10-04',
    place: '',
    picture: { image: 'i' },
  };

  test('is done, and what went in is used up: amounts, a part of a paper, a whole one', () => {
    const world = unpackedWorld();
    const part = { piece: 'inks-1', size: { w: inches(4), h: inches(12) } };
    expect(world.do(tellPage('p', told, [{ lot: 'dots', amounts: { '': 5 } }, part, { piece: 'lamps-2' }]))).toBe(true);
    expect(pageState(pageOf(world), world.bench)).toBe('done');
    expect(world.bench.ledger.lots.get('dots')!.used).toEqual({ p: { '': 5 } });
    expect(piecesOf(world).map(({ where, w, h }) => [where, w / inches(1), h / inches(1)])).toEqual(
      expect.arrayContaining([
        ['used', 4, 12],
        ['used', 12, 12],
      ]),
    );
    expect(unbalanced(world.bench)).toEqual([]);
    world.undo();
    expect(world.bench.pages.size).toBe(0);
    expect(world.bench.ledger.pieces.get('inks-1')).toMatchObject({ where: 'here' });
  });

  test('told wrongly it is dropped, and all that went in is there again', () => {
    const world = unpackedWorld();
    const part = { piece: 'inks-1', size: { w: inches(4), h: inches(12) } };
    world.do(tellPage('p', told, [{ lot: 'dots', amounts: { '': 5 } }, part]));
    expect(world.do(dropPage('p'))).toBe(true);
    expect(world.bench.pages.size).toBe(0);
    expect(world.bench.ledger.lots.get('dots')!.here).toEqual({ '': 24 });
    const parts = [...world.bench.ledger.pieces.values()].filter(({ from }) => from === 'inks-1');
    expect(parts.every(({ where }) => where === 'here')).toBe(true);
    expect(unbalanced(world.bench)).toEqual([]);
  });

  test('with more of something than there is nothing is told', () => {
    const world = unpackedWorld();
    expect(world.do(tellPage('p', told, [{ lot: 'dots', amounts: { '': 99 } }]))).toBe(false);
    expect(world.do(tellPage('p', told, [{ piece: 'inks-1', size: { w: inches(13), h: inches(1) } }]))).toBe(false);
    expect(world.bench.pages.size).toBe(0);
  });
});

describe('notes', () => {
  test('those for next time come back until she has seen to them', () => {
    const world = begun();
    world.do(keepNote('lots', 'dots', { words: ' use the large ones ', isForNext: true }));
    world.do(keepNote('pages', 'p', { words: 'too dark', isForNext: false }));
    const [note, ...others] = notesForNext(world.bench);
    expect(others).toEqual([]);
    expect(note).toMatchObject({
      table: 'lots',
      name: 'dots',
      note: { words: 'use the large ones', day: '2026-11-05' },
    });
    world.do(markNote('lots', 'dots', note!.note.id, false));
    expect(notesForNext(world.bench)).toEqual([]);
    expect(world.bench.lots.get('dots')!.notes).toHaveLength(1);
    world.do(dropNote('lots', 'dots', note!.note.id));
    expect(world.bench.lots.get('dots')!.notes).toEqual([]);
    expect(world.do(dropNote('lots', 'dots', note!.note.id))).toBe(false);
    expect(world.do(keepNote('kits', 'k', { words: '  ', isForNext: false }))).toBe(false);
  });

  test('go along when two things are found to be one', () => {
    const world = unpackedWorld();
    world.do(keepNote('lots', 'inks', { words: 'bleeds when wet', isForNext: false }));
    world.do(joinLots('inks', 'lamps'));
    expect(world.bench.lots.get('lamps')!.notes).toMatchObject([{ words: 'bleeds when wet' }]);
    world.undo();
    expect(world.bench.lots.get('lamps')!.notes).toBeUndefined();
  });
});
