import { Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import type { MeasureSystem } from '../../../core/ground/length';
import { amountsOf, type ListItem } from '../../../core/stock/listing';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { SmallButton } from './SmallButton';

export interface BoxTickProps {
  item: ListItem;
  /** How many are here; null: not looked at. */
  here: number | null;
  onHere: (n: number) => void;
}

/** How much of it is here, beside its tick. */
function tickWords(item: ListItem, here: number | null, system: MeasureSystem): string {
  if (item.letters) return `${Object.values(item.letters).reduce((sum, n) => sum + n, 0)} letters`;
  return item.measure === 'length' ? amountWords(item, amountsOf(item, 1), system) : `${here ?? 0} of ${item.count}`;
}

/** Whether it is here, and how many of it. */
export function BoxTick({ item, here, onHere }: BoxTickProps) {
  const system = useSettings((s) => s.system);
  const { count } = item;
  const isAll = here !== null && here >= count;
  return (
    <>
      {count > 1 ? (
        <SmallButton aria-label={`One fewer of ${item.name}`} onPress={() => onHere(Math.max(0, (here ?? count) - 1))}>
          −
        </SmallButton>
      ) : (
        <span />
      )}
      <Tick
        isSelected={isAll}
        isIndeterminate={here !== null && here > 0 && !isAll}
        onChange={(isHere) => onHere(isHere ? count : 0)}
        aria-label={`${item.name} is here`}
      >
        <i aria-hidden>{isAll ? '✓' : here ? '–' : ''}</i>
        {tickWords(item, here, system)}
      </Tick>
    </>
  );
}

const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 10px;
  cursor: pointer;
  min-height: 44px;
  i {
    width: 26px;
    height: 26px;
    border: 2px solid ${({ theme }) => theme.soft};
    border-radius: 4px;
    display: grid;
    place-items: center;
    font-style: normal;
    font-weight: 700;
    color: ${({ theme }) => theme.pond};
    background: ${({ theme }) => theme.sheet};
    flex: none;
  }
  &[data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
