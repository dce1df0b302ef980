import { useEffect } from 'react';
import { useLocation, useNavigate } from 'react-router';

/**
 * Leads on to another address in place of this one. The router's own does so only once: where two ways to a screen are
 * taken in one moment (a double click on its place), it stays there and nothing is shown. Where she has chosen another
 * place whose code is still on its way, this one is what she leaves: it leads nowhere.
 */
export function LeadOn({ to }: { to: string }) {
  const go = useNavigate();
  const { key, pathname } = useLocation();
  useEffect(() => {
    if (window.location.pathname === pathname) void go(to, { replace: true });
  }, [go, to, key, pathname]);
  return null;
}
