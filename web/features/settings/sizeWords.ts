import type { Contents } from '../../data/file/contents';
import { countWords } from '../../words/countWords';

/** How much there is of everything, in words. */
export function sizeWords({
  kits,
  lots,
  pages,
  photos,
}: { [K in keyof Contents]?: { readonly length: number } }): string {
  const some = (list: { readonly length: number } | undefined, one: string, many?: string): string =>
    countWords(list?.length ?? 0, one, many);
  return `${some(kits, 'kit')}, ${some(lots, 'kind of thing', 'kinds of things')}, ${some(pages, 'page')} and ${some(photos, 'photo')}`;
}

/** Bytes as people say them. */
export const bytesWords = (n: number): string =>
  n >= 1e9
    ? `${(n / 1e9).toFixed(1)} GB`
    : n >= 1e6
      ? `${Math.round(n / 1e6)} MB`
      : `${Math.max(1, Math.round(n / 1e3))} kB`;
