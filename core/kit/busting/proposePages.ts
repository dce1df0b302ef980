import type { ColourShare } from '../../ground/colour';
import { planInSteps, type CutStock } from '../../trimmer/cutting';
import { inches, type Ticks } from '../../ground/length';
import { bentToLeftovers, choosePapers } from '../../page/papers';
import {
  cutJobFor,
  cutListOf,
  punchable,
  punchInstead,
  purposed,
  shapedPieces,
  type PurposedPlan,
} from '../../page/cutlist';
import { circlesIn, DESIGNS, keptApart, layOut, resized, type Design, type Layout } from '../../page/design';
import { canStandFor } from '../../page/placing';
import { STEP_KINDS, type StepId } from '../../page/work';
import type { Face, PageFormat, PagePhoto, Photo } from '../../stock/things';
import { best } from './best';
import { isLedTo, isWhatIsAsked, type Lead } from './leads';
import { leftoversOf, type Leftover } from './leftovers';
import type { BustingInput, Proposal } from './proposal';
import { reasons } from './reasons';
import { known } from '../../ground/known';

/**
 * Of designs, formats and photos together one in so many is tried, each design and each photo in turn: all of them take
 * too long.
 */
const ONE_OF = 3;
/** Judgements allowed for the cuts of one proposal. */
const WORK = 40_000;
/** Other papers tried for a page whose pieces cannot all be cut. */
const TRIES = 5;
/** A year's age counts as so much nearer in colour (CIEDE2000), two years at the most. */
const YEAR = 6;
/** A place kept for a photo not yet taken: the usual print, on small pages half of one. Common practice, no source. */
const keptPlace = ({ w, h }: PageFormat): PagePhoto =>
  Math.min(w, h) < inches(8)
    ? { photo: null, w: inches(3), h: inches(4) }
    : { photo: null, w: inches(6), h: inches(4) };

/** Photo sets worth a page: of each story with photos waiting, its first few; and a place kept for one to come. */
function photoSets(waiting: readonly Photo[], most: number, format: PageFormat): PagePhoto[][] {
  const stories = new Map<string, Photo[]>();
  for (const photo of waiting) stories.set(photo.story, [...(stories.get(photo.story) ?? []), photo]);
  const sets = [...stories.values()].flatMap((photos) => {
    const all = photos.slice(0, most).map(({ id, w, h }): PagePhoto => ({ photo: id, w, h }));
    return all.length > 1 ? [all, all.slice(0, 1)] : [all];
  });
  return [...sets, [keptPlace(format)]];
}

const coloursOf = (photos: readonly PagePhoto[], waiting: readonly Photo[]): ColourShare[] =>
  photos.flatMap(({ photo }) => waiting.find(({ id }) => id === photo)?.colours ?? []);

/** A paper that she means to use goes as soon as one so many months older. */
const MEANT = 24;

/** What she likes most is chosen as if it were so much nearer in colour (CIEDE2000). */
const LIKED = 6;
/** The paper that she wants to see used comes before all others. */
const ASKED = 200;

/** The older a face's oldest leftover, the sooner it goes; what she means to use or likes goes sooner yet. */
function favourFor({ meant, liked, lead }: BustingInput, leftovers: readonly Leftover[]): (face: Face) => number {
  const newest = Math.max(0, ...leftovers.map(({ stock }) => stock.since ?? 0));
  return ({ id }) => {
    const own = leftovers
      .filter(({ stock }) => stock.front === id || stock.back === id)
      .map(({ stock }) => stock.since ?? 0);
    const months = Math.min(24, newest - Math.min(newest, ...own)) + (meant.includes(id) ? MEANT : 0);
    const asked = lead.kind === 'paper' && lead.faces.includes(id) ? ASKED : 0;
    return (YEAR / 12) * months + LIKED * (liked.get(id) ?? 0) + asked;
  };
}

/** A trimmer cut, set, held and made, takes about so many minutes. Common practice, no source. */
const A_CUT = 1.5;
const STEPS: readonly StepId[] = ['layers', 'photos', 'clusters', 'title', 'writing', 'date'];

/** About how long a page takes at the desk: its cuts, and the steps that every page has. */
const minutesFor = ({ stats }: PurposedPlan): number =>
  Math.round(A_CUT * stats.cuts) + STEPS.reduce((sum, id) => sum + STEP_KINDS[id].minutes, 0);

/** The cut list of a page, and its cuts, with what her punches make punched. */
function* planned(
  layout: Layout,
  papers: Proposal['papers'],
  stock: readonly CutStock[],
  { trimmer, punches }: BustingInput,
): Generator<undefined, Pick<Proposal, 'list' | 'plan'>> {
  const page = { id: '', papers };
  const list = cutListOf(layout, page);
  const squares = purposed(yield* planInSteps(cutJobFor(list, stock, trimmer), WORK), list);
  yield;
  const made = punchable(shapedPieces(layout, page), punches);
  return { list, plan: punchInstead(squares, { punches: made, list, stock, trimmer }) };
}

/** Circles of a design that round things of hers lie in place of: as many as there are things for. */
function circlesOfThings(layout: Layout, rounds: readonly number[]): readonly string[] {
  const circles = circlesIn(layout);
  const there = rounds.filter((wide) => canStandFor(wide, circles[0]?.w ?? 0)).length;
  return circles.slice(0, there).map(({ id }) => id);
}

/** The layout of what is cut for it. */
function withoutCircles(layout: Layout, without: readonly string[]): Layout {
  const kept = keptApart(layout, { apart: [], without });
  return { ...kept, slots: kept.slots.filter(({ id }) => kept.layers.some(({ slot }) => slot === id)) };
}

