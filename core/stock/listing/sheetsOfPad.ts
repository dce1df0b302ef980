import { WHOLE, wholeOf } from './numbers';
import type { Doubt } from './thing';
import type { Unread } from './unread';

const DESIGNS = /(?:\bof\s+)?(?<![\d.])(\d+)\s+(?:different\s+)?designs?(?!\p{L})/iu;
/** `2 each`, `3 of each design`, `2 copies of each`. */
const OF_EACH = new RegExp(
  String.raw`(?<![\p{L}\d/.])(${WHOLE})\s+(?:(?:copies|sheets?)\s+)?(?:of\s+)?each(?!\p{L})(?:\s+(?:of(?=\s*(?:$|[,;)]))|(?:designs?|patterns?|prints?)(?!\p{L})))?`,
  'iu',
);

/** What is told of the designs of a pad. */
export interface DesignsTold {
  readonly designs: number | null;
  /** Sheets of each of them, and where that stands; null: it is not told. */
  readonly each: (Omit<Doubt, 'why'> & { readonly n: number }) | null;
}

/** Takes how many designs a pad has, and how many sheets of each. */
export function takeDesigns(line: Unread): DesignsTold {
  const told = line.take(DESIGNS);
  const designs = told && Number(told[1]) > 0 ? Number(told[1]) : null;
  const match = line.take(OF_EACH);
  if (!match) return { designs, each: null };
  const { 0: words, index: from } = match;
  return { designs, each: { words: words.trim(), from, to: from + words.length, n: wholeOf(match[1] ?? '') } };
}

/**
 * The sheets of a pad and its designs, one of which follows from the other where it is told how many there are of each.
 * @param count sheets, as told; null: it is not
 */
export function sheetsOfPad(
  { designs, each }: DesignsTold,
  count: number | null,
): { count: number | null; designs: number | null; doubts: readonly Doubt[] } {
  if (each === null) return { count: count ?? designs, designs, doubts: [] };
  const { n, ...at } = each;
  if (n > 0 && count === null && designs !== null) return { count: n * designs, designs, doubts: [] };
  const isEven = n > 0 && count !== null && count % n === 0;
  if (isEven && designs === null) return { count, designs: count / n, doubts: [] };
  const isSame = isEven && count === n * (designs ?? 0);
  const why = count === null ? 'Of each: of how many?' : `${count} are told, and this comes to another number.`;
  return { count, designs, doubts: isSame ? [] : [{ ...at, why }] };
}
