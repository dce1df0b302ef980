import { useMemo } from 'react';
import type { Lead, Sources } from '../../../core/busting';
import { newestMonth } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useBusterChoices } from './busterChoices';

/** What is looked for, and what it may be made from; the same objects until she changes her mind. */
export function useBusting(): { readonly lead: Lead; readonly sources: Sources } {
  const { lead: kind, face, kitsLeft, withNewest } = useBusterChoices();
  const kits = useBench((b) => b.kits);
  const lead = useMemo((): Lead => {
    if (kind !== 'paper') return { kind };
    return face === '' ? { kind: 'oldest' } : { kind, faces: [face] };
  }, [kind, face]);
  const sources = useMemo((): Sources => {
    const newest = newestMonth(kits.values());
    const asked = [...kits.values()].filter(({ id }) => !kitsLeft.includes(id));
    // The newest kit is left alone as a whole: its things, too.
    const own = asked.filter(
      ({ month, gathered, isOpened }) => withNewest || gathered !== undefined || isOpened === true || month !== newest,
    );
    return { kits: kitsLeft.length === 0 ? null : new Set(own.map(({ id }) => id)), withNewest };
  }, [kits, kitsLeft, withNewest]);
  return { lead, sources };
}
