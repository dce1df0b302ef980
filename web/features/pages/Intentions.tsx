import { useMemo } from 'react';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { askedFor, elementsOn, intentionsOf, type Kept } from '../../../core/page/work';
import { countAs, forgetIntention, keepIntention, meanFor } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MenuList } from '../../ui/MenuList';
import { Soft } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useSentLine } from '../../parts/useSentLine';

/** What a page's intentions come to. */
export function useIntentions(page: Page): readonly Kept[] {
  const { lots, faces, ledger } = useBench((b) => b);
  return useMemo(() => intentionsOf(page, { lots, faces, ledger }), [page, lots, faces, ledger]);
}

/** What she means to have on a page, or a challenge asks for: ticked by what is there where it counts, else by her. */
export function Intentions({ page }: { page: Page }) {
  const kept = useIntentions(page);
  const unmet = kept.filter(({ isKept }) => !isKept).length;
  return (
    <section aria-label="Meant for this page">
      <h3>Meant for this page</h3>
      <Soft>“use that frame”, “3-5 tags”, “no stamps”: ticked by what is on the page</Soft>
      <ul>
        {kept.map((one) => (
          <Meant key={one.intention.id} page={page} one={one} />
        ))}
      </ul>
      {kept.length > 1 && (
        <Soft role="status">{unmet === 0 ? 'All of it is there.' : `${unmet} of ${kept.length} still to come.`}</Soft>
      )}
      <AddMeant page={page} />
    </section>
  );
}

/** One line, or the lines of a challenge's list. */
function AddMeant({ page }: { page: Page }) {
  const { line, setLine, send } = useSentLine(`meant for ${page.id}`, (text) =>
    act(meanFor(page.id, text.split(/\n|;/)), { isQuiet: true }),
  );
  return (
    <Form onSend={() => void send()}>
      <TextField
        label="One more, or a challenge’s list"
        value={line}
        onChange={setLine}
        rows={line.includes('\n') ? 4 : 1}
        onKeyDown={(event) => {
          event.continuePropagation();
          if (event.key !== 'Enter' || event.shiftKey) return;
          event.preventDefault();
          void send();
        }}
      />
    </Form>
  );
}

function Meant({ page, one }: { page: Page; one: Kept }) {
  const { intention, counted } = one;
  return (
    <Line>
      <Tick
        isSelected={one.isKept}
        onChange={(isKept) => {
          void act(keepIntention(page.id, intention.id, isKept), { isQuiet: true });
        }}
      >
        {intention.words}
      </Tick>
      <small>{thereWords(one)}</small>
      <Button
        look="quiet"
        aria-label={`Forget ${intention.words}`}
        onPress={() => void act(forgetIntention(page.id, intention.id))}
      >
        ×
      </Button>
      {one.there !== null && <CountedAs page={page} intention={intention} counted={counted} />}
    </Line>
  );
}

/** What counts as it, and what else on the page may. */
function CountedAs({ page, intention, counted }: { page: Page } & Pick<Kept, 'intention' | 'counted'>) {
  const { lots, faces, ledger } = useBench((b) => b);
  const others = useMemo(() => {
    const on = new Set(counted.map(({ key }) => key));
    return elementsOn(page, { lots, faces, ledger }).filter(({ key }) => !on.has(key));
  }, [page, lots, faces, ledger, counted]);
  const count = (key: string, is: boolean): void =>
    void act(countAs(page.id, intention.id, key, is), { isQuiet: true });
  return (
    <div>
      {counted.map(({ key, name }) => (
        <span key={key}>
          {name}
          {(intention.counts ?? []).includes(key) && (
            <Button look="quiet" aria-label={`${name} is no ${intention.words}`} onPress={() => count(key, false)}>
              ×
            </Button>
          )}
        </span>
      ))}
      {others.length > 0 && (
        <MenuTrigger>
          <Button look="quiet" aria-label={`What counts as ${intention.words}`}>
            counts as it …
          </Button>
          <MenuList>
            <Menu onAction={(key) => count(String(key), true)} items={others}>
              {({ key, name }) => <MenuItem id={key}>{name}</MenuItem>}
            </Menu>
          </MenuList>
        </MenuTrigger>
      )}
    </div>
  );
}

function thereWords({ intention, there }: Kept): string {
  const asked = askedFor(intention.words);
  if (there === null || !asked) return '';
  if (asked.to === 0) return there === 0 ? 'none is there' : `${there} on the page`;
  const of = asked.to === null ? `${asked.from}` : `${asked.from} to ${asked.to}`;
  return `${there} of ${of} on the page`;
}

const Line = styled.li`
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 10px;
  padding: 3px 0;
  > div {
    flex-basis: 100%;
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 10px;
    padding-left: 28px;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  small {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
