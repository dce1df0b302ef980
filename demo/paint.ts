import jpeg from 'jpeg-js';
import { seededRandom } from '../core/ground/random';

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
  const [[r, g, b], [r2, g2, b2]] = [rgb(top), rgb(foot)];
  return (_, v) => [r + (r2 - r) * v, g + (g2 - g) * v, b + (b2 - b) * v, 1];
};

export const disc = (x: number, y: number, r: number, hex: string, blur = 0.01): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const d = Math.hypot((u - x) * 1.5, v - y);
    return d > r + blur ? null : [c[0], c[1], c[2], 1 - soft(r - blur, r + blur, d)];
  };
};

export const glow = (x: number, y: number, r: number, hex: string, most = 0.8): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const d = Math.hypot((u - x) * 1.5, v - y) / r;
    return d > 1 ? null : [c[0], c[1], c[2], most * (1 - d) ** 2];
  };
};

export const box = (x: number, y: number, w: number, h: number, hex: string): Paint => {
  const c = rgb(hex);
  return (u, v) => (u >= x && u < x + w && v >= y && v < y + h ? [c[0], c[1], c[2], 1] : null);
};

export const oval = (x: number, y: number, rx: number, ry: number, hex: string, turn = 0): Paint => {
  const c = rgb(hex);
  const [cos, sin, far] = [Math.cos(turn), Math.sin(turn), 1.06 * Math.max(rx, ry)];
  return (u, v) => {
    const dx = (u - x) * 1.5;
    const dy = v - y;
    if (Math.abs(dx) > far || Math.abs(dy) > far) return null;
    const d = Math.hypot((dx * cos + dy * sin) / rx, (-dx * sin + dy * cos) / ry);
    return d > 1.05 ? null : [c[0], c[1], c[2], 1 - soft(0.96, 1.05, d)];
  };
};

/** A ridge of hills whose line is a sum of waves. */
export const hills = (at: number, rise: number, waves: number, hex: string, shift = 0): Paint => {
  const c = rgb(hex);
  return (u, v) => {
    const line = at - rise * Math.sin(u * waves + shift) - rise * 0.4 * Math.sin(u * waves * 2.3 + shift * 2);
    return v < line ? null : [c[0], c[1], c[2], soft(line, line + 0.008, v)];
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
    return u < from || u > to || v < top || v > foot || t % 1 > share ? null : [c[0], c[1], c[2], 1];
  };
};

export const specks = (count: number, r: number, hex: string, seed: number, most = 0.7): Paint => {
  const random = seededRandom(seed);
  const dots = Array.from({ length: count }, () => [random(), random() * most, r * (0.5 + random())] as const);
  const c = rgb(hex);
  return (u, v) =>
    dots.some(([x, y, size]) => Math.abs(v - y) < size && Math.hypot((u - x) * 1.5, v - y) < size)
      ? [c[0], c[1], c[2], 0.9]
      : null;
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

const byte = (part: number): number => Math.max(0, Math.min(255, Math.round(part)));

/** Paints the layers in order and gives JPEG bytes; a little grain keeps flat parts from looking printed. */
export function paint(width: number, height: number, layers: readonly Paint[], seed: number): Buffer {
  const random = seededRandom(seed);
  const data = Buffer.alloc(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let r = 0;
      let g = 0;
      let b = 0;
      for (const layer of layers) {
        const hit = layer((x + 0.5) / width, (y + 0.5) / height);
        if (!hit) continue;
        r += (hit[0] - r) * hit[3];
        g += (hit[1] - g) * hit[3];
        b += (hit[2] - b) * hit[3];
      }
      const grain = (random() - 0.5) * 7;
      const at = (y * width + x) * 4;
      data[at] = byte(r + grain);
      data[at + 1] = byte(g + grain);
      data[at + 2] = byte(b + grain);
      data[at + 3] = 255;
    }
  return jpeg.encode({ data, width, height }, 74).data;
}
