import { useState } from 'react';
import { addAmounts, type Amounts } from '../../../core/ledger';
import type { Lot } from '../../../core/things';
import { correctCount } from '../../data/stashActs';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { AmountField } from './AmountField';

/** Puts an amount right: what is really there, and why it was another. */
export function CountAnew({ lot, here }: { lot: Lot; here: Amounts }) {
  const [isOpen, setOpen] = useState(false);
  const [really, setReally] = useState<Amounts | null>(here);
  const [reason, setReason] = useState('');
  if (!isOpen)
    return (
      <Button
        look="quiet"
        onPress={() => {
          setOpen(true);
          setReally(here);
        }}
      >
        {lot.measure === 'share' ? 'Put the level right' : 'Count anew'}
      </Button>
    );
  const change = really && addAmounts(really, here, -1);
  const keep = (): void => {
    void correctCount(lot.id, lot.name, change!, reason.trim() || 'counted in the stash').then((done) => {
      if (done) setOpen(false);
    });
  };
  return (
    <>
      <AmountField label="Really there" lot={lot} value={here} onChange={setReally} />
      <TextField
        label="Why, if known"
        value={reason}
        onChange={setReason}
        placeholder="lost, found again, miscounted …"
      />
      <Row>
        <Button isDisabled={change === null || Object.keys(change).length === 0} onPress={keep}>
          Put it right
        </Button>
        <Button look="quiet" onPress={() => setOpen(false)}>
          Leave it
        </Button>
      </Row>
    </>
  );
}
