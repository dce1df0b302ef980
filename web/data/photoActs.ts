import { nanoid } from 'nanoid';
import type { StoryPage } from '../../core/photos';
import type { Page, Photo, Story } from '../../core/things';
import { act } from './acts';
import type { NewChange } from './ledgerStore';
import { newPage } from './pageActs';

/** Changes a photo; where its print is another size, pages that are still ideas take it over. */
export function changePhoto(
  photo: Photo,
  change: (now: Photo) => Photo,
  label: string,
  pages: ReadonlyMap<string, Page>,
): Promise<boolean> {
  const { w, h } = change(photo);
  const isResized = w !== photo.w || h !== photo.h;
  const open = isResized
    ? [...pages.values()].filter(
        (page) => page.state === 'idea' && page.photos.some((place) => place.photo === photo.id),
      )
    : [];
  return act({
    label,
    changes: [
      { table: 'photos', key: photo.id, change },
      ...open.map(({ id }): NewChange => ({
        table: 'pages',
        key: id,
        change: (now) => ({
          ...now,
          photos: now.photos.map((place) => (place.photo === photo.id ? { ...place, w, h } : place)),
        }),
      })),
    ],
  });
}

export const removePhoto = (photo: Photo): Promise<boolean> =>
  act({ label: `Took ${photo.name} away`, changes: [{ table: 'photos', key: photo.id, after: null }] });

export const changeStory = (story: Story, change: (now: Story) => Story, label: string): Promise<boolean> =>
  act({ label, changes: [{ table: 'stories', key: story.id, change }] }, true);

/** Begins a story's pages, all at once. */
export function startStoryPages(story: Story, pages: readonly StoryPage[], mat: number): Promise<boolean> {
  return act({
    label: `Began ${pages.length === 1 ? 'a page' : `${pages.length} pages`} for ${story.name}`,
    changes: pages.map(({ photos, design, format }, i): NewChange => {
      const page = newPage(nanoid(8), {
        format,
        design,
        mat,
        photos,
        papers: {},
        title: pages.length === 1 ? story.name : `${story.name}, ${i + 1}`,
        date: story.date,
        place: story.place,
      });
      return { table: 'pages', key: page.id, after: page };
    }),
  });
}
