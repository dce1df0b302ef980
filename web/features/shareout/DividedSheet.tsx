import { useRef } from 'react';
import { useDrag } from 'react-aria-components';
import styled from 'styled-components';
import { faceUp } from '../../../core/trimmer/cutting';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import type { PieceState } from '../../../core/stock/ledger';
import type { Lot, PlanPiece, PlanSheet as PlanSheetOf } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { PlanSheet } from '../../ui/PlanSheet';
import { PART, type DraggedPart } from './draggedPart';

export interface DividedSheetProps {
  sheet: PlanSheetOf;
  piece: PieceState;
  lot: Lot;
  scale: number;
  /** What a wanted piece is called. */
  nameOf: (piece: PlanPiece) => string;
}

/** A paper as it is divided, whole and to scale; each part can be dragged to another page, by pointer or by Enter. */
export function DividedSheet({ sheet, piece, lot, scale, nameOf }: DividedSheetProps) {
  const system = useSettings((s) => s.system);
  const isBack = faceUp(sheet.pieces) === 'back';
  return (
    <Over>
      <PlanSheet
        sheet={sheet}
        piece={piece}
        face={isBack ? lot.back : lot.front}
        scale={scale}
        system={system}
        nameOf={nameOf}
      />
      {sheet.pieces.map((part) => {
        const face = part.face === 'back' ? lot.back : lot.front;
        return (
          <Part
            key={part.part}
            part={part}
            scale={scale}
            name={nameOf(part)}
            dragged={{ page: part.page, slot: part.id, face }}
          />
        );
      })}
    </Over>
  );
}

function Part({ part, scale, name, dragged }: { part: PlanPiece; scale: number; name: string; dragged: DraggedPart }) {
  const ref = useRef<HTMLButtonElement>(null);
  const { dragProps, dragButtonProps, isDragging } = useDrag({
    getItems: () => [{ [PART]: JSON.stringify(dragged), 'text/plain': name }],
    hasDragButton: false,
  });
  const at = (ticks: number): number => (ticks / TICKS_PER_INCH) * scale;
  return (
    <Handle
      {...dragProps}
      ref={ref}
      type="button"
      aria-describedby={dragButtonProps['aria-describedby']}
      title={`${name}: drag it to another page`}
      aria-label={`${name}, drag to another page`}
      data-dragging={isDragging || undefined}
      style={{ left: at(part.x), top: at(part.y), width: at(part.w), height: at(part.h) }}
    />
  );
}

const Over = styled.div`
  position: relative;
`;
const Handle = styled.button`
  position: absolute;
  padding: 0;
  border: 0;
  background: none;
  cursor: grab;
  &:hover,
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.beet};
    outline-offset: -2px;
  }
  &[data-dragging] {
    background: ${({ theme }) => theme.marigoldWash};
    opacity: 0.7;
  }
`;
