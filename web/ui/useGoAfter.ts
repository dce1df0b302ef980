import { useNavigate, type NavigateOptions } from 'react-router';

/**
 * Goes somewhere once something is done, unless she has gone elsewhere while it was written: the screen she chose
 * stays. @param to null: it was not done
 */
export function useGoAfter(): (to: Promise<string | null>, options?: NavigateOptions) => Promise<void> {
  const go = useNavigate();
  return async (to, options) => {
    const { pathname } = window.location;
    const where = await to;
    if (where !== null && window.location.pathname === pathname) await go(where, options);
  };
}
