import { useState } from 'react';
import { addAmounts, type Amounts } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { AmountField } from '../../ui/AmountField';
import { useAmount } from '../../ui/useAmount';
import { countAnew } from '../../../core/acts';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';

/** Puts an amount right: what is really there, and why it was another. */
export function CountAnew({ lot, here }: { lot: Lot; here: Amounts }) {
  const system = useSettings((s) => s.system);
  const [isOpen, setOpen] = useState(false);
  const { value, read: really, tell } = useAmount(here);
  const [reason, setReason] = useState('');
  if (!isOpen)
    return (
      <Button
        look="quiet"
        onPress={() => {
          setOpen(true);
          tell(here);
        }}
      >
        {lot.measure === 'share' ? 'Put the level right' : 'Count anew'}
      </Button>
    );
  const differs = really !== null && Object.keys(addAmounts(really, here, -1)).length > 0;
  const keep = async (): Promise<void> => {
    if (really && (await act(countAnew(lot.id, really, reason.trim() || 'counted in the stash')))) setOpen(false);
  };
  return (
    <>
      <AmountField label="Really there" lot={lot} value={value} onChange={tell} system={system} />
      <TextField
        label="Why, if known"
        value={reason}
        onChange={setReason}
        placeholder="lost, found again, miscounted …"
      />
      <Row>
        <Button isDisabled={!differs} onPress={() => void keep()}>
          Put it right
        </Button>
        <Button look="quiet" onPress={() => setOpen(false)}>
          Leave it
        </Button>
      </Row>
    </>
  );
}
