import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { type Leaving } from '../../../core/acts';

export interface PartWithProps {
  isDisabled?: boolean;
  onPart: (leaving: Leaving) => void;
}

const WAYS = [
  ['given', 'Give away'],
  ['sold', 'Sell'],
  ['recycled', 'Recycle'],
] as const;

/** The ways in which a thing leaves the stash; what is lent comes back. */
export function PartWith({ isDisabled = false, onPart }: PartWithProps) {
  const [to, setTo] = useState<string | null>(null);
  return (
    <>
      <Row>
        {WAYS.map(([how, words]) => (
          <Button key={how} look="quiet" isDisabled={isDisabled} onPress={() => onPart({ how })}>
            {words}
          </Button>
        ))}
        <Button
          look="quiet"
          isDisabled={isDisabled}
          aria-expanded={to !== null}
          onPress={() => setTo(to === null ? '' : null)}
        >
          Lend
        </Button>
      </Row>
      {to !== null && (
        <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
          <TextField label="To whom" value={to} onChange={setTo} autoFocus />
          <Button
            isDisabled={isDisabled}
            onPress={() => {
              onPart({ how: 'lent', to: to.trim() });
              setTo(null);
            }}
          >
            Lend it
          </Button>
        </Row>
      )}
    </>
  );
}
