import { nanoid } from 'nanoid';
import { useMemo } from 'react';
import styled from 'styled-components';
import { DESIGNS, designOfPage } from '../../../core/page/design';
import { beginRound, type RoundPage } from '../../../core/acts';
import { looksOf } from '../../../core/page/placing';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { BeginWith } from '../../parts/BeginWith';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { FORMATS } from '../../ui/pageWords';
import { PageDrawing } from '../../ui/PageDrawing';
import { Columns, Empty, Screen, Soft, Stack } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { Working } from '../../ui/Working';
import { useRound, type Round } from './useRound';

const WIDTH = 250;

/** What can be made round this? Pages drawn whole round a paper, a thing, a photo, words or colours. */
export function RoundScreen() {
  const round = useRound(DESIGNS.length);
  const { heart, pages, done, from } = round;
  return (
    <Screen
      title="What can I make round this?"
      about={heart && heart.name !== '' ? `round ${heart.name}` : undefined}
      actions={
        <Choice
          label="Page"
          options={FORMATS.map(([id, name]) => [id, name] as const)}
          value={round.size}
          onChange={round.setSize}
        />
      }
    >
      <Columns $widths="260px minmax(0, 1fr)">
        <BeginWith from={round.from} heart={round.heart} begin={round.begin} />
        <Stack $gap={14}>
          {done !== null && (
            <Working done={done} onStop={round.stop}>
              Trying design after design …
            </Working>
          )}
          {!from && (
            <Empty>
              <h2>Begin with anything</h2>
              <p>A paper, a thing, words or colours: whatever you have in your hand. Pages are drawn round it here.</p>
            </Empty>
          )}
          {from && !heart && <Soft>That is no longer there.</Soft>}
          {heart && done === null && pages.length === 0 && (
            <Soft>No page of this size can be made round it from what is here. Try a smaller one.</Soft>
          )}
          <Pages>
            {pages.map((one) => (
              <Offer key={one.design} one={one} round={round} />
            ))}
          </Pages>
        </Stack>
      </Columns>
    </Screen>
  );
}

/** One page, drawn with its papers, photos and things. */
function Offer({ one, round }: { one: RoundPage; round: Round }) {
  const bench = useBench((b) => b);
  const goAfter = useGoAfter();
  const change = useSettings((s) => s.change);
  const pictures = usePictures(one.photos);
  const laid = useMemo(
    () =>
      one.things.flatMap((thing, i) => {
        const looks = looksOf(thing.what, bench);
        return looks ? [{ placed: { ...thing, id: String(i) }, looks }] : [];
      }),
    [one.things, bench],
  );
  const begin = (): void => {
    const id = round.page ?? nanoid(8);
    if (!round.heart) return;
    round.setBegun(true);
    void goAfter(
      act(beginRound(id, one, round.heart)).then((isDone) => {
        if (isDone) change({ pageInHand: id });
        else round.setBegun(false);
        return isDone ? `/pages/${id}` : null;
      }),
    );
  };
  const papers = [...new Set(Object.values(one.papers))].map((face) => bench.faces.get(face)?.name ?? '');
  const things = [...new Set(laid.map(({ looks }) => looks.name))];
  const { name } = designOfPage(one);
  return (
    <li>
      <PageDrawing
        layout={one.layout}
        papers={one.papers}
        pictures={pictures}
        scale={Math.min(WIDTH / (one.layout.size.w / 8128), WIDTH / (one.layout.size.h / 8128))}
        laid={laid}
        label={`${name}, drawn`}
      />
      <strong>{name}</strong>
      <Soft>{papers.slice(0, 4).join(' · ')}</Soft>
      {things.length > 0 && <Soft>with {things.join(', ')}</Soft>}
      <Button aria-label={`Begin this page: ${name}`} onPress={begin}>
        Begin this page
      </Button>
    </li>
  );
}

const Pages = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 22px 26px;
  padding: 6px;
  li {
    display: flex;
    flex-direction: column;
    gap: 4px;
    align-items: flex-start;
    width: ${WIDTH}px;
  }
`;
