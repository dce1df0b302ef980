import { affinity, type ColourShare } from '../colour';
import { planCuts, type CutStock } from '../cutting';
import { inches } from '../length';
import { bentToLeftovers, choosePapers } from '../papers';
import { cutJobFor, cutListOf, punchable, punchInstead, purposed, shapedPieces, type PurposedPlan } from '../cutlist';
import { DESIGNS, layOut, resized, type Design, type Layout } from '../design';
import { monthNumber, type Face, type PageFormat, type PagePhoto, type Photo } from '../things';
import { leftoversOf, type Leftover } from './leftovers';
import type { BustingInput, Proposal, Reason } from './proposal';

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
/** A place kept for a photo not yet taken. */
const KEPT_PLACE: PagePhoto = { photo: null, w: inches(6), h: inches(4) };

/** Photo sets worth a page: of each story with photos waiting, its first few; and a place kept for one to come. */
function photoSets(waiting: readonly Photo[], most: number): PagePhoto[][] {
  const stories = new Map<string, Photo[]>();
  for (const photo of waiting) stories.set(photo.story, [...(stories.get(photo.story) ?? []), photo]);
  const sets = [...stories.values()].flatMap((photos) => {
    const all = photos.slice(0, most).map(({ id, w, h }): PagePhoto => ({ photo: id, w, h }));
    return all.length > 1 ? [all, all.slice(0, 1)] : [all];
  });
  return [...sets, [KEPT_PLACE]];
}

const coloursOf = (photos: readonly PagePhoto[], waiting: readonly Photo[]): ColourShare[] =>
  photos.flatMap(({ photo }) => waiting.find(({ id }) => id === photo)?.colours ?? []);

/** A paper that she means to use goes as soon as one so many months older. */
const MEANT = 24;

/** The older a face's oldest leftover, the sooner it goes; what she means to use goes sooner yet. */
function favourAge(leftovers: readonly Leftover[], meant: readonly string[]): (face: Face) => number {
  const newest = Math.max(0, ...leftovers.map(({ stock }) => stock.since ?? 0));
  return ({ id }) => {
    const own = leftovers
      .filter(({ stock }) => stock.front === id || stock.back === id)
      .map(({ stock }) => stock.since ?? 0);
    const months = Math.min(24, newest - Math.min(newest, ...own)) + (meant.includes(id) ? MEANT : 0);
    return (YEAR / 12) * months;
  };
}

function reasons(
  input: BustingInput,
  leftovers: readonly Leftover[],
  plan: PurposedPlan,
  colours: readonly ColourShare[],
  papers: Proposal['papers'],
): Reason[] {
  const used = plan.sheets.map((sheet) => leftovers.find(({ stock }) => stock.id === sheet.stock)!);
  const kits = used
    .map(({ kit }) => kit)
    .filter((kit) => kit !== null)
    .sort((a, b) => a.month.localeCompare(b.month));
  const faces = input.faces.filter(({ id }) => Object.values(papers).includes(id));
  const differences = faces.map((face) => affinity(colours, face.colours)).filter(Number.isFinite);
  const sheets = used.filter(({ stock }) => stock.fresh).length;
  const meant = faces.filter(({ id }) => input.meant.includes(id)).map(({ name }) => name);
  return [
    { kind: 'pieces', leftovers: used.length - sheets, sheets },
    ...(kits[0] ? [{ kind: 'oldest', month: kits[0].month, kit: kits[0].name } as const] : []),
    ...(meant.length > 0 ? [{ kind: 'meant', names: meant } as const] : []),
    { kind: 'kits', names: [...new Set(kits.map(({ name }) => name))] },
    { kind: 'frees', area: plan.stats.pieceArea + plan.stats.wasteArea },
    ...(differences.length > 0
      ? [{ kind: 'colours', difference: differences.reduce((a, b) => a + b) / differences.length } as const]
      : []),
  ];
}

/** The cut list of a page, and its cuts, with what her punches make punched. */
function planned(
  layout: Layout,
  papers: Proposal['papers'],
  stock: readonly CutStock[],
  { longestCut, punches }: BustingInput,
): Pick<Proposal, 'list' | 'plan'> {
  const page = { id: '', papers };
  const list = cutListOf(layout, page);
  const squares = purposed(planCuts(cutJobFor(list, stock, longestCut), WORK), list);
  const made = punchable(shapedPieces(layout, page), punches);
  return { list, plan: punchInstead(squares, { punches: made, list, stock, longestCut }) };
}

