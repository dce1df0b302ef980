import { halves, isFree, joined, LONG_ROW, type Part } from '../parts/part';

type Axis = 'x' | 'y';

const lengthOn = (axis: Axis, { w, h }: Part): number => (axis === 'x' ? w : h);

/** A part without gaps at another place of its sheet. */
const movedTo = (part: Part, x: number, y: number): Part => ({
  ...part,
  x,
  y,
  cut: part.cut && {
    axis: part.cut.axis,
    near: movedTo(part.cut.near, x + part.cut.near.x - part.x, y + part.cut.near.y - part.y),
    far: movedTo(part.cut.far, x + part.cut.far.x - part.x, y + part.cut.far.y - part.y),
  },
});

/** What lies in one line, as all cuts across it divide it. */
const lineOf = (part: Part, axis: Axis): Part[] =>
  part.cut?.axis === axis ? [...lineOf(part.cut.near, axis), ...lineOf(part.cut.far, axis)] : [part];

/** A line cut from its beginning, piece after piece. */
function cutInTurn(whole: Part, axis: Axis, [first, ...rest]: readonly Part[]): Part {
  if (!first || rest.length === 0) return first ? movedTo(first, whole.x, whole.y) : whole;
  const [near, far] = halves(whole, axis, lengthOn(axis, first));
  return joined(whole, axis, movedTo(first, near.x, near.y), cutInTurn(far, axis, rest));
}

/** A part in which the cuts of one line follow each other, those of one measure together and what is left over last. */
export function inLine(part: Part): Part {
  if (!part.cut) return part;
  const { axis, near, far } = part.cut;
  // Round a gap everything stays where it lies.
  if (part.holes.length > 0) return joined(part, axis, inLine(near), inLine(far));
  const across = lineOf(part, axis);
  if (across.length > LONG_ROW) return joined(part, axis, inLine(near), inLine(far));
  const line = across.map(inLine);
  const alike = new Map<number, number>();
  for (const one of line) alike.set(lengthOn(axis, one), (alike.get(lengthOn(axis, one)) ?? 0) + 1);
  const order = (one: Part): number => (isFree(one) ? -1 : (alike.get(lengthOn(axis, one)) ?? 0));
  const inOrder = line.toSorted((a, b) => order(b) - order(a) || lengthOn(axis, b) - lengthOn(axis, a));
  return cutInTurn({ ...part, cut: null }, axis, inOrder);
}
