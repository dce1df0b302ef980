import { contains, overlaps, solidRects } from '../../ground/geometry';
import { ok } from '../../ground/result';
import type { Checked, Draft, Refuse } from './draft';
import type { CutChild, LedgerEvent } from './events';
import type { PieceState, PieceWhere } from './ledger';
import { isMeasured, solidOf } from './pieces';
import { nth } from '../../ground/nth';

/** A cut's part as a piece of its own; missing areas are told from its own corner. */
function partFrom(child: CutChild, parent: PieceState, page: string | null): PieceState {
  const { id, x, y, w, h, role, missing = [], slot = null, name, outline } = child;
  const own = role === 'piece' ? (child.page ?? page) : page;
  const onSheet = { x: (parent.onSheet?.x ?? 0) + x, y: (parent.onSheet?.y ?? 0) + y };
  const where: PieceWhere = role === 'waste' ? 'waste' : role === 'nubbin' || own === null ? 'here' : 'claimed';
  return {
    id,
    lot: parent.lot,
    from: parent.id,
    at: { x, y, w, h },
    ...(onSheet.x === 0 && onSheet.y === 0 ? {} : { onSheet }),
    w,
    h,
    missing,
    solid: solidOf({ x: 0, y: 0, w, h }, missing),
    where,
    page: where === 'claimed' ? own : null,
    slot: where === 'claimed' ? slot : null,
    cutFor: own !== null && slot !== null ? { page: own, slot } : null,
    ...(parent.kit === undefined ? {} : { kit: parent.kit }),
    ...(name === undefined ? {} : { name }),
    ...(outline === undefined ? {} : { outline }),
  };
}

/** The parts of a cut lie on the piece, apart from each other, and have all of its area. */
function checkParts(parent: PieceState, parts: readonly PieceState[], refuse: Refuse): Checked | null {
  const whole = { x: 0, y: 0, w: parent.w, h: parent.h };
  const solids = parts.map(({ at, missing }) =>
    solidRects(
      at,
      missing.map((m) => ({ ...m, x: m.x + at.x, y: m.y + at.y })),
    ),
  );
  for (const part of parts) if (!isMeasured(part.at)) return refuse('not-a-size', part.id);
  for (let i = 0; i < parts.length; i++) {
    if (!contains(whole, nth(parts, i).at)) return refuse('part-off-the-piece', nth(parts, i).id);
    for (const later of solids.slice(i + 1))
      if (nth(solids, i).some((r) => later.some((other) => overlaps(r, other))))
        return refuse('parts-overlap', nth(parts, i).id);
    if (nth(solids, i).some((r) => parent.missing.some((gone) => overlaps(r, gone))))
      return refuse('areas-do-not-add-up', nth(parts, i).id);
  }
  const sum = parts.reduce((total, part) => total + part.solid, 0);
  return sum === parent.solid ? null : refuse('areas-do-not-add-up', parent.id, parent.solid, sum);
}

/** A piece becomes its parts, or the parts the piece again. */
export function cut(draft: Draft, event: LedgerEvent & { type: 'cut' }, back: boolean, refuse: Refuse): Checked {
  const parent = draft.pieces.get(event.piece);
  if (!parent) return refuse('no-such-piece', event.piece);
  const whole: PieceWhere = event.page === null ? 'here' : 'claimed';
  const parts = event.into.map((child) => partFrom(child, parent, event.page));
  if (back) {
    const gone = parts.find((part) => {
      const now = draft.pieces.get(part.id);
      return now?.where !== part.where || now.page !== part.page || now.slot !== part.slot || now.kit !== part.kit;
    });
    if (gone || parent.where !== 'cut') return refuse('parts-are-gone', gone?.id ?? parent.id);
    return ok(() => {
      for (const part of parts) draft.pieces.delete(part.id);
      draft.pieces.set(parent.id, { ...parent, where: whole, page: event.page });
    });
  }
  if (parent.where !== whole) return refuse('piece-not-here', parent.id);
  if (parent.page !== event.page) return refuse('piece-not-on-page', parent.id);
  const known = parts.find(
    (part, i) => draft.pieces.has(part.id) || parts.some((other, j) => j < i && other.id === part.id),
  );
  if (known) return refuse('same-piece-twice', known.id);
  const broken = checkParts(parent, parts, refuse);
  if (broken) return broken;
  return ok(() => {
    draft.pieces.set(parent.id, { ...parent, where: 'cut', page: null });
    for (const part of parts) draft.pieces.set(part.id, part);
  });
}
