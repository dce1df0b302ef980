import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { byDay } from '../../../core/ground/days';
import { changePage, markNote, notesForNext } from '../../../core/acts';
import type { Page, Photo } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pictureOf, useImageUrls } from '../../data/images';
import { Button } from '../../ui/Button';
import { PictureFill } from '../../ui/PictureFill';
import { Row, Soft, Stack } from '../../ui/Screen';
import { agreeing } from '../../words/countWords';

/** So many stories are offered, those that wait longest first, with so many photos. */
const STORIES = 3;
const PHOTOS = 4;

/** What could lie on a page on which nothing lies yet: photos that wait, a thing to begin with, what she noted. */
export function EmptyPage({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const { photos, pages, stories } = bench;
  const waiting = useMemo(() => {
    const used = new Set([...pages.values()].flatMap((one) => one.photos.map(({ photo }) => photo)));
    const byStory = new Map<string, Photo[]>();
    for (const photo of photos.values())
      if (!used.has(photo.id)) byStory.set(photo.story, [...(byStory.get(photo.story) ?? []), photo]);
    const dateOf = (story: string): string => stories.get(story)?.date ?? '';
    return [...byStory].sort(([a], [b]) => byDay(dateOf(a), dateOf(b))).slice(0, STORIES);
  }, [photos, pages, stories]);
  const urls = useImageUrls(
    useMemo(() => waiting.flatMap(([, own]) => own.slice(0, PHOTOS).map(({ image }) => image)), [waiting]),
  );
  return (
    <Offers aria-label="What could lie here">
      <h2>What could lie here</h2>
      {waiting.map(([story, own]) => (
        <StoryOffer
          key={story}
          name={stories.get(story)?.name ?? 'photos'}
          photos={own.slice(0, PHOTOS)}
          urls={urls}
          page={page}
        />
      ))}
      {waiting.length === 0 && <Soft>No photo waits. Keep a place for one, or begin with something else.</Soft>}
      <Row $gap={16}>
        <Link to={`/round?page=${page.id}`}>Begin with a paper, a thing, words or colours</Link>
        <Link to="/stash">look in the stash</Link>
      </Row>
      <ForNext />
    </Offers>
  );
}

interface StoryOfferProps {
  name: string;
  photos: readonly Photo[];
  urls: ReadonlyMap<string, string>;
  page: Page;
}

function StoryOffer({ name, photos, urls, page }: StoryOfferProps) {
  const some = photos.length > 2 ? photos.slice(0, 2) : photos;
  return (
    <Row>
      {photos.map((photo) => {
        const picture = pictureOf(photo, urls);
        return (
          <svg key={photo.id} width={54} height={54} aria-hidden>
            {picture && <PictureFill {...picture} x={0} y={0} width={54} height={54} />}
          </svg>
        );
      })}
      <Button
        look="quiet"
        onPress={() =>
          void act(
            changePage(page.id, { photos: some.map(({ id, w, h }) => ({ photo: id, w, h })) }, `Began with ${name}`),
            { isQuiet: true },
          )
        }
      >
        {agreeing(some.length, `the photo of ${name}`, `two of ${name}`)}
      </Button>
    </Row>
  );
}

/** Notes that she wanted to have back when a page is begun. */
function ForNext() {
  const bench = useBench((b) => b);
  const notes = useMemo(() => notesForNext(bench), [bench]);
  if (notes.length === 0) return null;
  return (
    <Stack $gap={4}>
      <h3>You wanted to use next time</h3>
      {notes.map(({ table, key, name, note }) => (
        <Row key={note.id}>
          <span>
            {note.words} <Soft>({name})</Soft>
          </span>
          <Button
            look="quiet"
            aria-label={`Seen to: ${note.words}`}
            onPress={() => void act(markNote(table, key, note.id, false), { isQuiet: true })}
          >
            seen to
          </Button>
        </Row>
      ))}
    </Stack>
  );
}

const Offers = styled.section`
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-self: stretch;
  padding: 4px 30px;
`;
