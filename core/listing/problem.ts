import { err, type Result } from '../result';
import type { ListProblem } from './listItem';

export type Read<T> = Result<T, ListProblem>;

/** What is wrong with a stretch of a line. */
export function problem(
  line: string,
  text: string,
  kind: ListProblem['kind'],
  closest: string | null = null,
): Read<never> {
  const from = Math.max(0, line.indexOf(text));
  return err({ kind, from, to: from + text.length, text, closest });
}