/** A proposed page as it is laid out for its cuts. */
export function layoutOf(
  { design, format, photos, without, sizes }: Pick<Proposal, 'design' | 'format' | 'photos' | 'without' | 'sizes'>,
  mat: Ticks,
): Layout | null {
  const laid = layOut(
    known(DESIGNS, ({ id }) => id === design),
    { format, photos, mat },
  );
  return laid.ok ? resized(withoutCircles(laid.value, without), sizes) : null;
}

/** @yields wherever it can be left */
function* propose(
  input: BustingInput,
  leftovers: readonly Leftover[],
  design: Design,
  format: PageFormat,
  photos: PagePhoto[],
): Generator<undefined, Proposal | null> {
  const laid = layOut(design, { format, photos, mat: input.mat });
  if (!laid.ok) return null;
  const without = circlesOfThings(laid.value, input.rounds);
  const layout = without.length > 0 ? withoutCircles(laid.value, without) : laid.value;
  const colours = coloursOf(photos, input.waiting);
  const avoid = new Map<string, Set<string>>();
  const stock = leftovers.map((leftover) => leftover.stock);
  for (let n = 0; n < TRIES; n++) {
    const papers = choosePapers(layout, {
      faces: input.faces,
      stock,
      colours,
      trimmer: input.trimmer,
      avoid,
      favour: favourFor(input, leftovers),
    });
    yield;
    const asDesigned = yield* planned(layout, papers, stock, input);
    const { list } = asDesigned;
    if (list.some(({ face }) => face === null)) return null;
    const missing = asDesigned.plan.notCut[0];
    if (!missing) {
      const sizes = bentToLeftovers(layout, papers, stock);
      const bent = yield* planned(resized(layout, sizes), papers, stock, input);
      const [was, now] = [asDesigned.plan.stats, bent.plan.stats];
      const isBent = bent.plan.notCut.length === 0 && now.fresh <= was.fresh && now.cuts < was.cuts;
      const taken = isBent ? { sizes, ...bent } : { sizes: {}, ...asDesigned };
      const id = [design.id, format.w, format.h, format.spread, ...photos.map(({ photo }) => photo ?? 'kept')].join(
        '|',
      );
      const saved = { layers: Object.keys(sizes).length, cuts: was.cuts - taken.plan.stats.cuts };
      return {
        id,
        design: design.id,
        format,
        photos,
        papers,
        without,
        ...taken,
        why: [
          ...reasons(input, leftovers, { layout, papers, colours, ...taken }),
          ...(without.length > 0 ? [{ kind: 'rounds', count: without.length } as const] : []),
          ...(isBent ? [{ kind: 'bent', ...saved } as const] : []),
        ],
        minutes: minutesFor(taken.plan),
      };
    }
    const { slot } = known(list, ({ id }) => id === missing.id);
    const face = papers[slot];
    if (face !== undefined) avoid.set(slot, new Set([...(avoid.get(slot) ?? []), face]));
  }
  return null;
}

/** How many are shown at the most. */
const SHOWN = 6;

/** What has been found so far, best first, and how much of the search is done (0 to 1). */
export interface BustingProgress {
  readonly proposals: Proposal[];
  readonly done: number;
}

/** What is tried: each design that the lead allows, in each format, with each set of photos: all of it, or one of so many. */
function attemptsFor({ lead, formats, waiting }: BustingInput, isAll: boolean, designs: readonly Design[]) {
  const all = designs
    .filter(({ id }) => isLedTo(id, lead))
    .flatMap((design, d) =>
      formats.flatMap((format, f) =>
        photoSets(waiting, design.mostPhotos * (format.spread ? 2 : 1), format).map((photos, s) => ({
          design,
          format,
          photos,
          place: d + f + s,
        })),
      ),
    );
  return isAll ? all : all.filter(({ place }) => place % ONE_OF === 0);
}

/** Leads of which all that is tried goes quickly: few designs are looked at. */
const FEW: readonly Lead['kind'][] = ['strips', 'boxes', 'hues', 'quick'];

/**
 * What can be made of some leftovers, attempt by attempt; null where that one cannot.
 * @param isAll nothing is left untried; else one of so many is tried, but for leads of few designs
 * @param designs those that are looked at
 */
export function* found(
  input: BustingInput,
  leftovers: readonly Leftover[],
  isAll = FEW.includes(input.lead.kind),
  designs: readonly Design[] = DESIGNS,
): Generator<{ readonly proposal: Proposal | null; readonly done: number }> {
  const attempts = attemptsFor(input, isAll, designs);
  for (const [n, { design, format, photos }] of attempts.entries()) {
    let proposal: Proposal | null = null;
    if (leftovers.length > 0) {
      const search = propose(input, leftovers, design, format, photos);
      let step = search.next();
      for (; !step.done; step = search.next()) yield { proposal: null, done: n / attempts.length };
      proposal = step.value;
    }
    yield { proposal: proposal && isWhatIsAsked(proposal, input) ? proposal : null, done: (n + 1) / attempts.length };
  }
}

export const newestOf = (leftovers: readonly Leftover[]): number =>
  Math.max(0, ...leftovers.map(({ stock }) => stock.since ?? 0));

/**
 * Pages that can really be made from leftovers and older kits: every design in every format with each set of photos,
 * papers chosen by colour and age, cuts planned; only those are proposed whose every piece is cut.
 * @yields after each attempt the best proposals so far, varied
 */
export function* proposePages(input: BustingInput): Generator<BustingProgress> {
  const leftovers = leftoversOf(input.shelf, input.sources);
  const all: Proposal[] = [];
  let proposals: Proposal[] = [];
  for (const { proposal, done } of found(input, leftovers)) {
    if (proposal) {
      all.push(proposal);
      proposals = best(all, newestOf(leftovers), SHOWN);
    }
    yield { proposals, done };
  }
}
