import type { CutPlan } from '../cutting';
import type { Size } from '../geometry';
import type { Shape } from '../shapes';

/** idea → planned → cut → glued → done. */
export type PageState = 'idea' | 'planned' | 'cut' | 'glued' | 'done';

/** A piece wanted beyond what the design has: a tag, a banner, a pocket. */
export interface MorePiece {
  readonly id: string;
  readonly name: string;
  readonly shape: Shape;
  /** The face wanted; null: any paper. */
  readonly face: string | null;
  readonly count: number;
}

/** A page's size in ticks; of a spread, one of its two pages. */
export interface PageFormat extends Size { readonly spread: boolean }

/** A photo of the page, or the place kept for one not yet taken. */
export interface PagePhoto extends Size { readonly photo: string | null }

export interface Page {
  readonly id: string;
  readonly format: PageFormat;
  readonly design: string;
  /** Margin of a mat on each side, ticks. */
  readonly mat: number;
  readonly photos: readonly PagePhoto[];
  /** The face chosen for each slot. */
  readonly papers: Readonly<Record<string, string>>;
  readonly more?: readonly MorePiece[];
  readonly state: PageState;
  readonly title: string;
  readonly date: string;
  readonly place: string;
  readonly journaling: string;
  /** The cuts that it waits for; null before they are planned. */
  readonly plan: CutPlan | null;
  /** The pages that the plan is for, where there are several; the first one's are the papers while they are cut. */
  readonly together?: readonly string[] | undefined;
  readonly started: string;
  readonly finished: string | null;
}
