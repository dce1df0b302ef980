import type { Thing } from './thing';

/** Things of a line of which the whole is in doubt: the first of them says so. */
export function inDoubt(things: readonly Thing[], text: string, why: string): Thing[] {
  const [first, ...others] = things;
  if (!first) return [];
  const doubt = { words: text.trim(), why, from: 0, to: text.length };
  return [{ ...first, doubts: [doubt, ...first.doubts] }, ...others];
}
