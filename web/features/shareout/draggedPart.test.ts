import { expect, test } from 'vitest';
import { inches } from '../../../core/ground/length';
import { cutListOf } from '../../../core/page/cutlist';
import { pageLayout } from '../../../core/page/design';
import type { SharingPage } from '../../../core/kit/sharing';
import { slotForPart } from './draggedPart';

const sharing = (design: string): SharingPage => {
  const page = {
    id: design,
    format: { w: inches(12), h: inches(12), spread: false },
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
  };
  return { page, layout: pageLayout(page).value!, colours: [] };
};
const partOf = (page: SharingPage, slot: string) => ({
  page: page.page.id,
  slot: cutListOf(page.layout, page.page).find((piece) => piece.slot === slot)!.id,
  face: 'moths',
});

test('a part goes to the slot of its name', () => {
  expect(slotForPart(partOf(sharing('framed-ground'), 'mat'), sharing('framed-ground'), sharing('strip-bands'))).toBe(
    'mat',
  );
});

test('else to the slot whose piece is nearest in size', () => {
  expect(slotForPart(partOf(sharing('strip-bands'), 'upper'), sharing('strip-bands'), sharing('l-shape'))).toBe(
    'upright',
  );
});
