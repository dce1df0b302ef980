import { familyOf } from '../../ground/colour';
import { own, stands, type Ledger } from '../../stock/ledger';
import type { Shelf } from '../../stock/bench';
import { isPaper, monthNumber, type Face, type Lot } from '../../stock/things';

/** What is liked or not: a pattern, a family of colour, what a kit brings, two families of colour on one page. */
export type TasteKind = 'pattern' | 'family' | 'kit' | 'pair';

/** What the stash says of her taste, in figures that can be looked at. */
export interface Taste {
  readonly kind: TasteKind;
  /** The pattern, the family, the kit's id, or two families with a + between, by the alphabet. */
  readonly value: string;
  /** From -1, never used, to 1, always used; near 0 it says nothing. */
  readonly score: number;
  /** Area on pages, and area that had its time and lies there still or went away, square ticks; of pairs: pages. */
  readonly used: number;
  readonly left: number;
}

/** Where papers are looked up. */
export interface Papers extends Shelf {
  readonly faces: ReadonlyMap<string, Face>;
}

/** Paper younger than so many months has not had its time. */
const ITS_TIME = 2;
/** So many papers must speak before half of what they say is believed. */
const HALF = 3;

const familyOfFace = (face: Face): string | null => (face.colours[0] ? familyOf(face.colours[0].hex) : null);

/** The face of a lot that she goes by: the front, or the only one. */
const faceOf = ({ front, back }: Lot, faces: Papers['faces']): Face | undefined => faces.get(front ?? back ?? '');

/** What was taken out for a page and put away again counts so many times as left. */
const SWAPPED = 2;

/** Pieces that were out for a page and are back. */
function swappedOff(ledger: Ledger): ReadonlySet<string> {
  const off = new Set<string>();
  for (const event of ledger.events.values())
    if (event.type === 'released' && 'piece' in event && stands(ledger, event)) off.add(event.piece);
  return off;
}

interface Sum {
  used: number;
  left: number;
  /** Left, with what was swapped counted so. */
  against: number;
  papers: Set<string>;
}

const featuresOf = (lot: Lot, face: Face): (readonly [TasteKind, string])[] => {
  const family = familyOfFace(face);
  return [['pattern', face.pattern], ...(family === null ? [] : [['family', family] as const]), ['kit', lot.kit]];
};

/** Which families of colour lie together on pages, by how many pages. */
function pairsOn({ ledger, lots, faces }: Papers): Map<string, number> {
  const onPage = new Map<string, Set<Face>>();
  for (const { where, page, lot: id } of ledger.pieces.values()) {
    const lot = lots.get(id);
    const face = lot && faceOf(lot, faces);
    if (where === 'used' && page !== null && face) onPage.set(page, (onPage.get(page) ?? new Set()).add(face));
  }
  const pairs = new Map<string, number>();
  for (const on of onPage.values()) for (const pair of pairsOf([...on])) pairs.set(pair, (pairs.get(pair) ?? 0) + 1);
  return pairs;
}

/**
 * Her likes and dislikes, from what she took, swapped and left, and from nothing else: of each pattern, colour and kit,
 * how much of what had its time went on pages, against how much of all papers did; few papers say little.
 * @param month the month that it is, `2026-11`
 * @returns the surest first
 */
