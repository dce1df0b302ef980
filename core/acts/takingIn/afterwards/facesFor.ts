import { coloursIn, sharesOf } from '../../../ground/colour';
import { newFace, type Face, type Lot } from '../../../stock/things';
import type { Bench } from '../../../stock/bench';

/** What a thing shows from now on, and the faces to be written for it. */
export interface FacesFor {
  readonly front: string | null;
  readonly back: string | null;
  readonly writes: readonly Face[];
}

const isShared = ({ lots }: Bench, face: string, but: string): boolean =>
  [...lots.values()].some(({ id, front, back }) => id !== but && (front === face || back === face));

/** A face by another name: one of the same kit that has it, the same face called otherwise, or one of its own. */
function faceNamed(bench: Bench, lot: Lot, face: string | null, name: string, newId: () => string): Face {
  const ofKit = [...bench.lots.values()]
    .filter(({ kit }) => kit === lot.kit)
    .flatMap(({ front, back }) => [front, back])
    .flatMap((id) => bench.faces.get(id ?? '') ?? []);
  const same = ofKit.find((one) => one.name === name);
  if (same) return same;
  const now = bench.faces.get(face ?? '');
  if (!now) return newFace(newId(), name, [], lot.kind);
  return isShared(bench, now.id, lot.id) ? { ...now, id: newId(), name } : { ...now, name };
}

/** The faces of a thing by its new name (`moths / lamplight`) and colours (`ink + amber`, the front's). */
export function facesFor(
  bench: Bench,
  lot: Lot,
  { name, colours }: { readonly name?: string | undefined; readonly colours?: string | undefined },
  newId: () => string,
): FacesFor {
  const writes = new Map<string, Face>();
  let { front, back } = lot;
  const take = (face: string | null, called: string): string => {
    const named = faceNamed(bench, lot, face, called, newId);
    writes.set(named.id, named);
    return named.id;
  };
  const hasFaces = front !== null || lot.measure === 'sheets';
  if (name !== undefined && hasFaces) {
    const [frontName = '', backName] = name.split(/\s+\/\s+/);
    front = take(front, frontName);
    back = backName === undefined ? null : take(back, backName);
  }
  if (colours !== undefined) {
    front ??= take(null, lot.name);
    const face = writes.get(front) ?? bench.faces.get(front);
    if (face) writes.set(front, { ...face, colours: sharesOf(coloursIn(colours).map(({ hex }) => hex)) });
  }
  return { front, back, writes: [...writes.values()] };
}
