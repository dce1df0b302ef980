import { pageState } from '../../page/cutlist';
import type { Album, MeasuredDesign, MonthAim, Page, Photo, Rule, Story, Wish } from '../../stock/things';
import { decided, drop, put, refuse, type Deciding, type DidKind } from '../act';
import type { Bench, Records, TableName } from '../../stock/bench';
import { refit } from '../pages/refit';
import { nth } from '../../ground/nth';

/** A record changed: some of its fields, or all of it worked out from what it is by then. */
export type Changing<T> = Partial<T> | ((now: T) => T);

const changedBy = <T>(some: Changing<T>, now: T): T => (typeof some === 'function' ? some(now) : { ...now, ...some });

/** Changes some of a record's fields. */
const changing =
  <K extends TableName>(table: K, did: DidKind) =>
  (id: string, some: Changing<Records[K]>, name?: string): Deciding =>
  (bench) => {
    const record = (bench[table] as ReadonlyMap<string, Records[K]>).get(id);
    if (!record) return refuse('gone');
    const told = name ?? ('name' in record ? (record as { name: string }).name : '');
    return decided(did, told, { records: [put(table, changedBy(some, record))] });
  };

export const changeKit = changing('kits', 'changed-kit');
export const changeLot = changing('lots', 'changed-lot');
export const changeFace = changing('faces', 'changed-face');
export const pictureFace = changing('faces', 'pictured-face');
export const changeStory = changing('stories', 'changed-story');

/** Adds photos, with the stories that are new. */
export const addPhotos =
  (photos: readonly Photo[], stories: readonly Story[]): Deciding =>
  () =>
    photos.length === 0
      ? refuse('nothing-to-do')
      : decided('added-photos', photos.length === 1 ? nth(photos, 0).name : '', {
          count: photos.length,
          records: [...stories.map((story) => put('stories', story)), ...photos.map((photo) => put('photos', photo))],
        });

const pagesWith = ({ pages }: Bench, photo: string) =>
  [...pages.values()].filter((page) => page.photos.some((place) => place.photo === photo));

/**
 * Changes a photo; where its print is another size, pages take it over that nothing is planned for: what was cut for
 * them and no longer fits goes back.
 */
export const changePhoto =
  (id: string, some: Changing<Photo>): Deciding =>
  (bench) => {
    const photo = bench.photos.get(id);
    if (!photo) return refuse('gone');
    const now = changedBy(some, photo);
    const { w, h } = now;
    const isOpen = (page: Page): boolean => ['idea', 'cut'].includes(pageState(page, bench));
    const open = w !== photo.w || h !== photo.h ? pagesWith(bench, id).filter(isOpen) : [];
    const changed = open.map((page) => {
      const photos = page.photos.map((place) => (place.photo === id ? { ...place, w, h } : place));
      return { page: { ...page, photos }, ...refit(bench, page, { ...page, photos }) };
    });
    return decided('changed-photo', photo.name, {
      events: changed.flatMap(({ part }) => part.events),
      records: [put('photos', now), ...changed.flatMap(({ page, part }) => [put('pages', page), ...part.records])],
    });
  };

/** Takes a photo away; pages keep its place. */
export const removePhoto =
  (id: string): Deciding =>
  (bench) => {
    const photo = bench.photos.get(id);
    if (!photo) return refuse('gone');
    return decided('removed-photo', photo.name, {
      records: [
        ...pagesWith(bench, id).map((page) =>
          put('pages', {
            ...page,
            photos: page.photos.map((place) => (place.photo === id ? { ...place, photo: null } : place)),
          }),
        ),
        drop('photos', id),
      ],
    });
  };

export const keepDesign =
  (design: MeasuredDesign): Deciding =>
  () =>
    decided('kept-design', design.name, { records: [put('designs', design)] });

export const beginAlbum =
  (album: Album): Deciding =>
  () =>
    decided('began-album', album.name, { records: [put('albums', album)] });

export const changeAlbum = changing('albums', 'changed-album');

/** Its pages stay. */
export const dropAlbum =
  ({ id, name }: Album): Deciding =>
  () =>
    decided('dropped-album', name, { records: [drop('albums', id)] });

/** Pages laid out in it keep it. */
export const dropDesign =
  ({ id, name }: MeasuredDesign): Deciding =>
  () =>
    decided('dropped-design', name, { records: [drop('designs', id)] });

export const noteWish =
  (line: string): Deciding =>
  (_, { day, newId }) =>
    decided('wished', line, { records: [put('wishes', { id: newId(), line, noted: day })] });

export const dropWish =
  ({ id, line }: Wish): Deciding =>
  () =>
    decided('dropped-wish', line, { records: [drop('wishes', id)] });

/** A wish come true becomes a parcel of her own to unpack. @param draft the parcel's id */
export const buyWish =
  ({ id, line }: Wish, draft: string, name: string): Deciding =>
  ({ wishes }, { day }) =>
    wishes.has(id)
      ? decided('bought-wish', line, {
          records: [
            drop('wishes', id),
            put('drafts', { id: draft, club: '', name, month: day.slice(0, 7), list: line, here: {} }),
          ],
        })
      : refuse('gone', line);

/** What she means for a month. */
export const keepMonthAim =
  (aim: MonthAim): Deciding =>
  () =>
    decided('kept-aim', aim.month, { records: [put('monthAims', aim)] });

export const dropMonthAim =
  ({ id, month }: MonthAim): Deciding =>
  () =>
    decided('dropped-aim', month, { records: [drop('monthAims', id)] });

/** A rule for every list from now on; the same words said otherwise before are said anew. */
export const keepRule =
  (words: string, kind: Rule['kind']): Deciding =>
  ({ rules }, { newId }) => {
    const said = words.trim().replace(/\s+/g, ' ');
    if (said === '') return refuse('nothing-to-do');
    const known = [...rules.values()].find((rule) => rule.words.toLowerCase() === said.toLowerCase());
    return decided('kept-rule', said, { records: [put('rules', { id: known?.id ?? newId(), words: said, kind })] });
  };

export const dropRule =
  ({ id, words }: Rule): Deciding =>
  () =>
    decided('dropped-rule', words, { records: [drop('rules', id)] });
