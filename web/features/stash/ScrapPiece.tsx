import { memo } from 'react';
import styled from 'styled-components';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import type { Kit, Lot } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { Paper, paperOf } from '../../ui/Paper';

export interface ScrapPieceProps {
  piece: PieceState;
  lot: Lot;
  kit: Kit | undefined;
  scale: number;
  isChosen: boolean;
  onChoose: (id: string) => void;
}

/** A piece among the others, to scale; a marigold dot where it is claimed for a page. */
export const ScrapPiece = memo(function ScrapPiece({ piece, lot, kit, scale, isChosen, onChoose }: ScrapPieceProps) {
  const system = useSettings((s) => s.system);
  const words = `${piece.name ?? lot.name}, ${formatSize(piece, system)}${kit ? `, ${kit.name}` : ''}${piece.where === 'claimed' ? ', on the bench' : ''}`;
  return (
    <Spot>
      <Pick type="button" aria-label={words} title={words} aria-pressed={isChosen} onClick={() => onChoose(piece.id)}>
        <Paper {...paperOf(piece)} face={lot.front} {...(lot.back === null ? {} : { back: lot.back })} scale={scale} />
      </Pick>
      {piece.where === 'claimed' && <Claimed aria-hidden />}
    </Spot>
  );
});

const Spot = styled.li`
  position: relative;
`;
const Pick = styled.button`
  display: block;
  padding: 3px;
  border: 2px solid transparent;
  background: none;
  cursor: pointer;
  min-width: 24px;
  min-height: 24px;
  &:hover {
    border-color: ${({ theme }) => theme.line};
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
`;
const Claimed = styled.i`
  position: absolute;
  right: -4px;
  top: -4px;
  width: 14px;
  height: 14px;
  border-radius: 50%;
  background: ${({ theme }) => theme.marigold};
  border: 2px solid ${({ theme }) => theme.ground};
`;
