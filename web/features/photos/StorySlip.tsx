import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { inches, type Ticks } from '../../../core/ground/length';
import { designOf, layOut } from '../../../core/page/design';
import { pagesOfStory } from '../../../core/page/photos';
import type { Photo, Story } from '../../../core/stock/things';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { PageDrawing } from '../../ui/PageDrawing';
import { FORMATS } from '../../ui/pageWords';
import { Row, Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { beginStoryPages, changeStory } from '../../../core/acts';
import { act } from '../../data/acts';
import { agreeing, countWords } from '../../words/countWords';
import { nth } from '../../../core/ground/nth';
import { known } from '../../../core/ground/known';
import { dayInDoubt } from './dayInDoubt';

export interface StorySlipProps {
  story: Story;
  /** Its photos on no page yet. */ waiting: readonly Photo[];
  onClose: () => void;
}

const MOST = 12;

type PagesOfStory = ReturnType<typeof pagesOfStory>;

/** How many pages a story wants, and of which size. */
function PagesWanted({
  story,
  formatId,
  onFormat,
}: {
  story: Story;
  formatId: string;
  onFormat: (id: string) => void;
}) {
  const wish = (to: string): void => {
    void act(
      changeStory(story.id, ({ pages: _, ...now }) => (to === 'any' ? now : { ...now, pages: Number(to) })),
      { isQuiet: true },
    );
  };
  return (
    <Two>
      <Choice
        label="Pages wanted"
        options={[
          ['any', 'as the photos ask for'],
          ...Array.from({ length: MOST }, (_, i): [string, string] => [String(i + 1), i === 0 ? 'one' : String(i + 1)]),
        ]}
        value={story.pages === undefined ? 'any' : String(story.pages)}
        onChange={wish}
      />
      <Choice
        label="Each"
        options={FORMATS.map(([id, words]): [string, string] => [id, words])}
        value={formatId}
        onChange={onFormat}
      />
    </Two>
  );
}

/** What a story is called, when and where it was, and who was there. */
function AboutStory({ story }: { story: Story }) {
  const field = (name: 'name' | 'date' | 'place' | 'people', label: string) => (
    <KeptTextField
      label={label}
      value={story[name] ?? ''}
      description={name === 'date' ? dayInDoubt(story.date) : undefined}
      onKeep={(typed) => {
        const text = typed.trim();
        if (name !== 'name' || text !== '') void act(changeStory(story.id, { [name]: text }), { isQuiet: true });
      }}
    />
  );
  return (
    <Two>
      {field('name', 'What it is called')}
      {field('date', 'When')}
      {field('place', 'Where')}
      {field('people', 'Who, if you like')}
    </Two>
  );
}

/** Where its photos make other pages than she wants, or do not fit. */
function NotAsWanted({
  story,
  waiting,
  proposed,
}: Pick<StorySlipProps, 'story' | 'waiting'> & { proposed: PagesOfStory }) {
  return (
    <>
      {waiting.length === 0 && <Soft>None of its photos waits for a page.</Soft>}
      {story.pages !== undefined && waiting.length > 0 && proposed.pages.length !== story.pages && (
        <Wrong>
          {proposed.pages.length < story.pages
            ? `${waiting.length} waiting ${agreeing(waiting.length, 'photo makes', 'photos make')} ${countWords(proposed.pages.length, 'page')}, not ${story.pages}.`
            : `Its photos do not fit on fewer than ${countWords(proposed.pages.length, 'page')} of this size.`}
        </Wrong>
      )}
      {proposed.left.map((photo) => (
        <Wrong key={photo.id}>{photo.name} is larger than a page of this size takes.</Wrong>
      ))}
    </>
  );
}

/** A story: when, where, who; how many pages it wants, and the pages that its waiting photos make. */
export function StorySlip({ story, waiting, onClose }: StorySlipProps) {
  const mat = useSettings((s) => s.mat);
  const goAfter = useGoAfter();
  const [formatId, setFormat] = useState(nth(FORMATS, 0)[0]);
  const format = known(FORMATS, ([id]) => id === formatId)[2];
  const proposed = useMemo(
    () => pagesOfStory(waiting, format, mat, story.pages ?? null),
    [waiting, format, mat, story.pages],
  );
  const begin = async (): Promise<void> => {
    const { name, date, place } = story;
    const titleOf = (i: number): string => (proposed.pages.length === 1 ? name : `${name}, ${i + 1}`);
    const begun = proposed.pages.map(({ photos, design, format: own }, i) => ({
      format: own,
      design,
      mat,
      photos,
      papers: {},
      title: titleOf(i),
      date,
      place,
    }));
    await goAfter(act(beginStoryPages(story, begun)).then((isDone) => (isDone ? '/pages' : null)));
  };
  return (
    <Slip aria-label={story.name}>
      <Stack>
        <Row>
          <h2>{story.name}</h2>
          <Button look="quiet" onPress={onClose}>
            close
          </Button>
        </Row>
        <PagesWanted story={story} formatId={formatId} onFormat={setFormat} />
        <NotAsWanted story={story} waiting={waiting} proposed={proposed} />
        <Small aria-label="Proposed pages">
          {proposed.pages.map((page, i) => (
            <li key={i}>
              <Proposed design={page.design} format={page.format} photos={page.photos} mat={mat} />
            </li>
          ))}
        </Small>
        {proposed.pages.length > 0 && (
          <Button look="main" onPress={() => void begin()}>
            {agreeing(proposed.pages.length, 'Begin this page', `Begin these ${proposed.pages.length} pages`)}
          </Button>
        )}
        <AboutStory story={story} />
      </Stack>
    </Slip>
  );
}

function Proposed({
  design,
  format,
  photos,
  mat,
}: {
  design: string;
  format: Parameters<typeof layOut>[1]['format'];
  photos: Parameters<typeof layOut>[1]['photos'];
  mat: Ticks;
}) {
  const pictures = usePictures(photos);
  const drawn = designOf(design);
  const laid = drawn && layOut(drawn, { format, photos, mat });
  return (
    laid?.ok && (
      <>
        <PageDrawing
          layout={laid.value}
          papers={{}}
          pictures={pictures}
          scale={80 / (laid.value.size.w / inches(1))}
          label={`${drawn?.name}, ${countWords(photos.length, 'photo')}`}
        />
        <Soft>{drawn?.name}</Soft>
      </>
    )
  );
}

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
`;
const Small = styled.ul`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 10px;
  li {
    display: flex;
    flex-direction: column;
    gap: 2px;
    font-size: 13px;
    line-height: 1.2;
  }
`;
