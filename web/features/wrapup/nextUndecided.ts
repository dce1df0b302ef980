import type { LeftThing } from '../../../core/kit/closing';

/** What follows a thing that is decided: the next that is not, from there on and then from the first. */
export const nextUndecided = (left: readonly LeftThing[], key: string | null): string | null => {
  const at = left.findIndex((thing) => thing.key === key);
  const others = [...left.slice(at + 1), ...left.slice(0, Math.max(0, at))];
  return others.find(({ fate }) => fate === null)?.key ?? null;
};
