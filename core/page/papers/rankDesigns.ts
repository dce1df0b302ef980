import { affinity, type ColourShare } from '../../ground/colour';
import { planCuts, type Trimmer, type CutStock } from '../../trimmer/cutting';
import type { Face, Page } from '../../stock/things';
import { choosePapers } from './choosePapers';
import { cutJobFor, cutListOf } from '../cutlist';
import { pageLayout } from '../design';
import { holdsPiece, isQuiet } from './rankFaces';

type DesignChoice = Pick<Page, 'design' | 'own'>;

export interface DesignRanking {
  readonly page: Pick<Page, 'format' | 'photos' | 'mat'>;
  readonly designs: readonly DesignChoice[];
  readonly faces: readonly Face[];
  readonly stock: readonly CutStock[];
  /** Of the photos. */
  readonly colours: readonly ColourShare[];
  readonly trimmer: Trimmer;
}

/** Why a design comes where it does, in figures. */
export type DesignReason =
  /** Mean CIEDE2000 of its papers to the photos. */
  | { readonly kind: 'colours'; readonly difference: number }
  | { readonly kind: 'faces'; readonly busy: number; readonly quiet: number }
  /** Papers of which no other piece is left that would do. */
  | { readonly kind: 'scarce'; readonly faces: readonly string[] }
  | { readonly kind: 'opens'; readonly sheets: number; readonly leftovers: number }
  /** Months that its papers lie, at the mean; null: not known. */
  | { readonly kind: 'age'; readonly months: number | null };

/** A design that the photos fit, in papers that can all be cut. */
export interface RankedDesign extends DesignChoice {
  readonly papers: Readonly<Record<string, string>>;
  readonly why: readonly DesignReason[];
  readonly score: number;
}

/** Judgements for a plan that only counts sheets. */
const QUICK = 2_000;
/**
 * A whole sheet opened counts as so much further off in colour (CIEDE2000); so does each busy paper beside the one, and
 * each scarce one; a year's age as nearer.
 */
const SHEET = 2;
const BUSY = 4;
const SCARCE = 1.5;
const YEAR = 3;
const UNKNOWN = 20;

function rank(ranking: DesignRanking, choice: DesignChoice): RankedDesign | null {
  const { page, faces, stock, colours, trimmer } = ranking;
  const laid = pageLayout({ ...page, ...choice });
  if (!laid.ok) return null;
  const leftovers = stock.filter(({ fresh }) => !fresh);
  const papers = choosePapers(laid.value, {
    faces,
    stock,
    colours,
    trimmer,
    favour: (face, piece) => (leftovers.some((one) => holdsPiece(one, face.id, piece)) ? 6 : 0),
  });
  const list = cutListOf(laid.value, { id: '', papers });
  if (list.some(({ face }) => face === null)) return null;
  const plan = planCuts(cutJobFor(list, stock, trimmer), QUICK);
  if (plan.notCut.length > 0) return null;
  const used = faces.filter(({ id }) => Object.values(papers).includes(id));
  const differences = used.map((face) => affinity(colours, face.colours)).filter(Number.isFinite);
  const difference = differences.length > 0 ? differences.reduce((a, b) => a + b) / differences.length : UNKNOWN;
  const busy = used.filter((face) => !isQuiet(face)).length;
  const taken = new Set(plan.sheets.map((sheet) => sheet.stock));
  const scarce = used
    .filter(({ id }) => !stock.some((one) => !taken.has(one.id) && (one.front === id || one.back === id)))
    .map(({ id }) => id);
  const sheets = plan.stats.fresh;
  const newest = Math.max(0, ...stock.map(({ since }) => since ?? 0));
  const ages = stock.flatMap(({ id, since }) => (taken.has(id) && since !== null ? [newest - since] : []));
  const months = ages.length > 0 ? ages.reduce((a, b) => a + b) / ages.length : null;
  const score =
    difference +
    SHEET * sheets +
    BUSY * Math.abs(busy - 1) +
    SCARCE * scarce.length -
    (YEAR / 12) * Math.min(24, months ?? 0);
  return {
    ...choice,
    papers,
    score,
    why: [
      { kind: 'colours', difference },
      { kind: 'faces', busy, quiet: used.length - busy },
      { kind: 'opens', sheets, leftovers: taken.size - sheets },
      { kind: 'scarce', faces: scarce },
      { kind: 'age', months },
    ],
  };
}

/** What has been ranked so far, best first, and how much is done (0 to 1). */
export interface DesignsRanked {
  readonly ranked: readonly RankedDesign[];
  readonly done: number;
}

/**
 * The same photos in one design after another with the papers there: nearest to the photos' colours, one busy paper
 * with quiet ones, few whole sheets opened, scarce papers spared, older ones first. Rules of the eye: common practice,
 * no source.
 * @yields after each design those that can be made so far
 */
export function* rankDesigns(ranking: DesignRanking): Generator<DesignsRanked> {
  const found: RankedDesign[] = [];
  for (const [n, choice] of ranking.designs.entries()) {
    const one = rank(ranking, choice);
    if (one) found.push(one);
    yield { ranked: [...found].sort((a, b) => a.score - b.score), done: (n + 1) / ranking.designs.length };
  }
}
