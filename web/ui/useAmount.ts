import { useState } from 'react';
import type { Amounts } from '../../core/stock/ledger';

/** An amount that is being told. */
export interface AmountTold {
  /** What was read last: what a field for it shows while nothing is typed. */
  readonly value: Amounts;
  /** Null while what is typed is no amount. */
  readonly read: Amounts | null;
  /** @param amounts null: what is typed is no amount */
  tell: (amounts: Amounts | null) => void;
}

/** An amount that is told in a field, of which so much is thought at first. */
export function useAmount(first: Amounts): AmountTold {
  const [value, setValue] = useState(first);
  const [isRead, setRead] = useState(true);
  const tell = (amounts: Amounts | null): void => {
    setRead(amounts !== null);
    if (amounts) setValue(amounts);
  };
  return { value, read: isRead ? value : null, tell };
}
