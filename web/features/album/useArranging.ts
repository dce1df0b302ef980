import { useState } from 'react';
import { moved, pushed, type Leaf } from '../../../core/kit/album';
import { changeAlbum } from '../../../core/acts';
import type { Album, AlbumPlace } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useKeys } from '../../ui/useKeys';

/** Which place of an album is chosen, and what is done with its places; keys do it too. */
export function useArranging(album: Album, leaves: readonly Leaf[]) {
  const [chosen, choose] = useState<string | null>(null);
  // Worked out from the album as it is by then: quick keys come before the last move is written.
  const change = (to: (now: Album) => Album): void => void act(changeAlbum(album.id, to), { isQuiet: true });
  const step = (by: -1 | 1): void => {
    const at = leaves.findIndex(({ place }) => place.id === chosen);
    choose(leaves[Math.min(leaves.length - 1, Math.max(0, at + by))]?.place.id ?? null);
  };
  const push = (by: -1 | 1): void => {
    if (chosen !== null) change((now) => pushed(now, chosen, by));
  };
  const takeOut = (): void => {
    if (chosen === null) return;
    step(1);
    change((now) => ({ ...now, places: now.places.filter(({ id }) => id !== chosen) }));
  };
  /** @param before null: at the end */
  const add = (place: AlbumPlace, before: string | null): void =>
    change((now) => moved({ ...now, places: [...now.places, place] }, place.id, before));
  const move = (id: string, before: string | null): void => change((now) => moved(now, id, before));
  const say = (place: AlbumPlace): void =>
    change((now) => ({ ...now, places: now.places.map((one) => (one.id === place.id ? place : one)) }));
  useKeys({
    'album-next': () => step(1),
    'album-before': () => step(-1),
    'album-later': () => push(1),
    'album-earlier': () => push(-1),
    'album-out': takeOut,
  });
  return { chosen, choose, change, push, takeOut, add, move, say };
}
