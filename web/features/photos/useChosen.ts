import { useSearchParams } from 'react-router';

/** A photo or a story that is open. */
export type Chosen = { readonly photo: string } | { readonly story: string };

/** What is open; it stands in the address, so that it is found from elsewhere and kept over a reload. */
export function useChosen(): [Chosen | null, (chosen: Chosen | null) => void] {
  const [asked, setAsked] = useSearchParams();
  const [photo, story] = [asked.get('photo'), asked.get('story')];
  const chosen = photo !== null ? { photo } : story !== null ? { story } : null;
  return [chosen, (to) => setAsked(to === null ? {} : { ...to }, { replace: true })];
}
