import { useEffect, useState, type Dispatch, type SetStateAction } from 'react';
import { matchPath, useLocation, useNavigate } from 'react-router';
import { queryOf, searchOf, type StashQuery } from './stashQuery';

/** How long typing must rest before the address follows; browsers allow only so many changes of it. */
const REST_MS = 300;

/** What is asked; it stands in the address, so that a reload and Back keep it. */
export function useQueryInAddress(): [StashQuery, Dispatch<SetStateAction<StashQuery>>] {
  const { search } = useLocation();
  const go = useNavigate();
  const [query, setQuery] = useState(() => queryOf(search));
  useEffect(() => {
    const asked = searchOf(query);
    if (searchOf(queryOf(search)) === asked) return undefined;
    const timer = setTimeout(() => {
      // Where she is by then: a thing may have been opened that is not drawn yet, or another place chosen.
      const { pathname } = window.location;
      if (matchPath('/stash/:thing?', pathname)) void go({ pathname, search: asked }, { replace: true });
    }, REST_MS);
    return () => clearTimeout(timer);
  }, [query, search, go]);
  return [query, setQuery];
}
