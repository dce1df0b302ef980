import type { LotKind } from '../../stock/things';
import { OUTLINE_IDS, OUTLINES, type OutlineId } from './outlines';

/** What a thing looks like whose name says nothing of it. */
const BY_KIND: Partial<Record<LotKind, OutlineId>> = {
  dots: 'dot',
  card: 'card',
  stickers: 'flair',
  washi: 'strip',
  ribbon: 'strip',
  twine: 'strip',
  packaging: 'packet',
};

/** All outlines that a name tells of, in the order in which it does: "moths and jars". */
export function outlinesIn(name: string): readonly OutlineId[] {
  const text = name.toLowerCase();
  const found = OUTLINE_IDS.flatMap((id) => {
    const { index } = OUTLINES[id].words.exec(text) ?? {};
    return index === undefined ? [] : [{ id, index }];
  });
  return found.sort((a, b) => a.index - b.index).map(({ id }) => id);
}

/**
 * The outline that a thing is drawn with. A name means what it ends on ("brass clips", "lantern label"); one that tells
 * of nothing known is a blank: nothing is drawn that nobody said.
 */
export const outlineFor = (name: string, kind: LotKind): OutlineId =>
  outlinesIn(name).at(-1) ?? BY_KIND[kind] ?? 'blank';
