import type { Ticks } from '../../ground/length';
import type { Rect, Size } from '../../ground/geometry';
import type { Shape } from '../../ground/shapes';
import type { Note } from './note';
import type { Placed } from './placed';

/** A piece wanted beyond what the design has: a tag, a banner, a pocket. */
export interface MorePiece {
  readonly id: string;
  readonly name: string;
  readonly shape: Shape;
  /** The face wanted; null: any paper. */
  readonly face: string | null;
  readonly count: number;
}

/** What she chose of a design's options, by option. */
export type DesignOptions = Readonly<Record<string, string>>;

/** How far she moved a layer from where its design has it: ticks, degrees clockwise, and places up among the layers. */
export interface LayerMove {
  readonly dx: number;
  readonly dy: number;
  readonly turn: number;
  readonly lift: number;
}

/** A layer of a design with measures; ticks from the head and left of its page, of a spread from its left page's. */
export interface MeasuredLayer extends Rect {
  /** Layers of one name are cut from the same paper; 'photo' is a photo's place. */
  readonly name: string;
  readonly turn: number;
  /** Absent: a rectangle. */
  readonly shape?: Shape;
  /** Of a photo: laid without a mat. */
  readonly isBare?: boolean;
}

/** A design of her own, or a guide's, layer by layer from the bottom up. */
export interface MeasuredDesign {
  readonly id: string;
  readonly name: string;
  /** The page that it is measured on. */
  readonly page: PageFormat;
  readonly layers: readonly MeasuredLayer[];
  readonly title: Rect | null;
  readonly journaling: Rect | null;
}

/** A page's size in ticks; of a spread, one of its two pages. */
export interface PageFormat extends Size {
  readonly spread: boolean;
}

/** A photo of the page, or the place kept for one not yet taken. */
export interface PagePhoto extends Size {
  readonly photo: string | null;
  /** Margins of its own mats, from the photo outwards, ticks: none, one or two; absent: one, as wide as the page's. */
  readonly mats?: readonly Ticks[];
  /** Its corners are rounded: all, or those at the outside of the photos together. */
  readonly rounded?: 'all' | 'outer';
  /** So wide is the white border that is left round its picture, ticks. */
  readonly border?: Ticks;
}

/** Work beyond cutting and glueing that she means to do on a page. */
export const TECHNIQUES = ['seal', 'paint', 'stencil', 'stamp', 'splatter', 'ink', 'stitch', 'last-splatter'] as const;
export type Technique = (typeof TECHNIQUES)[number];

/** Something she means to have on a page: "two frames", "leave room for the ticket". */
export interface Intention {
  readonly id: string;
  readonly words: string;
  /** She says that it is kept; absent: what lies there says so, where it can. */
  readonly isKept?: true;
  /** What on the page she says counts as it, beside what is called so. */
  readonly counts?: readonly string[];
}

/** How somebody writes with one pen. */
export interface Hand {
  readonly name: string;
  /** Letters, spaces with them, to an inch. */
  readonly perInch: number;
  /** From line to line, ticks. */
  readonly line: Ticks;
}

/** What a page's writing stands on. */
export type WrittenOn = 'lines' | 'strips' | 'card' | 'tag' | 'label' | 'edge' | 'pocket';

/** How a page is written on: on lines in its place in a small hand, where nothing is said. */
export interface PageWritten {
  readonly on: WrittenOn;
  readonly hand?: Hand;
  /** Of the card, tag, label or what is in the pocket, ticks. */
  readonly size?: Size;
  /** Of a label, how many lines it has. */
  readonly lines?: number;
}

/** How a page is worked on. */
export interface PageWork {
  readonly techniques?: readonly Technique[];
  /** When a step was done, milliseconds since 1970, by step. */
  readonly done?: Readonly<Record<string, number>>;
  /** The colour that its edges are inked in, as hex. */
  readonly edges?: string;
  readonly means?: readonly Intention[];
}

/** A picture of the real page, straightened to its edges. */
export interface PagePicture {
  readonly image: string;
  /** Parts of it, 0 to 1, that are covered before it goes out: faces of people, say. */
  readonly covered?: readonly Rect[];
}

export interface Page {
  readonly id: string;
  readonly format: PageFormat;
  readonly design: string;
  readonly options?: DesignOptions;
  /** The design itself where it is none of the house: as it was when it was chosen. */
  readonly own?: MeasuredDesign | undefined;
  /** By layer; a photo moves with its mat. */
  readonly moves?: Readonly<Record<string, LayerMove>>;
  /** Layers that are cut to another size than the design has them, by layer: that of a leftover, say. */
  readonly sizes?: Readonly<Record<string, Size>>;
  /** Margin of a mat on each side, ticks; 0: none. */
  readonly mat: Ticks;
  /** Photos that find no room beside each other may lie over each other. */
  readonly mayOverlap?: boolean;
  readonly photos: readonly PagePhoto[];
  /** The face chosen for each slot. */
  readonly papers: Readonly<Record<string, string>>;
  readonly more?: readonly MorePiece[];
  /** Layers that have a paper of their own, in a slot called as they are, apart from the others of their slot. */
  readonly apart?: readonly string[];
  /** Layers of the design that she leaves out. */
  readonly without?: readonly string[];
  /** What is laid on it, the lowest first. */
  readonly placed?: readonly Placed[];
  /** Remarks of the second pair of eyes that she set aside for this page. */
  readonly setAside?: readonly string[];
  readonly work?: PageWork;
  readonly written?: PageWritten;
  readonly title: string;
  readonly date: string;
  readonly place: string;
  readonly journaling: string;
  readonly started: string;
  /** It is a kit's so-manieth layout; absent: it follows none. */
  readonly kitLayout?: { readonly kit: string; readonly nth: number } | undefined;
  /** The day that she means to make it on. */
  readonly meantFor?: string | undefined;
  /** The days on which she said so; null: not yet. What is cut for it follows from the ledger. */
  readonly glued: string | null;
  readonly finished: string | null;
  readonly picture?: PagePicture;
  readonly notes?: readonly Note[];
  /** The page that it is another version of. */
  readonly versionOf?: string;
  /** It was made without a plan and told afterwards: what is drawn of it is its picture. */
  readonly isTold?: true;
}
