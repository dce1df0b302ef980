import { useState, type Dispatch, type SetStateAction } from 'react';
import { matchPath, useLocation, useNavigate } from 'react-router';
import { useOnceRested } from '../../ui/useOnceRested';
import { queryOf, searchOf, type StashQuery } from './stashQuery';

/** What is asked; it stands in the address, so that a reload and Back keep it. */
export function useQueryInAddress(): [StashQuery, Dispatch<SetStateAction<StashQuery>>] {
  const { search } = useLocation();
  const go = useNavigate();
  const [query, setQuery] = useState(() => queryOf(search));
  const asked = searchOf(query);
  useOnceRested(searchOf(queryOf(search)) === asked ? null : asked, () => {
    // Where she is by then: a thing may have been opened that is not drawn yet, or another place chosen.
    const { pathname } = window.location;
    if (matchPath('/stash/:thing?', pathname)) void go({ pathname, search: asked }, { replace: true });
  });
  return [query, setQuery];
}
