import { addMonths, format } from 'date-fns';
import { useState } from 'react';
import type { Leaving } from '../../../core/acts';
import type { Fate } from '../../../core/stock/things';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { monthWords } from '../../ui/dayWords';
import { Form } from '../../ui/Form';
import { Row } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { useKeys } from '../../ui/useKeys';

export interface FatesProps {
  /** Where in the stash what is like it lies; null: nowhere yet. */
  place: string | null;
  /** Of a kit of her own: what it came with; null: this is its own kit. */
  from: string | null;
  onBack: () => void;
  onFate: (fate: Fate) => void;
  onLeave: (leaving: Leaving) => void;
}

const MONTHS_AHEAD = 12;
const monthAhead = (n: number): string => format(addMonths(new Date(), n), 'yyyy-MM');

/** What may become of a thing, each with its key. */
export function Fates({ place, from, onBack, onFate, onLeave }: FatesProps) {
  const [asked, setAsked] = useState<'month' | 'lent' | null>(null);
  const toKit = (): void => onFate({ for: 'kit' });
  const toStash = (): void => onFate({ for: 'stash' });
  const leave = (how: 'given' | 'sold' | 'recycled') => (): void => onLeave({ how });
  const ask = (what: 'month' | 'lent') => (): void => setAsked(asked === what ? null : what);
  useKeys({
    'fate-kit': toKit,
    ...(from === null ? {} : { 'fate-back': onBack }),
    'fate-stash': toStash,
    'fate-month': ask('month'),
    'fate-give': leave('given'),
    'fate-sell': leave('sold'),
    'fate-lend': ask('lent'),
    'fate-recycle': leave('recycled'),
  });
  return (
    <>
      <Row $gap={8}>
        <Button hint="K" onPress={toKit}>
          Keep with the kit
        </Button>
        <Button hint="S" onPress={toStash}>
          {place === null ? 'To the stash' : `To the stash: ${place}`}
        </Button>
        <Button hint="M" aria-expanded={asked === 'month'} onPress={ask('month')}>
          For a month
        </Button>
      </Row>
      <Row $gap={8}>
        {from !== null && (
          <Button hint="B" onPress={onBack}>
            Back to {from}
          </Button>
        )}
        <Button hint="G" onPress={leave('given')}>
          Give
        </Button>
        <Button hint="V" onPress={leave('sold')}>
          Sell
        </Button>
        <Button hint="L" aria-expanded={asked === 'lent'} onPress={ask('lent')}>
          Lend
        </Button>
        <Button hint="R" onPress={leave('recycled')}>
          Recycle
        </Button>
      </Row>
      {asked === 'month' && <ForMonth onFate={onFate} />}
      {asked === 'lent' && <ToWhom onLeave={onLeave} />}
    </>
  );
}

function ForMonth({ onFate }: Pick<FatesProps, 'onFate'>) {
  const months = Array.from({ length: MONTHS_AHEAD }, (_, n) => monthAhead(n + 1));
  const [month, setMonth] = useState(monthAhead(1));
  const [whom, setWhom] = useState('');
  return (
    <Form onSend={() => onFate({ for: 'month', month, ...(whom.trim() === '' ? {} : { whom: whom.trim() }) })}>
      <Row style={{ alignItems: 'flex-end' }}>
        <Choice
          label="Month"
          options={months.map((one) => [one, monthWords(one)] as const)}
          value={month}
          onChange={setMonth}
        />
        <TextField label="For whom or what" value={whom} onChange={setWhom} autoFocus />
        <Button type="submit">Keep it for then</Button>
      </Row>
    </Form>
  );
}

function ToWhom({ onLeave }: Pick<FatesProps, 'onLeave'>) {
  const [to, setTo] = useState('');
  return (
    <Form onSend={() => onLeave({ how: 'lent', to: to.trim() })}>
      <Row style={{ alignItems: 'flex-end' }}>
        <TextField label="To whom" value={to} onChange={setTo} autoFocus />
        <Button type="submit">Lend it</Button>
      </Row>
    </Form>
  );
}
