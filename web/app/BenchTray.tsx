import { lazy, Suspense } from 'react';
import { useBench } from '../data/benchStore';
import { useSettings } from '../data/settings';
import { Tray } from './Tray';

/** Loaded only where a page is in hand. */
const TrayOfPage = lazy(async () => ({ default: (await import('./TrayOfPage')).TrayOfPage }));

/** The shallow strip along the foot: what is out for the page in hand, drawn to scale. */
export function BenchTray() {
  const pageInHand = useSettings((s) => s.pageInHand);
  const page = useBench((b) => b.pages.get(pageInHand ?? ''));
  if (page)
    return (
      <Suspense fallback={<Tray data-clear />}>
        <TrayOfPage page={page} />
      </Suspense>
    );
  return (
    <Tray aria-label="Bench tray" data-clear>
      <p>The bench is clear. Things taken out for a page lie here until they are used or put away.</p>
    </Tray>
  );
}
