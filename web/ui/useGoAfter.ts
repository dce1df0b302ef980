import { useLocation, useNavigate, type NavigateOptions } from 'react-router';

/**
 * Goes somewhere once something is done, unless she has gone elsewhere while it was written: the screen she chose
 * stays. @param to null: it was not done
 */
export function useGoAfter(): (to: string | null | Promise<string | null>, options?: NavigateOptions) => Promise<void> {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  return async (to, options) => {
    const where = await to;
    if (where !== null && window.location.pathname === pathname) await navigate(where, options);
  };
}
