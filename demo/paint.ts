import jpeg from 'jpeg-js';
import { seededRandom } from '../core/random';
import { nth } from '../core/nth';

/** A colour with how much it covers, at a point of the picture (0 to 1 across, 0 to 1 down). */
type Paint = (u: number, v: number) => readonly [r: number, g: number, b: number, cover: number] | null;

const rgb = (hex: string): [number, number, number] =>
  [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as [number, number, number];
const soft = (edge0: number, edge1: number, x: number): number => {
  const t = Math.min(1, Math.max(0, (x - edge0) / (edge1 - edge0)));
  return t * t * (3 - 2 * t);
};

/** From one colour at the head to another at the foot. */
export const sky = (top: string, foot: string): Paint => {
  const [a, b] = [rgb(top), rgb(foot)];
  return (_, v) =>
    [0, 1, 2].map((i) => nth(a, i) + (nth(b, i) - nth(a, i)) * v).concat(1) as [number, number, number, number];
};

export const disc = (x: number, y: number, r: number, hex: string, blur = 0.01): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const d = Math.hypot((u - x) * 1.5, v - y);
    return d > r + blur ? null : [...c, 1 - soft(r - blur, r + blur, d)];
  };
};

export const glow = (x: number, y: number, r: number, hex: string, most = 0.8): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const d = Math.hypot((u - x) * 1.5, v - y) / r;
    return d > 1 ? null : [...c, most * (1 - d) ** 2];
  };
};

export const box = (x: number, y: number, w: number, h: number, hex: string): Paint => {
  const c = rgb(hex);
  return (u, v) => (u >= x && u < x + w && v >= y && v < y + h ? [...c, 1] : null);
};

export const oval = (x: number, y: number, rx: number, ry: number, hex: string, turn = 0): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const [dx, dy] = [(u - x) * 1.5, v - y];
    const d = Math.hypot(
      (dx * Math.cos(turn) + dy * Math.sin(turn)) / rx,
      (-dx * Math.sin(turn) + dy * Math.cos(turn)) / ry,
    );
    return d > 1.05 ? null : [...c, 1 - soft(0.96, 1.05, d)];
  };
};

/** A ridge of hills whose line is a sum of waves. */
export const hills = (at: number, rise: number, waves: number, hex: string, shift = 0): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const line = at - rise * Math.sin(u * waves + shift) - rise * 0.4 * Math.sin(u * waves * 2.3 + shift * 2);
    return v < line ? null : [...c, soft(line, line + 0.008, v)];
  };
};

/** Upright bars, evenly spaced. */
export const bars = (
  from: number,
  to: number,
  count: number,
  share: number,
  top: number,
  foot: number,
  hex: string,
): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const t = ((u - from) / (to - from)) * count;
    return u < from || u > to || v < top || v > foot || t % 1 > share ? null : [...c, 1];
  };
};

export const specks = (count: number, r: number, hex: string, seed: number, most = 0.7): Paint => {
  const random = seededRandom(seed);
  const dots = Array.from({ length: count }, () => [random(), random() * most, r * (0.5 + random())] as const);
  const c = rgb(hex);
  return (u, v) => (dots.some(([x, y, size]) => Math.hypot((u - x) * 1.5, v - y) < size) ? [...c, 0.9] : null);
};

/** A moth with its wings spread. */
export const moth = (x: number, y: number, s: number, wing: string, body: string): Paint[] => [
  oval(x - s * 0.5, y, s * 0.8, s * 0.42, wing, 0.4),
  oval(x + s * 0.5, y, s * 0.8, s * 0.42, wing, -0.4),
  oval(x - s * 0.34, y + s * 0.5, s * 0.45, s * 0.36, wing, -0.5),
  oval(x + s * 0.34, y + s * 0.5, s * 0.45, s * 0.36, wing, 0.5),
  disc(x - s * 0.55, y, s * 0.16, body),
  disc(x + s * 0.55, y, s * 0.16, body),
  oval(x, y + s * 0.2, s * 0.14, s * 0.62, body),
];

/** Paints the layers in order and gives JPEG bytes; a little grain keeps flat parts from looking printed. */
export function paint(width: number, height: number, layers: readonly Paint[], seed: number): Buffer {
  const random = seededRandom(seed);
  const data = Buffer.alloc(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const p = [0, 0, 0];
      for (const layer of layers) {
        const hit = layer((x + 0.5) / width, (y + 0.5) / height);
        if (hit) for (let i = 0; i < 3; i++) p[i] = nth(p, i) + (nth(hit, i) - nth(p, i)) * hit[3];
      }
      const grain = (random() - 0.5) * 7;
      const at = (y * width + x) * 4;
      for (let i = 0; i < 3; i++) data[at + i] = Math.max(0, Math.min(255, Math.round(nth(p, i) + grain)));
      data[at + 3] = 255;
    }
  return jpeg.encode({ data, width, height }, 74).data;
}
