import type { ColourShare } from './coverPalette';
import { rgbToHex, type Rgb } from './hex';
import { rgbToLabD65, type LabD65 } from './srgbToLab';

interface Bucket extends LabD65 {
  readonly n: number;
  readonly rgb: Rgb;
}

const BITS = 5;
const distance2 = (p: LabD65, q: LabD65): number => (p.l - q.l) ** 2 + (p.a - q.a) ** 2 + (p.b - q.b) ** 2;

/** Opaque pixels counted into 32 x 32 x 32 buckets, each with its mean colour. @param rgba four bytes a pixel */
function countBuckets(rgba: Uint8Array | Uint8ClampedArray): Bucket[] {
  const size = 1 << (3 * BITS);
  const [n, r, g, b] = [new Uint32Array(size), new Float64Array(size), new Float64Array(size), new Float64Array(size)];
  for (let i = 0; i + 3 < rgba.length; i += 4) {
    if (rgba[i + 3]! < 128) continue;
    const at = ((rgba[i]! >> 3) << 10) | ((rgba[i + 1]! >> 3) << 5) | (rgba[i + 2]! >> 3);
    n[at]!++;
    r[at]! += rgba[i]!;
    g[at]! += rgba[i + 1]!;
    b[at]! += rgba[i + 2]!;
  }
  const buckets: Bucket[] = [];
  for (let at = 0; at < size; at++) {
    if (n[at] === 0) continue;
    const rgb = { r: r[at]! / n[at]!, g: g[at]! / n[at]!, b: b[at]! / n[at]! };
    buckets.push({ n: n[at]!, rgb, ...rgbToLabD65(rgb) });
  }
  return buckets;
}

/**
 * First centre: the fullest bucket; each next one: the bucket with the most pixels x squared distance to those chosen.
 */
function seedCentres(buckets: readonly Bucket[], count: number): LabD65[] {
  const first = buckets.reduce((best, bucket) => (bucket.n > best.n ? bucket : best));
  const centres: LabD65[] = [first];
  const far = buckets.map((bucket) => distance2(bucket, first));
  while (centres.length < count) {
    let best = 0;
    buckets.forEach((bucket, i) => {
      if (bucket.n * far[i]! > buckets[best]!.n * far[best]!) best = i;
    });
    if (far[best] === 0) break;
    const centre = buckets[best]!;
    centres.push(centre);
    buckets.forEach((bucket, i) => {
      far[i] = Math.min(far[i]!, distance2(bucket, centre));
    });
  }
  return centres;
}

const nearest = (centres: readonly LabD65[], bucket: LabD65): number => {
  let best = 0;
  centres.forEach((centre, i) => {
    if (distance2(centre, bucket) < distance2(centres[best]!, bucket)) best = i;
  });
  return best;
};

const ROUNDS = 12;

/**
 * Main colours of a picture with their shares, the largest first: k-means on CIELAB over a histogram, seeded without
 * chance so that the same picture always gives the same colours.
 * @param rgba four bytes a pixel; pixels less than half opaque are passed over
 * @param count how many colours at the most
 * @param smallest colours with a lesser share are left out
 */
export function mainColours(rgba: Uint8Array | Uint8ClampedArray, count = 5, smallest = 0.02): ColourShare[] {
  const buckets = countBuckets(rgba);
  if (buckets.length === 0) return [];
  let centres = seedCentres(buckets, count);
  let clusters: { n: number; r: number; g: number; b: number }[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    clusters = centres.map(() => ({ n: 0, r: 0, g: 0, b: 0 }));
    for (const bucket of buckets) {
      const cluster = clusters[nearest(centres, bucket)]!;
      cluster.n += bucket.n;
      cluster.r += bucket.n * bucket.rgb.r;
      cluster.g += bucket.n * bucket.rgb.g;
      cluster.b += bucket.n * bucket.rgb.b;
    }
    centres = clusters.map((c, i) =>
      c.n === 0 ? centres[i]! : rgbToLabD65({ r: c.r / c.n, g: c.g / c.n, b: c.b / c.n }),
    );
  }
  const total = clusters.reduce((sum, c) => sum + c.n, 0);
  return clusters
    .filter((c) => c.n > 0 && c.n / total >= smallest)
    .map((c) => ({ hex: rgbToHex({ r: c.r / c.n, g: c.g / c.n, b: c.b / c.n }), share: c.n / total }))
    .sort((a, b) => b.share - a.share);
}
