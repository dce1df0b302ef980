import type { CutOrder } from '../../../core/page/cutlist';
import { toInches } from '../../../core/ground/length';
import type { PieceState } from '../../../core/stock/ledger';
import type { PlanSheet as Planned } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import type { usePieceName } from '../../parts/pieceName';
import { Choice } from '../../ui/Choice';
import { PlanSheet } from '../../ui/PlanSheet';

const ORDERS: readonly (readonly [CutOrder, string])[] = [
  ['setting', 'of one setting'],
  ['paper', 'of one paper'],
  ['page', 'for one page'],
];

export interface WholeSheetProps {
  sheet: Planned;
  piece: PieceState;
  face: string | null;
  nameOf: ReturnType<typeof usePieceName>;
}

/** The sheet that is cut, whole, and in which order cuts are made. */
export function WholeSheet({ sheet, piece, face, nameOf }: WholeSheetProps) {
  const { system, cutOrder, change } = useSettings();
  return (
    <aside aria-label="The whole sheet">
      <Choice<CutOrder>
        label="Cut together"
        options={ORDERS}
        value={cutOrder}
        onChange={(order) => change({ cutOrder: order })}
      />
      <h3>The whole sheet</h3>
      <PlanSheet
        sheet={sheet}
        piece={piece}
        face={face}
        scale={Math.min(13, 156 / toInches(piece.w), 200 / toInches(piece.h))}
        system={system}
        nameOf={nameOf}
      />
    </aside>
  );
}
