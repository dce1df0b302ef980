import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { queryOf, searchOf, type StashQuery } from './stashQuery';

/** How long typing must rest before the address follows; browsers allow only so many changes of it. */
const REST_MS = 300;

/** What is asked; it stands in the address, so that a reload and Back keep it. */
export function useQueryInAddress(): [StashQuery, Dispatch<SetStateAction<StashQuery>>] {
  const { pathname, search } = useLocation();
  const go = useNavigate();
  const [query, setQuery] = useState(() => queryOf(search));
  useEffect(() => {
    const asked = searchOf(query);
    if (searchOf(queryOf(search)) === asked) return undefined;
    const timer = setTimeout(() => {
      void go({ pathname, search: asked }, { replace: true });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [query, pathname, search, go]);
  return [query, setQuery];
}
