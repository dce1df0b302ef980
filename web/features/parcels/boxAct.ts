import { isKeyOf } from '../../ui/keyTable';

/** What a key says of a line of the box; `on` goes to the next line, or the one before. */
export type BoxAct =
  | { readonly kind: 'here' | 'damaged'; readonly n: number; readonly on: 0 | 1 }
  | { readonly kind: 'instead' | 'edit'; readonly on: 0 }
  | { readonly kind: 'go'; readonly on: 1 | -1 };

/** How many a line tells of, and how many of them are here and damaged; `here` null: not looked at. */
export interface BoxCount {
  /** Digits pressed just before: of ten and more, two of them are one number. */
  readonly typed?: string;
  readonly count: number;
  readonly here: number | null;
  readonly damaged: number;
}

/**
 * Space: all here; digits: so many, of ten and more with a second digit; +: one too many; D: one damaged, and after the last none; W: the wrong thing; E: put right;
 * arrows: on. Null: nothing.
 */
export function boxAct(key: string, { count, here, damaged, typed = '' }: BoxCount): BoxAct | null {
  if (isKeyOf('box-count', key))
    return { kind: 'here', n: Math.min(count, Number(`${typed}${key}`)), on: count < 10 ? 1 : 0 };
  if (isKeyOf('box-all', key)) return { kind: 'here', n: count, on: 1 };
  if (isKeyOf('box-more', key)) return { kind: 'here', n: Math.max(count, here ?? 0) + 1, on: 0 };
  if (isKeyOf('box-damaged', key)) return { kind: 'damaged', n: damaged < count ? damaged + 1 : 0, on: 0 };
  if (isKeyOf('box-wrong', key)) return { kind: 'instead', on: 0 };
  if (isKeyOf('box-edit', key)) return { kind: 'edit', on: 0 };
  return isKeyOf('box-move', key) ? { kind: 'go', on: key === 'ArrowDown' ? 1 : -1 } : null;
}
