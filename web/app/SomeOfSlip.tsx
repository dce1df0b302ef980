import type { Amounts } from '../../core/stock/ledger';
import type { Lot } from '../../core/stock/things';
import { useSettings } from '../data/settings';
import { AmountField } from '../ui/AmountField';
import { useAmount } from '../ui/useAmount';
import { Button } from '../ui/Button';
import { SlipOver } from '../ui/SlipOver';

export interface SomeOfSlipProps {
  title: string;
  lot: Lot;
  most: Amounts;
  /** What the button says. */
  does: string;
  onChoose: (amounts: Amounts) => void;
  onClose: () => void;
}

/** How much of what is out is meant. */
export function SomeOfSlip({ title, lot, most, does, onChoose, onClose }: SomeOfSlipProps) {
  const system = useSettings((s) => s.system);
  const { value, read: amounts, tell } = useAmount(most);
  const isMore = amounts !== null && Object.entries(amounts).some(([part, n]) => n > (most[part] ?? 0));
  return (
    <SlipOver title={title} isOpen onClose={onClose}>
      {() => (
        <>
          <AmountField
            label={lot.measure === 'count' ? 'How many' : 'How much'}
            lot={lot}
            value={value}
            onChange={tell}
            system={system}
            autoFocus
          />
          {isMore && <p role="alert">So much is not out.</p>}
          <Button
            look="main"
            isDisabled={isMore || amounts === null || Object.keys(amounts).length === 0}
            onPress={() => onChoose(amounts ?? {})}
          >
            {does}
          </Button>
        </>
      )}
    </SlipOver>
  );
}
