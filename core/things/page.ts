import type { CutPlan } from '../cutting';
import type { Size } from '../geometry';

/** idea → planned → cut → glued → done. */
export type PageState = 'idea' | 'planned' | 'cut' | 'glued' | 'done';

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
  readonly state: PageState;
  readonly title: string;
  readonly date: string;
  readonly place: string;
  readonly journaling: string;
  /** The cuts that it waits for; null before they are planned. */
  readonly plan: CutPlan | null;
  readonly started: string;
  readonly finished: string | null;
}
