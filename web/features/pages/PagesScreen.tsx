import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { pageState } from '../../../core/page/cutlist';
import { unfinishedPages } from '../../../core/page/work';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { PageFigure } from '../../parts/PageFigure';
import { FORMATS, formatWords, stateWords } from '../../ui/pageWords';
import { Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useNow } from '../../ui/useNow';
import { useKeys } from '../../ui/useKeys';
import { pageName } from '../../data/didWords';
import { startPage } from '../../data/begin';
import { countWords } from '../../words/countWords';
import { PageFilters } from './PageFilters';
import { usePageQuery } from './usePageQuery';
import { TellButton } from './TellPage';
import { waitingWords } from './waitingWords';
import { nth } from '../../../core/ground/nth';

const SCALE = 15;

/** Pages: all that are begun or done, drawn to one scale. */
export function PagesScreen() {
  const pages = useBench((b) => b.pages);
  const { mat, change } = useSettings();
  const goAfter = useGoAfter();
  const begin = async (): Promise<void> => {
    const begun = startPage({ format: nth(FORMATS, 0)[2], design: 'framed-ground', mat, photos: [], papers: {} });
    await goAfter(
      begun.then((id) => {
        if (id !== null) change({ pageInHand: id });
        return id === null ? null : `/pages/${id}`;
      }),
    );
  };
  useKeys({ 'new-page': () => void begin() });
  return (
    <Screen
      title="Pages"
      about={pages.size > 0 ? 'at one scale' : undefined}
      actions={
        <>
          <Link to="/round">Begin with anything</Link>
          <TellButton />
          <Button look="main" hint="N" onPress={() => void begin()}>
            New page
          </Button>
        </>
      }
    >
      {pages.size === 0 ? (
        <Empty>
          <h2>No page yet</h2>
          <p>
            A page begins with its photos, or with a paper, a thing, a word: it is drawn at once, and you see which
            papers it takes before anything is cut.
          </p>
          <Button look="main" onPress={() => void begin()}>
            New page
          </Button>
        </Empty>
      ) : (
        <AllPages />
      )}
    </Screen>
  );
}

/** All pages: on their shelves, or those that are asked for. */
function AllPages() {
  const asking = usePageQuery();
  const pages = useBench((b) => b.pages);
  return (
    <>
      {pages.size > 3 && <PageFilters {...asking} />}
      {asking.found === null ? <Shelves pages={[...pages.values()]} /> : <Found pages={asking.found} />}
    </>
  );
}

function Found({ pages }: { pages: readonly Page[] }) {
  return (
    <section aria-label="Pages found" style={{ overflow: 'auto' }}>
      <Soft role="status">{pages.length === 0 ? 'No page is like that.' : countWords(pages.length, 'page')}</Soft>
      <Table>
        {pages.map((page) => (
          <Spread key={page.id} page={page} />
        ))}
      </Table>
    </section>
  );
}

/** The shelf of unfinished pages, the oldest first, with what each waits for; then those that are done. */
function Shelves({ pages }: { pages: readonly Page[] }) {
  const bench = useBench((b) => b);
  const now = useNow(30_000);
  const [isTonight, setTonight] = useState(false);
  const unfinished = useMemo(() => unfinishedPages(pages, bench, now), [pages, bench, now]);
  const shown = isTonight ? unfinished.filter(({ canBeDone }) => canBeDone) : unfinished;
  const done = pages.filter(({ finished }) => finished !== null).sort((a, b) => b.started.localeCompare(a.started));
  return (
    <Stack $gap={14} style={{ overflow: 'auto' }}>
      {unfinished.length > 0 && (
        <section aria-label="Unfinished">
          <Row $gap={18}>
            <h2>Unfinished, the oldest first</h2>
            <Tick isSelected={isTonight} onChange={setTonight}>
              only what can be finished tonight
            </Tick>
          </Row>
          {shown.length === 0 && <Soft>None of them: each waits for photos or for more than an evening.</Soft>}
          <Table>
            {shown.map((one) => (
              <Spread key={one.page.id} page={one.page} waits={waitingWords(one)} />
            ))}
          </Table>
        </section>
      )}
      {done.length > 0 && (
        <section aria-label="Done">
          <h2>Done</h2>
          <Table>
            {done.map((page) => (
              <Spread key={page.id} page={page} />
            ))}
          </Table>
        </section>
      )}
    </Stack>
  );
}

function Spread({ page, waits }: { page: Page; waits?: string }) {
  const system = useSettings((s) => s.system);
  const state = useBench((b) => pageState(page, b));
  return (
    <li>
      <Link to={`/pages/${page.id}`}>
        <PageFigure page={page} scale={SCALE} />
        <strong>{pageName(page)}</strong>
        <Soft>
          {formatWords(page.format, system)} · {stateWords(state)}
        </Soft>
        {waits !== undefined && <small>{waits}</small>}
      </Link>
    </li>
  );
}

const Table = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 22px 30px;
  align-items: flex-end;
  padding: 6px;
  small {
    max-width: 220px;
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
  a {
    display: flex;
    flex-direction: column;
    gap: 4px;
    text-decoration: none;
    color: inherit;
  }
  strong {
    padding-top: 4px;
  }
  a:hover strong {
    text-decoration: underline;
  }
`;
