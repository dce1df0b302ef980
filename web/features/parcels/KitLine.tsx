import { Pencil } from 'lucide-react';
import styled from 'styled-components';
import { balanceOf, type Amounts } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { lotWords } from '../../ui/lotWords';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { ForLayout } from './ForLayout';
import { SmallButton } from './SmallButton';
import { countWords } from '../../words/countWords';

export interface KitLineProps {
  lot: Lot;
  /** Parts are marked for the kit's layouts. */
  isMarked: boolean;
  onAmend: () => void;
}

/** A thing of a parcel that was put away: how much came, and what of it is owed. */
export function KitLine({ lot, isMarked, onAmend }: KitLineProps) {
  const { ledger, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const state = ledger.lots.get(lot.id);
  const missing = state?.owed ?? {};
  const { count } = balanceOf(ledger, lot.id);
  const sheets = [...ledger.pieces.values()].filter((piece) => piece.lot === lot.id && piece.from === null).length;
  const came: Amounts = lot.measure === 'sheets' ? { '': sheets } : (state?.received ?? {});
  return (
    <Line>
      <ThingDrawing
        lot={lot}
        colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
        amounts={lot.measure === 'sheets' ? { '': Math.max(1, sheets) } : came}
        scale={4.2}
      />
      <div>
        <strong>{lot.name}</strong>
        <small>{lotWords(lot, system)}</small>
      </div>
      {Object.keys(missing).length > 0 ? <Owes>{amountWords(lot, missing, system)} owed</Owes> : <i />}
      <span>
        {lot.measure === 'letters' ? countWords(count.received, 'letter') : `${amountWords(lot, came, system)} came`}
      </span>
      {isMarked && <ForLayout lot={lot} />}
      <SmallButton
        aria-label={`Change what ${lot.name} is`}

        onPress={onAmend}
      >
        <Pencil size={15} aria-hidden />
      </SmallButton>
    </Line>
  );
}

const Owes = styled.span`
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
  padding: 3px 10px;
  font-size: 14px;
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 160px 1fr auto 96px;
  grid-auto-columns: max-content;
  grid-auto-flow: column;
  gap: 14px;
  align-items: center;
  min-height: 60px;
  padding: 3px 6px;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
  > span:last-of-type {
    text-align: right;
    font-size: 15px;
  }
`;
