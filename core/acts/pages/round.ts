import { affinity } from '../../ground/colour';
import { cutListOf } from '../../page/cutlist';
import { DESIGNS, layOut, type Design, type Layout } from '../../page/design';
import { inches, type Ticks } from '../../ground/length';
import { choosePapers, holdsPiece } from '../../page/papers';
import { layingsOf } from '../../page/placing';
import { stockOnHand } from '../../trimmer/onHand';
import type { CutStock, Trimmer } from '../../trimmer/cutting';
import type { Page, PageFormat, PagePhoto } from '../../stock/things';
import { decided, put, refuse, type Deciding } from '../act';
import { shelfOf, type Bench } from '../../stock/bench';
import { clustersFor } from '../laying/clustersFor';
import { photosFor, type Heart } from './hearts';
import { layOn, type Laying } from '../laying/laying';
import { newPage } from './pages';
import { takeOut } from '../stash/stash';

/** A page that can be made round something. */
export interface RoundPage {
  readonly design: string;
  readonly format: PageFormat;
  readonly mat: Ticks;
  readonly photos: readonly PagePhoto[];
  readonly papers: Readonly<Record<string, string>>;
  readonly things: readonly Laying[];
  readonly layout: Layout;
  /** How far its papers are from its heart (CIEDE2000). */
  readonly away: number;
  /** The heart's own paper, thing or photo is on it. */
  readonly isOnIt: boolean;
}

export interface RoundWish {
  readonly format: PageFormat;
  readonly mat: Ticks;
  readonly trimmer: Trimmer;
}

/** A place for a photo of hers when none goes. */
const KEPT: PagePhoto = { photo: null, w: inches(4), h: inches(6) };

/** The slot that a paper serves best: the largest piece that some of it still holds. */
function slotFor(face: string, layout: Layout, stock: readonly CutStock[], piece: string | null): string | null {
  const own = stock.filter((one) => (piece === null ? one.front === face || one.back === face : one.id === piece));
  const [best] = cutListOf(layout, { id: '', papers: {} }).filter((wanted) =>
    own.some((one) => holdsPiece(one, face, wanted)),
  );
  return best?.slot ?? null;
}

/** One page of a design round a heart; null where it cannot be made of what is there. */
function roundIn(
  design: Design,
  heart: Heart,
  places: readonly PagePhoto[],
  bench: Bench,
  wish: RoundWish,
): RoundPage | null {
  const { format, mat, trimmer } = wish;
  const laid = layOut(design, { format, photos: places, mat });
  if (!laid.ok) return null;
  const stock = stockOnHand(shelfOf(bench), null);
  const slot = heart.face === null ? null : slotFor(heart.face, laid.value, stock, heart.piece);
  const colours = [...heart.colours, ...places.flatMap(({ photo }) => bench.photos.get(photo ?? '')?.colours ?? [])];
  const faces = [...bench.faces.values()];
  const settled = slot === null || heart.face === null ? {} : { [slot]: heart.face };
  const papers = choosePapers(laid.value, { faces, stock, colours, trimmer, settled });
  if (cutListOf(laid.value, { id: '', papers }).some(({ face }) => face === null)) return null;
  const page: Page = { ...newPage('', { format, design: design.id, mat, photos: places, papers }, ''), title: '' };
  const away = affinity(
    heart.colours,
    Object.values(papers).flatMap((face) => bench.faces.get(face)?.colours ?? []),
  );
  return {
    design: design.id,
    format,
    mat,
    photos: places,
    papers,
    layout: laid.value,
    things: thingsFor(page, laid.value, heart, bench),
    away: Number.isFinite(away) ? away : 0,
    isOnIt:
      slot !== null ||
      heart.what !== null ||
      (heart.photo !== null && places.some(({ photo }) => photo === heart.photo)),
  };
}

/** The heart's own thing at the first of the three places, and a cluster of what goes with it at the second. */
function thingsFor(page: Page, layout: Layout, { what }: Heart, bench: Bench): readonly Laying[] {
  const [at] = layout.accents;
  const own: Laying[] = what && at ? [{ what, ...at, turn: 0 }] : [];
  const laid: Page = { ...page, placed: own.map((one, i) => ({ ...one, id: `own ${i}` })) };
  const [cluster] = clustersFor(laid, layout, 1, bench).clusters;
  const more = cluster ? layingsOf(cluster.things).filter((one) => !isAlike(one, what)) : [];
  return [...own, ...more];
}

const isAlike = ({ what }: Laying, own: Heart['what']): boolean =>
  own !== null && 'part' in what && 'part' in own && what.lot === own.lot && what.part === own.part;

/**
 * What can be made round something, one design after another: with two photos that go with it where the design takes
 * them, with one, with a place kept. Each is worked out only when it is asked for.
 */
export function* pagesRound(heart: Heart, bench: Bench, wish: RoundWish): Generator<RoundPage | null, void, void> {
  const [first, second] = photosFor(heart, bench).map(({ id, w, h }): PagePhoto => ({ photo: id, w, h }));
  for (const design of DESIGNS) {
    const both = first && second && design.mostPhotos > 1 ? roundIn(design, heart, [first, second], bench, wish) : null;
    yield both ?? roundIn(design, heart, [first ?? KEPT], bench, wish) ?? roundIn(design, heart, [KEPT], bench, wish);
  }
}

/** Those on which the heart really is come first, then the nearest in colour. */
export const nearestFirst = (a: RoundPage, b: RoundPage): number =>
  Number(b.isOnIt) - Number(a.isOnIt) || a.away - b.away;

/** Begins a page that is made round something, or makes an empty one so: its things are laid, its scrap is out for it. */
export const beginRound =
  (id: string, round: RoundPage, heart: Heart): Deciding =>
  (bench, now) => {
    const { design, format, mat, photos, papers, things } = round;
    // What was chosen for another design of it does not hold.
    const anew = { own: undefined, options: {}, sizes: {}, moves: {}, apart: [], without: [] };
    const fields = { design, format, mat, photos, papers };
    const was = bench.pages.get(id);
    if (was && (was.glued !== null || was.photos.length > 0 || (was.placed ?? []).length > 0))
      return refuse('in-use', was.title);
    const page: Page = was ? { ...was, ...anew, ...fields } : newPage(id, fields, now.day);
    const begun: Bench = { ...bench, pages: new Map([...bench.pages, [id, page]]) };
    const laid = things.length > 0 ? layOn(id, things)(begun, now) : null;
    if (laid && !laid.ok) return laid;
    const isHere = heart.piece !== null && bench.ledger.pieces.get(heart.piece)?.where === 'here';
    const out = isHere && heart.piece !== null ? takeOut({ pieces: [heart.piece], lots: [] }, id)(begun, now) : null;
    if (out && !out.ok) return out;
    return decided('began-page', heart.name, {
      events: [...(out?.value.events ?? []), ...(laid?.value.events ?? [])],
      records: [put('pages', page), ...(laid?.value.records ?? [])],
    });
  };
