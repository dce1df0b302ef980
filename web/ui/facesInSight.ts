import { useEffect } from 'react';
import { createStore, useStore } from 'zustand';
import { patternId } from './facePattern';

/** Faces, and pictures of things, that have been drawn on some screen: their pictures are loaded first. */
const store = createStore<{ readonly faces: ReadonlySet<string> }>()(() => ({ faces: new Set() }));
let waiting: string[] = [];

/** Those that come into sight at once are told together. */
function flush(): void {
  const { faces } = store.getState();
  const fresh = waiting.filter((face) => !faces.has(face));
  waiting = [];
  if (fresh.length > 0) store.setState({ faces: new Set([...faces, ...fresh]) });
}

/** Says that a component draws these faces; null: plain stock. */
export function useFacesInSight(faces: readonly (string | null | undefined)[]): void {
  const key = faces.filter((face) => face !== null && face !== undefined).join('\n');
  useEffect(() => {
    const fresh = key.split('\n').filter((face) => face !== '' && !store.getState().faces.has(face));
    if (fresh.length === 0) return;
    if (waiting.length === 0) requestAnimationFrame(flush);
    waiting.push(...fresh);
  }, [key]);
}

/** Says that a component draws a picture of a thing. */
export const usePictureInSight = (image: string | undefined): void => useFacesInSight([image]);

/** All faces that have come into sight. */
export const useSeenFaces = (): ReadonlySet<string> => useStore(store, ({ faces }) => faces);

const PLAIN = '#e7dfcf';
/** What a shape in inches is filled with to look like a face. */
export const fillOf = (face: string | null): string => (face === null ? PLAIN : `url(#${patternId(face)})`);

/** {@link fillOf} a face that the component draws. */
export function useFill(face: string | null): string {
  useFacesInSight([face]);
  return fillOf(face);
}
