import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { askedFor, intentionsOf, type Kept } from '../../../core/steps';
import { forgetIntention, keepIntention, meanFor } from '../../../core/making';
import type { Page } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';

/** What a page's intentions come to. */
export function useIntentions(page: Page): readonly Kept[] {
  const { lots, faces, ledger } = useBench((b) => b);
  return useMemo(() => intentionsOf(page, { lots, faces, ledger }), [page, lots, faces, ledger]);
}

/** What she means to have on a page: ticked by what lies there where it counts something, else by her. */
export function Intentions({ page }: { page: Page }) {
  const kept = useIntentions(page);
  const [text, setText] = useState('');
  const add = (): void => {
    if (text.trim() === '') return;
    // At once: what she types next must not be taken away when this is written.
    setText('');
    void act(meanFor(page.id, text), { isQuiet: true }).then((isDone) => {
      if (!isDone) setText((now) => (now === '' ? text : now));
    });
  };
  return (
    <section aria-label="Meant for this page">
      <h3>Meant for this page</h3>
      <Soft>“use that frame”, “3-5 tags”, “room for the ticket”: ticked by what lies there</Soft>
      <ul>
        {kept.map((one) => (
          <Line key={one.intention.id}>
            <Tick
              isSelected={one.isKept}
              onChange={(isKept) => {
                void act(keepIntention(page.id, one.intention.id, isKept), { isQuiet: true });
              }}
            >
              {one.intention.words}
            </Tick>
            <small>{thereWords(one)}</small>
            <Button
              look="quiet"
              aria-label={`Forget ${one.intention.words}`}
              onPress={() => {
                void act(forgetIntention(page.id, one.intention.id));
              }}
            >
              ×
            </Button>
          </Line>
        ))}
      </ul>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          add();
        }}
      >
        <TextField label="One more" value={text} onChange={setText} />
      </form>
    </section>
  );
}

function thereWords({ intention, there }: Kept): string {
  const asked = askedFor(intention.words);
  if (there === null || !asked) return '';
  const of = asked.to === null ? `${asked.from}` : `${asked.from} to ${asked.to}`;
  return `${there} of ${of} lie there`;
}

const Line = styled.li`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 10px;
  padding: 3px 0;
  small {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
