import { differenceCiede2000, hexToLab } from '../../ground/colour';
import type { Layout } from '../design';
import { area, intersect, type Rect } from '../../ground/geometry';
import { inches } from '../../ground/length';
import { isQuiet } from '../papers';
import type { Face } from '../../stock/things';

/** Why letters are hard to read where they lie. */
export interface LostOnPaper {
  /** The paper is nearly of their colour, or it is busy and they are thin. */
  readonly why: 'colour' | 'busy';
  readonly face: Face;
}

/** Colours nearer than this do not stand out (CIEDE2000), where they are so much of the paper; letters lower than this are thin. Common practice, no source. */
const NEAR = 18;
const MUCH = 0.3;
const THIN = inches(3 / 4);

/** The uppermost paper that lies under most of a place; null: none, or a photo. */
function paperUnder(layout: Layout, papers: Readonly<Record<string, string>>, place: Rect): string | null {
  const under = layout.layers.findLast((layer) => {
    const shared = intersect(layer, place);
    return shared !== null && area(shared) * 2 > area(place);
  });
  return under?.slot ? (papers[under.slot] ?? null) : null;
}

/** Whether letters are lost on the paper beneath them; null: they stand out, or nothing is known of the paper. */
export function lostOnPaper(
  layout: Layout,
  papers: Readonly<Record<string, string>>,
  faces: ReadonlyMap<string, Face>,
  letters: { readonly place: Rect; readonly colour: string; readonly height: number },
): LostOnPaper | null {
  const face = faces.get(paperUnder(layout, papers, letters.place) ?? '');
  if (!face) return null;
  const own = hexToLab(letters.colour);
  const near = face.colours
    .filter(({ hex }) => differenceCiede2000(own, hexToLab(hex)) < NEAR)
    .reduce((sum, { share }) => sum + share, 0);
  if (near >= MUCH) return { why: 'colour', face };
  return !isQuiet(face) && letters.height < THIN ? { why: 'busy', face } : null;
}
