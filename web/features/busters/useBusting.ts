import { useMemo } from 'react';
import type { Lead, Sources } from '../../../core/kit/busting';
import { plainWords, wordsAsked } from '../../../core/kit/finding';
import type { Bench } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { useBusterChoices } from './busterChoices';

/** Faces with the words of a theme printed on them or in their name, and those of kits that are about it. */
function facesOfTheme(theme: string, { kits, lots, faces }: Pick<Bench, 'kits' | 'lots' | 'faces'>): string[] {
  const asked = wordsAsked(theme);
  if (asked.length === 0) return [];
  return [...lots.values()].flatMap((lot) =>
    [lot.front, lot.back].flatMap((id) => {
      const face = faces.get(id ?? '');
      const words = [face?.name, ...(face?.words ?? []), ...(kits.get(lot.kit)?.theme ?? [])].join(' ');
      return face && asked.some((word) => plainWords(words).includes(word)) ? [face.id] : [];
    }),
  );
}

/** What is looked for, and what it may be made from; the same objects until she changes her mind. */
export function useBusting(): { readonly lead: Lead; readonly sources: Sources } {
  const { lead: kind, face, theme, kitsLeft, withNewest } = useBusterChoices();
  const { kits, lots, faces } = useBench((b) => b);
  const ofTheme = useMemo(() => facesOfTheme(theme, { kits, lots, faces }), [theme, kits, lots, faces]);
  const lead = useMemo((): Lead => {
    // Of a theme that nothing is of there is no page; where none is told yet, it begins with the oldest.
    if (kind === 'theme') return theme === '' ? { kind: 'oldest' } : { kind: 'paper', faces: ofTheme };
    if (kind !== 'paper') return { kind };
    return face === '' ? { kind: 'oldest' } : { kind, faces: [face] };
  }, [kind, face, theme, ofTheme]);
  const sources = useMemo((): Sources => {
    const asked = [...kits.keys()].filter((id) => !kitsLeft.includes(id));
    return { kits: asked.length === kits.size ? null : new Set(asked), withNewest };
  }, [kits, kitsLeft, withNewest]);
  return { lead, sources };
}