function propose(
  input: BustingInput,
  leftovers: readonly Leftover[],
  design: Design,
  format: PageFormat,
  photos: PagePhoto[],
): Proposal | null {
  const layout = layOut(design, { format, photos, mat: input.mat });
  if (!layout.ok) return null;
  const colours = coloursOf(photos, input.waiting);
  const avoid = new Map<string, Set<string>>();
  const stock = leftovers.map((leftover) => leftover.stock);
  for (let n = 0; n < TRIES; n++) {
    const papers = choosePapers(layout.value, {
      faces: input.faces,
      stock,
      colours,
      longestCut: input.longestCut,
      avoid,
      favour: favourAge(leftovers, input.meant),
    });
    const asDesigned = planned(layout.value, papers, stock, input);
    const { list } = asDesigned;
    if (list.some(({ face }) => face === null)) return null;
    const missing = asDesigned.plan.notCut[0];
    if (!missing) {
      const sizes = bentToLeftovers(layout.value, papers, stock);
      const bent = planned(resized(layout.value, sizes), papers, stock, input);
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
        ...taken,
        why: [
          ...reasons(input, leftovers, taken.plan, colours, papers),
          ...(isBent ? [{ kind: 'bent', ...saved } as const] : []),
        ],
      };
    }
    const slot = list.find(({ id }) => id === missing.id)!.slot;
    avoid.set(slot, new Set([...(avoid.get(slot) ?? []), papers[slot]!]));
  }
  return null;
}

/** The more leftovers, the older and the fewer whole sheets a page takes, the better it busts. */
function merit({ why, photos }: Proposal, newest: number): number {
  let score = photos.every(({ photo }) => photo !== null) ? 4 : 0;
  for (const reason of why) {
    if (reason.kind === 'pieces') score += reason.leftovers - 2 * reason.sheets;
    if (reason.kind === 'meant') score += 3 * reason.names.length;
    if (reason.kind === 'oldest') score += Math.min(24, newest - (monthNumber(reason.month) ?? 0)) / 4;
    if (reason.kind === 'colours') score -= reason.difference / 5;
  }
  return score;
}

/** What has been found so far, best first, and how much of the search is done (0 to 1). */
export interface BustingProgress {
  readonly proposals: Proposal[];
  readonly done: number;
}

/**
 * Pages that can really be made from leftovers and older kits: every design in every format with each set of photos,
 * papers chosen by colour and age, cuts planned; only those are proposed whose every piece is cut.
 * @yields after each attempt the best proposals so far, varied
 */
export function* proposePages(input: BustingInput): Generator<BustingProgress> {
  const leftovers = leftoversOf(input.shelf);
  const newest = Math.max(0, ...leftovers.map(({ stock }) => stock.since ?? 0));
  const attempts = DESIGNS.flatMap((design, d) =>
    input.formats.flatMap((format, f) =>
      photoSets(input.waiting, design.mostPhotos * (format.spread ? 2 : 1)).map((photos, s) => ({
        design,
        format,
        photos,
        place: d + f + s,
      })),
    ),
  ).filter(({ place }) => place % ONE_OF === 0);
  const found: Proposal[] = [];
  for (const [n, { design, format, photos }] of attempts.entries()) {
    const proposal = leftovers.length > 0 ? propose(input, leftovers, design, format, photos) : null;
    if (proposal) found.push(proposal);
    yield { proposals: best(found, newest), done: (n + 1) / attempts.length };
  }
}

/** How many are shown at the most. */
const SHOWN = 6;

/** How much a proposal repeats those before it: the same photos most, then the same design, then the same page size. */
function likeness(proposal: Proposal, before: readonly Proposal[]): number {
  return before.reduce(
    (sum, other) =>
      sum +
      (other.photos[0]!.photo === proposal.photos[0]!.photo ? 5 : 0) +
      (other.design === proposal.design ? 3 : 0) +
      (other.format.w === proposal.format.w && other.format.spread === proposal.format.spread ? 2 : 0),
    0,
  );
}

/** The best first, and each next one the best of those that repeat least what is there already. */
function best(found: readonly Proposal[], newest: number): Proposal[] {
  const left = [...found].sort((a, b) => a.id.localeCompare(b.id));
  const chosen: Proposal[] = [];
  while (left.length > 0 && chosen.length < SHOWN) {
    const worth = left.map((proposal) => merit(proposal, newest) - likeness(proposal, chosen));
    chosen.push(...left.splice(worth.indexOf(Math.max(...worth)), 1));
  }
  return chosen;
}
