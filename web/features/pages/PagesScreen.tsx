import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { pageLayout } from '../../../core/design';
import { pageState } from '../../../core/cutlist';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { usePageWriting } from '../../parts/pageWriting';
import { useLaidThings } from '../../parts/laidThings';
import { PageDrawing } from '../../ui/PageDrawing';
import { FORMATS, formatWords, stateWords } from '../../ui/pageWords';
import { Empty, Screen, Soft } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { pageName } from '../../data/didWords';
import { startPage } from '../../data/begin';

const SCALE = 15;

/** Pages: all that are begun or done, drawn to one scale. */
export function PagesScreen() {
  const bench = useBench((b) => b);
  const { pages } = bench;
  const { mat, change } = useSettings();
  const go = useGoAfter();
  const inOrder = [...pages.values()].sort(
    (a, b) => Number(a.finished !== null) - Number(b.finished !== null) || b.started.localeCompare(a.started),
  );
  const begin = async (): Promise<void> => {
    const begun = startPage({ format: FORMATS[0]![2], design: 'framed-ground', mat, photos: [], papers: {} });
    await go(
      begun.then((id) => {
        if (id !== null) change({ pageInHand: id });
        return id === null ? null : `/pages/${id}`;
      }),
    );
  };
  useKeys({
    'new-page': () => {
      void begin();
    },
  });
  return (
    <Screen
      title="Pages"
      about={pages.size > 0 ? 'at one scale' : undefined}
      actions={
        <Button
          look="main"
          hint="N"
          onPress={() => {
            void begin();
          }}
        >
          New page
        </Button>
      }
    >
      {pages.size === 0 ? (
        <Empty>
          <h2>No page yet</h2>
          <p>
            A page begins with its photos: pick them, choose a size and a design, and see which papers it takes before
            anything is cut.
          </p>
          <Button
            look="main"
            onPress={() => {
              void begin();
            }}
          >
            New page
          </Button>
        </Empty>
      ) : (
        <Table>
          {inOrder.map((page) => (
            <Spread key={page.id} page={page} />
          ))}
        </Table>
      )}
    </Screen>
  );
}

function Spread({ page }: { page: Page }) {
  const system = useSettings((s) => s.system);
  const state = useBench((b) => pageState(page, b));
  const writing = usePageWriting(page);
  const pictures = usePictures(page.photos);
  const layout = useMemo(() => pageLayout(page), [page]);
  const laid = useLaidThings(page);
  return (
    <li>
      <Link to={`/pages/${page.id}`}>
        {layout.ok ? (
          <PageDrawing
            layout={layout.value}
            papers={page.papers}
            pictures={pictures}
            scale={SCALE}
            laid={laid}
            writing={writing}
            label={`${pageName(page)}, drawn`}
          />
        ) : (
          <Blank
            style={{
              width: SCALE * (page.format.w / 8128) * (page.format.spread ? 2 : 1),
              height: SCALE * (page.format.h / 8128),
            }}
          >
            photos to be picked
          </Blank>
        )}
        <strong>{pageName(page)}</strong>
        <Soft>
          {formatWords(page.format, system)} · {stateWords(state)}
        </Soft>
      </Link>
    </li>
  );
}

const Table = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 22px 30px;
  align-items: flex-end;
  overflow: auto;
  padding: 6px;
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
const Blank = styled.div`
  display: grid;
  place-items: center;
  background: ${({ theme }) => theme.sheet};
  border: 2px dashed ${({ theme }) => theme.soft};
  color: ${({ theme }) => theme.soft};
  font-size: 14px;
  text-align: center;
`;
