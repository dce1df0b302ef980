import type { Ticks } from '../../ground/length';
import type { Strip } from './types';

/** Strips alike in length and phase, whatever they are called. */
export interface Kind {
  readonly length: Ticks;
  readonly phase: Ticks;
  readonly strips: readonly { readonly id: string; readonly copy: number }[];
}

/** Strips in order, and the length they make joined. */
export interface Run {
  readonly kinds: readonly Kind[];
  readonly length: Ticks;
}

/** The strips by length and, where the pattern repeats, by phase. */
export function kindsOf(strips: readonly Strip[], repeat: number | null): Kind[] {
  const kinds = new Map<string, Kind & { strips: { id: string; copy: number }[] }>();
  for (const strip of strips) {
    const { id, length, count } = strip;
    const phase = repeat === null ? 0 : strip.phase;
    const key = `${length}:${phase}`;
    const kind = kinds.get(key) ?? { length, phase, strips: [] };
    for (let copy = 1; copy <= count; copy++) kind.strips.push({ id, copy });
    kinds.set(key, kind);
  }
  return [...kinds.values()];
}

/**
 * What is lost at a join so that the pattern runs on: the same whether it is cut off the left strip's end or the right
 * one's start.
 */
export function lossAt(left: Kind, right: Kind, repeat: number | null, lap: Ticks): number {
  if (repeat === null) return 0;
  const off = (left.phase + left.length - lap - right.phase) % repeat;
  return off < 0 ? off + repeat : off;
}
