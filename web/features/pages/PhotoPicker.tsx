import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { byDay } from '../../../core/ground/days';
import { formatSize, inches } from '../../../core/ground/length';
import type { Page, PagePhoto, Photo } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useImageUrls } from '../../data/images';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft, Stack } from '../../ui/Screen';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';

const KEPT: PagePhoto = { photo: null, w: inches(6), h: inches(4) };

/** The page that each photo is on; where it is on several, the one that is glued. */
function pagesOfPhotos(pages: readonly Page[]): ReadonlyMap<string, Page> {
  const found = new Map<string, Page>();
  for (const page of pages)
    for (const { photo } of page.photos)
      if (photo !== null && (found.get(photo)?.glued ?? null) === null) found.set(photo, page);
  return found;
}

/** Photos that could lie on a page, and the other pages of those that were tried there. */
function usePhotosFor(page: Page) {
  const { photos, pages, stories } = useBench((b) => b);
  const elsewhere = useMemo(
    () => pagesOfPhotos([...pages.values()].filter(({ id }) => id !== page.id)),
    [pages, page.id],
  );
  const waiting = useMemo(() => {
    const isTried = ({ id }: Photo): boolean => elsewhere.get(id)?.glued === null;
    const dateOf = ({ story }: Photo): string => stories.get(story)?.date ?? '';
    return [...photos.values()]
      .filter((photo) => !elsewhere.has(photo.id) || isTried(photo))
      .sort((a, b) => Number(elsewhere.has(a.id)) - Number(elsewhere.has(b.id)) || byDay(dateOf(b), dateOf(a)));
  }, [photos, stories, elsewhere]);
  return { waiting, elsewhere };
}

function changePhotos(page: string, change: (now: readonly PagePhoto[]) => readonly PagePhoto[], label: string): void {
  void act(
    changePage(page, (now) => ({ photos: change(now.photos) }), label),
    { isQuiet: true },
  );
}

/** Places kept for photos that are not there yet. */
function PlacesKept({ page }: { page: Page }) {
  const kept = page.photos.filter(({ photo }) => photo === null).length;
  return (
    <Row>
      <Button look="quiet" onPress={() => changePhotos(page.id, (now) => [...now, KEPT], 'Kept a place for a photo')}>
        Keep a place for a photo
      </Button>
      {kept > 0 && (
        <>
          <Soft>{kept} kept</Soft>
          <Button
            look="quiet"
            onPress={() =>
              changePhotos(
                page.id,
                (now) => now.filter((p, i) => p.photo !== null || now.findIndex((o) => o.photo === null) !== i),
                'Gave a kept place up',
              )
            }
          >
            one fewer
          </Button>
        </>
      )}
    </Row>
  );
}

/** Photos waiting, by story; those tried on another page that is not glued come last. those picked carry their place in the row. */
export function PhotoPicker({ page }: { page: Page }) {
  const stories = useBench((b) => b.stories);
  const system = useSettings((s) => s.system);
  const { waiting, elsewhere } = usePhotosFor(page);
  const urls = useImageUrls(useMemo(() => waiting.map(({ image }) => image), [waiting]));
  const toggle = (id: string, size: { w: number; h: number }): void => {
    const isPicked = page.photos.some(({ photo }) => photo === id);
    changePhotos(
      page.id,
      (now) => (isPicked ? now.filter(({ photo }) => photo !== id) : [...now, { photo: id, w: size.w, h: size.h }]),
      isPicked ? 'Left a photo out' : 'Picked a photo',
    );
  };
  return (
    <Stack $gap={6}>
      <h2>Photos</h2>
      {waiting.length === 0 && (
        <Soft>
          No photo waits. Add some in <Link to="/photos">Photos</Link>, or keep a place.
        </Soft>
      )}
      <Prints aria-label="Photos waiting">
        {waiting.map((photo) => {
          const at = page.photos.findIndex((p) => p.photo === photo.id);
          const other = elsewhere.get(photo.id);
          const tried = other ? `, also tried on ${pageName(other)}` : '';
          const words = `${photo.name}, ${formatSize(photo, system)}, ${stories.get(photo.story)?.name ?? ''}${tried}`;
          return (
            <li key={photo.id}>
              <button
                type="button"
                aria-pressed={at >= 0}
                title={words}
                aria-label={words}
                data-tried={other !== undefined || undefined}
                onClick={() => toggle(photo.id, photo)}
              >
                <img src={urls.get(photo.image)} alt="" style={{ aspectRatio: `${photo.w} / ${photo.h}` }} />
                {at >= 0 && <b aria-hidden>{at + 1}</b>}
              </button>
            </li>
          );
        })}
      </Prints>
      <PlacesKept page={page} />
    </Stack>
  );
}

const Prints = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  max-height: 190px;
  overflow: auto;
  padding: 4px;
  button {
    position: relative;
    padding: 0;
    border: 3px solid transparent;
    background: none;
    cursor: pointer;
    display: block;
  }
  button[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
  }
  button[data-tried] img {
    opacity: 0.55;
  }
  img {
    height: 46px;
    display: block;
    object-fit: cover;
    background: ${({ theme }) => theme.line};
  }
  b {
    position: absolute;
    top: -4px;
    left: -4px;
    width: 20px;
    height: 20px;
    border-radius: 50%;
    background: ${({ theme }) => theme.beet};
    color: ${({ theme }) => theme.onBeet};
    font-size: 13px;
    display: grid;
    place-items: center;
  }
`;
