import type { Ticks } from '../../ground/length';
import { sharesOf, type ColourShare } from '../../ground/colour';
import type { Size } from '../../ground/geometry';
import type { LotKind } from './lot';
import { patternFor, type Pattern } from './patterns';

/** One printed side of a paper. */
export interface Face {
  readonly id: string;
  readonly name: string;
  /** How it is drawn while there is no picture of it. */
  readonly pattern: Pattern;
  /** The ground's colour first. */
  readonly colours: readonly ColourShare[];
  /** After how much the pattern starts again, across and down, ticks; absent: not measured, or plain. */
  readonly repeat?: { readonly x?: Ticks; readonly y?: Ticks };
  /** A picture of the real paper, and how much of it that shows, ticks: it takes the drawing's place. */
  readonly picture?: Size & { readonly image: string };
  /** As she judges it: how busy it looks, and what it is printed on; absent: by its pattern, and not told. */
  readonly scale?: 'quiet' | 'busy';
  readonly base?: 'white' | 'cream';
  /** Motifs, and words printed on it. */
  readonly words?: readonly string[];
}

/** A face as it is drawn by its name and colours until there is a picture; without colours told it has none. */
export const newFace = (id: string, name: string, hexes: readonly string[], kind: LotKind): Face => ({
  id,
  name,
  pattern: kind === 'cardstock' || kind === 'packaging' ? 'plain' : patternFor(name),
  colours: sharesOf(hexes),
});