export function tastesOf(shelf: Papers, month: string): readonly Taste[] {
  const now = monthNumber(month) ?? 0;
  const sums = new Map<string, Sum>();
  let [used, against] = [0, 0];
  const swapped = swappedOff(shelf.ledger);
  for (const piece of shelf.ledger.pieces.values()) {
    const lot = shelf.lots.get(piece.lot);
    const face = lot && faceOf(lot, shelf.faces);
    const came = monthNumber(shelf.kits.get(lot?.kit ?? '')?.month ?? '');
    const isUsed = piece.where === 'used';
    const isLeft =
      ['here', 'given', 'sold', 'recycled'].includes(piece.where) && (came === null || now - came >= ITS_TIME);
    if (!lot || !face || !isPaper(lot) || (!isUsed && !isLeft)) continue;
    // What she took out and put away again was held against others, and left.
    const weight = isUsed || !swapped.has(piece.id) ? 1 : SWAPPED;
    if (isUsed) used += piece.solid;
    else against += weight * piece.solid;
    for (const [kind, value] of featuresOf(lot, face)) {
      const sum = sums.get(`${kind}:${value}`) ?? { used: 0, left: 0, against: 0, papers: new Set() };
      if (isUsed) sum.used += piece.solid;
      else {
        sum.left += piece.solid;
        sum.against += weight * piece.solid;
      }
      sum.papers.add(lot.id);
      sums.set(`${kind}:${value}`, sum);
    }
  }
  const overall = used + against === 0 ? 0 : used / (used + against);
  const single = [...sums].map(([key, sum]): Taste => {
    const at = key.indexOf(':');
    const share = sum.used / (sum.used + sum.against);
    const off = share >= overall ? (share - overall) / (1 - overall || 1) : (share - overall) / (overall || 1);
    const score = (off * sum.papers.size) / (sum.papers.size + HALF);
    return { kind: key.slice(0, at) as TasteKind, value: key.slice(at + 1), score, used: sum.used, left: sum.left };
  });
  const pairs = [...pairsOn(shelf)].map(([value, n]): Taste => ({
    kind: 'pair',
    value,
    score: n < 2 ? 0 : n / (n + HALF),
    used: n,
    left: 0,
  }));
  return [...single, ...pairs].sort((a, b) => Math.abs(b.score) - Math.abs(a.score) || a.value.localeCompare(b.value));
}

/** What she said of a taste herself: it holds whatever the stash says. */
export type Said = Readonly<Record<string, 'like' | 'dislike' | 'neither'>>;
const SAID = { like: 1, dislike: -1, neither: 0 } as const;

export const tasteKey = ({ kind, value }: Pick<Taste, 'kind' | 'value'>): string => `${kind}:${value}`;

/** A taste as it counts: as she said, else as the stash says. */
export const scoreOf = (taste: Taste, said: Said): number => {
  const told = own(said, tasteKey(taste));
  return told === undefined ? taste.score : SAID[told];
};

/** How much she likes each paper, by its face: from -1 to 1, the mean of what is known of its pattern, colour and kit. */
export function likedFaces(tastes: readonly Taste[], said: Said, shelf: Papers): Map<string, number> {
  const scores = new Map(tastes.map((taste) => [tasteKey(taste), scoreOf(taste, said)]));
  const liked = new Map<string, number>();
  for (const lot of shelf.lots.values())
    for (const id of [lot.front, lot.back]) {
      const face = shelf.faces.get(id ?? '');
      if (!face || liked.has(face.id)) continue;
      const known = featuresOf(lot, face).map(([kind, value]) => scores.get(`${kind}:${value}`) ?? 0);
      liked.set(face.id, known.reduce((sum, score) => sum + score, 0) / known.length);
    }
  return liked;
}

/**
 * How much she likes two families of colour on one page, by the two with a + between; those of which nothing is known
 * are left out.
 */
export const likedPairs = (tastes: readonly Taste[], said: Said): Map<string, number> =>
  new Map(
    tastes.flatMap((taste) => {
      const score = taste.kind === 'pair' ? scoreOf(taste, said) : 0;
      return score === 0 ? [] : [[taste.value, score] as const];
    }),
  );

/** Pairs of the families of colour that some faces have, as {@link likedPairs} has them. */
export function pairsOf(faces: readonly Face[]): string[] {
  const families = [...new Set(faces.flatMap((face) => familyOfFace(face) ?? []))].sort();
  return families.flatMap((a, i) => families.slice(i + 1).map((b) => `${a}+${b}`));
}
