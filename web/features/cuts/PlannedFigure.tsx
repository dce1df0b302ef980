import { Check } from 'lucide-react';
import { ToggleButton } from 'react-aria-components';
import styled from 'styled-components';
import { faceUp } from '../../../core/trimmer/cutting';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import type { Lot, PlanSheet as Planned } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import { takenWords } from '../../ui/lotWords';
import { PlanSheet } from '../../ui/PlanSheet';
import type { PieceName } from '../../parts/pieceName';
import { oneOrMore } from '../../words/countWords';

export interface PlannedFigureProps {
  sheet: Planned;
  piece: PieceState;
  lot: Lot;
  nameOf: PieceName;
  /** It stays as it is drawn, whatever else is planned. */
  isLocked: boolean;
  onLock: (lock: boolean) => void;
  onForbid: () => void;
  /** Keeps the outlines as a file. */
  onSvg: () => void;
}

const SCALE = 16;

/** What is done to it. */
function donesWords({ cuts, pieces }: Planned): string {
  const punched = pieces.filter((piece) => piece.punched).length;
  if (cuts.length === 0 && punched === 0) return 'used whole';
  return [
    ...(cuts.length > 0 ? [oneOrMore(cuts.length, 'cut')] : []),
    ...(punched > 0 ? [`${punched} punched`] : []),
  ].join(', ');
}

/** A sheet of the plan, what it is, and her say in it. */
export function PlannedFigure({ sheet, piece, lot, nameOf, isLocked, onLock, onForbid, onSvg }: PlannedFigureProps) {
  const kits = useBench((b) => b.kits);
  const system = useSettings((s) => s.system);
  const isBack = faceUp(sheet.pieces) === 'back';
  return (
    <Figure>
      <PlanSheet
        sheet={sheet}
        piece={piece}
        face={isBack ? lot.back : lot.front}
        scale={SCALE}
        system={system}
        nameOf={nameOf}
      />
      <figcaption>
        <strong>{lot.name}</strong> <span className="measure">{formatSize(piece, system)}</span>
        <br />
        <Soft>
          {takenWords(piece, lot)} · {kits.get(lot.kit)?.name} · {donesWords(sheet)}
        </Soft>
        <Row $gap={14}>
          <Keep isSelected={isLocked} onChange={onLock} aria-label={`Keep ${lot.name} as drawn`}>
            {isLocked && <Check size={15} aria-hidden />}keep it so
          </Keep>
          <Button look="quiet" onPress={onForbid} aria-label={`Not from this ${lot.name}`}>
            not from this
          </Button>
          <Button look="quiet" onPress={onSvg} aria-label={`Outlines on ${lot.name} as SVG`}>
            SVG
          </Button>
        </Row>
      </figcaption>
    </Figure>
  );
}

const Figure = styled.figure`
  margin: 0;
  max-width: 258px;
`;
const Keep = styled(ToggleButton)`
  font: 600 15px/1.2 ${heading};
  color: ${({ theme }) => theme.pond};
  background: none;
  border: 0;
  padding: 2px 0;
  min-height: 28px;
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  display: inline-flex;
  gap: 4px;
  align-items: center;
  &[data-selected] {
    color: ${({ theme }) => theme.beetInk};
    text-decoration: none;
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
