import { useMemo, useState } from 'react';
import { hasAll, plainWords, wordsAsked } from '../../../core/kit/finding';
import type { Photo } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { dayWords } from '../../ui/dayWords';

export type Shown = 'all' | 'waiting' | 'to-print' | 'used';

/** All photos, which of them wait, and those that are shown of what she asks for. */
export function usePhotosShown() {
  const { photos, stories, pages } = useBench((b) => b);
  const all = useMemo(() => [...photos.values()], [photos]);
  const used = useMemo(
    () => new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo))),
    [pages],
  );
  const waiting = useMemo(() => new Set(all.filter(({ id }) => !used.has(id)).map(({ id }) => id)), [all, used]);
  const [text, setText] = useState('');
  const [which, setWhich] = useState<Shown>('all');
  const isShown = (photo: Photo): boolean => {
    const story = stories.get(photo.story);
    const words = plainWords(
      [
        photo.name,
        photo.taken,
        story?.name,
        story?.place,
        story?.date,
        dayWords(story?.date ?? ''),
        story?.people,
      ].join(' '),
    );
    const isOf = {
      all: true,
      waiting: waiting.has(photo.id),
      'to-print': photo.isPrinted !== true && waiting.has(photo.id),
      used: used.has(photo.id),
    }[which];
    return isOf && hasAll(words, wordsAsked(text));
  };
  return { all, used, waiting, shown: all.filter(isShown), text, setText, which, setWhich };
}
