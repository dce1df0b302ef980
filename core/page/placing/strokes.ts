/** Paths of plain figures as SVG path data, in a drawing's own units. */

const n = (x: number): string => String(Math.round(x * 100) / 100);

export const circle = (x: number, y: number, r: number): string =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0z`;

export const ellipse = (x: number, y: number, rx: number, ry: number, turn = 0): string => {
  const [dx, dy] = [rx * Math.cos((turn * Math.PI) / 180), rx * Math.sin((turn * Math.PI) / 180)];
  const arc = (sign: 1 | -1): string => `a${n(rx)} ${n(ry)} ${turn} 1 0 ${n(2 * sign * dx)} ${n(2 * sign * dy)}`;
  return `M${n(x - dx)} ${n(y - dy)}${arc(1)}${arc(-1)}z`;
};

export const box = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}z`;

/** Points of a ring, the first at the top, clockwise. */
const ring = (count: number, x: number, y: number, r: number): [number, number][] =>
  Array.from({ length: count }, (_, i) => {
    const at = (2 * Math.PI * i) / count - Math.PI / 2;
    return [x + r * Math.cos(at), y + r * Math.sin(at)];
  });

const closed = (points: readonly (readonly [number, number])[]): string =>
  `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}z`;

export const polygon = (corners: number, x: number, y: number, r: number): string => closed(ring(corners, x, y, r));

/** A star with so many points; `inner` is the radius between them. */
export const star = (points: number, x: number, y: number, r: number, inner: number): string =>
  closed(
    ring(2 * points, x, y, 1).map(([px, py], i) => {
      const of = i % 2 === 0 ? r : inner;
      return [x + (px - x) * of, y + (py - y) * of] as const;
    }),
  );

/** Round petals on a ring, with the middle filled. */
export const petals = (count: number, x: number, y: number, r: number, size: number): string =>
  ring(count, x, y, r)
    .map(([px, py]) => circle(px, py, size))
    .join('') + circle(x, y, r);

/** Dots on a ring. */
export const dots = (count: number, x: number, y: number, r: number, size: number): string =>
  ring(count, x, y, r)
    .map(([px, py]) => circle(px, py, size))
    .join('');

/** A rectangle whose edge is notched all round, as a postage stamp's is. */
export function notched(w: number, h: number, across: number, down: number): string {
  const [dx, dy] = [w / across, h / down];
  const run = (count: number, x: number, y: number): string =>
    Array.from(
      { length: count },
      () => `a${n(Math.hypot(x, y) / 2)} ${n(Math.hypot(x, y) / 2)} 0 0 0 ${n(x)} ${n(y)}`,
    ).join('');
  return `M0 0${run(across, dx, 0)}${run(down, 0, dy)}${run(across, -dx, 0)}${run(down, 0, -dy)}z`;
}
