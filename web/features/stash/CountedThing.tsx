import styled from 'styled-components';
import type { LotState } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { ThingDrawing } from '../../ui/ThingDrawing';

/** A counted or measured thing: its drawing and how much there is. */
export function CountedThing({
  lot,
  state,
  isChosen,
  onChoose,
}: {
  lot: Lot;
  state: LotState;
  isChosen: boolean;
  onChoose: (id: string) => void;
}) {
  const system = useSettings((s) => s.system);
  const colours = useBench((b) => b.faces.get(lot.front ?? '')?.colours) ?? [];
  return (
    <li>
      <Pick type="button" aria-pressed={isChosen} onClick={() => onChoose(lot.id)}>
        <span>
          <strong>{lot.name}</strong> {lot.measure !== 'letters' && amountWords(lot, state.here, system)}
        </span>
        <Drawn>
          <ThingDrawing lot={lot} colours={colours.map(({ hex }) => hex)} amounts={state.here} scale={4} />
        </Drawn>
      </Pick>
    </li>
  );
}

const Pick = styled.button`
  width: 100%;
  text-align: left;
  padding: 6px 8px;
  border: 2px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 15px;
  cursor: pointer;
  border-radius: 3px;
  &:hover {
    border-color: ${({ theme }) => theme.line};
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
`;
const Drawn = styled.span`
  display: block;
  max-height: 60px;
  overflow: hidden;
  padding-top: 2px;
`;
