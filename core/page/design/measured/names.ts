import type { MeasuredLayer } from '../../../stock/things';
import type { PageLayer } from '../design';

const PHOTO = 'photo';

export const isPhotoPlace = ({ name }: Pick<MeasuredLayer, 'name'>): boolean => name.toLowerCase() === PHOTO;

/** The slot of a layer's name; the photos' mats have their own. */
export const slotIdOf = (name: string): string => {
  const id = name
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, '-')
    .replaceAll(/^-|-$/g, '');
  return id === 'mat' || id === 'outer-mat' ? `own-${id}` : id || 'layer';
};

const ROLES: readonly [RegExp, PageLayer['role']][] = [
  [/ground|base|background/i, 'ground'],
  [/frame/i, 'frame'],
  [/banner|pennant/i, 'banner'],
  [/circle|round|disc|scallop/i, 'round'],
  [/strip|border|band/i, 'strip'],
  [/tag/i, 'tag'],
  [/pocket/i, 'pocket'],
  [/card|label/i, 'card'],
  [/panel|block|mat/i, 'panel'],
];

/** What a layer is, told by its name. */
export const roleOf = (name: string): PageLayer['role'] => ROLES.find(([word]) => word.test(name))?.[1] ?? 'box';
