import type { Ticks } from '../../ground/length';
import type { CutStock } from '../../trimmer/cutting';
import { middlesOf } from '../sharing';
import type { Leftover } from './leftovers';
import type { Proposal } from './proposal';
import { layoutOf } from './proposePages';

/**
 * The middles that a page would hide, as papers for other pages: each of the face of the piece that it is cut out of,
 * before that is glued. Of pieces that are cut with their sides exchanged the middle lies elsewhere: they are left.
 * @param leftovers papers that the page's cuts are planned on
 * @param hold ticks of each piece that stay under what covers it
 */
export function hiddenIn(
  proposal: Proposal,
  leftovers: readonly Leftover[],
  { mat, hold }: { readonly mat: Ticks; readonly hold: Ticks },
): Leftover[] {
  const layout = layoutOf(proposal, mat);
  const hosts = proposal.plan.sheets.flatMap(({ stock, pieces }) =>
    pieces
      .filter(({ turned }) => !turned)
      .map((piece) => ({ piece, of: leftovers.find((one) => one.stock.id === stock) })),
  );
  if (!layout) return [];
  return middlesOf([{ page: { id: '' }, layout }], hold).flatMap(({ slot, at }): Leftover[] => {
    const host = hosts.findIndex(({ piece }) => piece.id === slot);
    const [own] = host < 0 ? [] : hosts.splice(host, 1);
    if (!own?.of) return [];
    const { kit, lot, stock } = own.of;
    const middle: CutStock = {
      ...stock,
      id: `middle ${stock.id} ${own.piece.part}`,
      w: at.w,
      h: at.h,
      front: own.piece.face === 'front' ? stock.front : stock.back,
      back: null,
      fresh: false,
      missing: [],
    };
    return [{ stock: middle, kit, lot, isHidden: true }];
  });
}
