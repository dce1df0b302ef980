import { sheetSvg } from '../../../core/trimmer/cutting';
import type { PurposedPlan } from '../../../core/page/cutlist';
import type { PlanSheet } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import type { usePieceName } from '../../parts/pieceName';
import { keepFile } from '../../ui/keepFile';
import { Row } from '../../ui/Screen';
import { outlinesOf } from './outlinesOf';
import { PlannedFigure } from './PlannedFigure';
import type { Wishes } from './usePlan';

export interface PlannedSheetsProps {
  plan: PurposedPlan | null;
  wishes: Wishes;
  onWish: (some: (now: Wishes) => Partial<Wishes>) => void;
  nameOf: ReturnType<typeof usePieceName>;
}

/** Every sheet that a plan opens, drawn: kept as it is, left closed, or kept as a file. */
export function PlannedSheets({ plan, wishes, onWish, nameOf }: PlannedSheetsProps) {
  const { ledger, lots, pages } = useBench((b) => b);
  const joinedOf = (sheet: PlanSheet) => wishes.joined.find(({ sheets }) => sheets.includes(sheet));
  const without = (sheet: PlanSheet, { locked, joined }: Wishes) => ({
    locked: locked.filter((other) => other !== sheet),
    joined: joined.filter((strip) => strip !== joinedOf(sheet)),
  });
  return (
    <Row $gap={22} style={{ alignItems: 'flex-start' }}>
      {plan?.sheets.map((sheet) => {
        const piece = ledger.pieces.get(sheet.stock);
        const lot = piece && lots.get(piece.lot);
        return (
          piece &&
          lot && (
            <PlannedFigure
              key={sheet.stock}
              sheet={sheet}
              piece={piece}
              lot={lot}
              nameOf={nameOf}
              isLocked={wishes.locked.includes(sheet) || joinedOf(sheet) !== undefined}
              onLock={(lock) =>
                onWish((now) => ({ ...without(sheet, now), ...(lock ? { locked: [...now.locked, sheet] } : {}) }))
              }
              onSvg={() =>
                keepFile(
                  `${lot.name.replaceAll(/[^\w-]+/g, '-')}.svg`,
                  sheetSvg(sheet, piece, { missing: piece.missing, outlines: (wanted) => outlinesOf(wanted, pages) }),
                  'image/svg+xml',
                )
              }
              onForbid={() => onWish((now) => ({ ...without(sheet, now), forbidden: [...now.forbidden, sheet.stock] }))}
            />
          )
        );
      })}
    </Row>
  );
}
