import { ANY_TRIMMER } from '../../trimmer/cutting';
import { expect, test } from 'vitest';
import { inches } from '../../ground/length';
import { shareOut } from '../shareout';
import type { Face, Page } from '../../stock/things';
import { designOf, layOut } from '../../page/design';
import { sharedPapers, shareJobFor, type SharingPage } from '.';

const face = (id: string, hex: string): Face => ({ id, name: id, pattern: 'plain', colours: [{ hex, share: 1 }] });
const faces = [face('ink', '#22314f'), face('lamp', '#f6d27a'), face('blush', '#f0cfcb'), face('slate', '#5a6470')];
const stock = [
  ['a', 'ink', 'lamp'],
  ['b', 'blush', null],
  ['c', 'slate', null],
  ['d', 'ink', 'blush'],
].map(([id, front, back]) => ({
  id: id!,
  w: inches(12),
  h: inches(12),
  count: 1,
  front: front!,
  back: back ?? null,
  upright: false,
  fresh: true,
  since: null,
  missing: [],
}));
const format = { w: inches(12), h: inches(12), spread: false };
const page = (id: string, design: string, some: Partial<Page> = {}): SharingPage => {
  const own = {
    id,
    format,
    design,
    mat: inches(1 / 8),
    photos: [{ photo: null, w: inches(4), h: inches(6) }],
    papers: {},
    title: '',
    date: '',
    place: '',
    journaling: '',
    started: '2026-11-05',
    glued: null,
    finished: null,
    ...some,
  } as Page;
  return { page: own, layout: layOut(designOf(design)!, own).value!, colours: [{ hex: '#22314f', share: 1 }] };
};
const shared = (pages: SharingPage[]) => {
  let plan = null;
  for (const progress of shareOut(shareJobFor(pages, stock, faces, ANY_TRIMMER), null, 60_000)) plan = progress.plan;
  return plan!;
};

test('each slot is of a face on hand, layers are told apart from those they lie on, and what she chose stays', () => {
  const own = page('p', 'strip-bands', { papers: { upper: 'lamp' } });
  const papers = sharedPapers(shared([own]), own)!;
  expect(papers['upper']).toBe('lamp');
  expect(new Set([papers['ground'], papers['upper']]).size).toBe(2);
  expect(new Set([papers['ground'], papers['lower']]).size).toBe(2);
  expect(Object.values(papers).every((id) => faces.some((one) => one.id === id))).toBe(true);
});

test('pieces beyond the design are shared out with it; a page of papers that are not there has none', () => {
  const tag = {
    id: 't',
    name: 'Tag',
    shape: { kind: 'rectangle' as const, w: inches(2), h: inches(4) },
    face: 'blush',
    count: 2,
  };
  const [p, q] = [
    page('p', 'framed-ground', { more: [tag] }),
    page('q', 'framed-ground', { papers: { frame: 'moss' } }),
  ];
  const plan = shared([p, q]);
  expect(plan.sheets.flatMap(({ pieces }) => pieces).filter(({ slot }) => slot.includes('more-t'))).toHaveLength(2);
  expect(sharedPapers(plan, q)).toBeNull();
  expect(Object.keys(sharedPapers(plan, p)!).sort()).toEqual(['frame', 'ground', 'mat']);
});
