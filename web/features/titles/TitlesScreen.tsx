import { useMemo, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { pageLayout } from '../../../core/design';
import { takeLetters } from '../../../core/making';
import type { Page } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { pageName } from '../../data/didWords';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../ui/countWords';
import { Columns, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { LettersLeft } from './LettersLeft';
import { lastOf, setsFor, takenBy, waysFor, type Asking } from './sets';
import { SpeltLine } from './SpeltLine';
import { speltWords } from './titleWords';
import { Together } from './Together';
import { useSpelling, type Spelt } from './useSpelling';

/** Pages that may still want letters, the newest first. */
const waiting = (pages: Iterable<Page>): Page[] =>
  [...pages].filter(({ glued }) => glued === null).sort((a, b) => b.started.localeCompare(a.started));

/** How many stand-ins a way needs; one that does not spell it comes last. */
const badness = ({ spelling }: Spelt): number => {
  const [title] = spelling.titles;
  return title?.spelt ? spelling.stats.cost : 1e6;
};

/** Titles: what can be spelt from the letters left, for one page and for all that wait. */
export function TitlesScreen() {
  const { page: id } = useParams();
  const pages = useBench((b) => b.pages);
  const open = useMemo(() => waiting(pages.values()), [pages]);
  const pageInHand = useSettings((s) => s.pageInHand);
  const page = open.find((one) => one.id === (id ?? pageInHand)) ?? open[0];
  if (!page)
    return (
      <Screen title="Titles" about="from the letters left">
        <Soft>No page waits for a title. Begin one in Pages.</Soft>
      </Screen>
    );
  return <Titles key={page.id} page={page} open={open} />;
}

/** What is typed for a page's title, and what it comes to. */
function useTitle(page: Page) {
  const bench = useBench((b) => b);
  const [text, setText] = useState(page.title);
  const [asking, setAsking] = useState<Asking>({ isAnyCase: true, standIns: true });
  const [chosen, setChosen] = useState<string | null>(null);
  const sets = useMemo(() => setsFor(page.id, bench), [page.id, bench]);
  const asked = text.trim();
  const ways = useMemo(() => (asked === '' ? [] : waysFor(asked, sets, asking)), [asked, sets, asking]);
  const { spelt, isCurrent, trouble, again } = useSpelling('one', ways);
  const inOrder = asked === '' ? [] : [...spelt].sort((a, b) => badness(a) - badness(b));
  const way = inOrder.find(({ key }) => key === chosen) ?? inOrder[0];
  const title = way?.spelling.titles[0];
  const taken = way ? takenBy(way.spelling) : new Map<string, Record<string, number>>();
  // What was found for other words is shown until these are, and not taken.
  const canTake = isCurrent && title?.spelt === true;
  const take = (): void => {
    if (canTake) void act(takeLetters(page.id, asked, taken));
  };
  return {
    text,
    setText,
    asking,
    setAsking,
    setChosen,
    sets,
    inOrder,
    way,
    title,
    taken,
    trouble,
    again,
    take,
    canTake,
  };
}

type Told = ReturnType<typeof useTitle>;

function Titles({ page, open }: { page: Page; open: readonly Page[] }) {
  const told = useTitle(page);
  const { sets, title, taken } = told;
  const last = lastOf(taken, sets);
  const layout = useMemo(() => pageLayout(page), [page]);
  const others = useMemo(() => open.filter((one) => one.title.trim() !== '').slice(0, 12), [open]);
  useKeys({ go: told.take });
  return (
    <Screen
      title="Titles"
      about={`letters left in ${countWords(sets.length, 'set')} · ${countWords(open.length, 'page')} in hand`}
      actions={
        <Button look="main" hint="⏎" isDisabled={!told.canTake} onPress={told.take}>
          Take these letters out
        </Button>
      }
    >
      <Columns $widths="minmax(0, 1fr) minmax(260px, 360px)">
        <Stack $gap={14}>
          <Asked page={page} open={open} told={told} />
          {told.trouble !== null && <BrokenOff what="The spelling" why={told.trouble} onAgain={told.again} />}
          {title?.spelt && <SpeltLine title={title} sets={sets} place={layout.ok ? layout.value.title.w : null} />}
          {last.length > 0 && (
            <Last role="status">
              {last.map(({ name, glyphs }) => `The last ${glyphs.join(', ')} of ${name}`).join(' · ')}
            </Last>
          )}
          <Ways spelt={told.inOrder} chosen={told.way?.key ?? null} onChoose={told.setChosen} />
          <LettersLeft sets={sets} taken={taken} />
        </Stack>
        <Together pages={others} sets={sets} asking={told.asking} />
      </Columns>
    </Screen>
  );
}

/** For which page, what it says, and what letters may do. */
function Asked({ page, open, told }: { page: Page; open: readonly Page[]; told: Told }) {
  const go = useNavigate();
  const { asking, setAsking } = told;
  return (
    <>
      <Row style={{ alignItems: 'flex-end' }}>
        <div style={{ flex: '0 1 240px' }}>
          <Choice<string>
            label="For"
            options={open.map((one) => [one.id, pageName(one)] as const)}
            value={page.id}
            onChange={(to) => void go(`/titles/${to}`, { replace: true })}
          />
        </div>
        <div style={{ flex: 1 }}>
          <TextField label="Title" value={told.text} onChange={told.setText} />
        </div>
      </Row>
      <Row $gap={18}>
        <Tick isSelected={asking.isAnyCase} onChange={(isAnyCase) => setAsking({ ...asking, isAnyCase })}>
          either case will do
        </Tick>
        <Tick isSelected={asking.standIns} onChange={(standIns) => setAsking({ ...asking, standIns })}>
          turn, swap and cut letters
        </Tick>
      </Row>
    </>
  );
}

interface WaysProps {
  spelt: readonly Spelt[];
  chosen: string | null;
  onChoose: (key: string) => void;
}

/** Each way to spell it with what it needs, the best first. */
function Ways({ spelt, chosen, onChoose }: WaysProps) {
  if (spelt.length === 0) return null;
  return (
    <section aria-label="From which letters">
      <h2>From which letters</h2>
      <List>
        {spelt.map(({ key, name, spelling }) => {
          const [title] = spelling.titles;
          return (
            <li key={key}>
              <Pick type="button" aria-pressed={key === chosen} disabled={!title?.spelt} onClick={() => onChoose(key)}>
                <b>{name}</b> <span>{speltWords(title)}</span>
              </Pick>
            </li>
          );
        })}
      </List>
    </section>
  );
}

const Last = styled.p`
  color: ${({ theme }) => theme.brick};
  margin: 0;
`;
const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
`;
const Pick = styled.button`
  width: 100%;
  display: flex;
  gap: 14px;
  justify-content: space-between;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  padding: 7px 10px;
  cursor: pointer;
  span {
    color: ${({ theme }) => theme.soft};
  }
  &:disabled {
    cursor: default;
  }
  &[aria-pressed='true'] {
    border-left-color: ${({ theme }) => theme.pond};
    background: ${({ theme }) => theme.paper};
  }
`;
