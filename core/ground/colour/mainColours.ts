import type { ColourShare } from './coverPalette';
import { rgbToHex, type Rgb } from './hex';
import { rgbToLabD65, type LabD65 } from './srgbToLab';

interface Bucket extends LabD65 {
  readonly n: number;
  readonly rgb: Rgb;
}

const BITS = 5;
const distance2 = (p: LabD65, q: LabD65): number => (p.l - q.l) ** 2 + (p.a - q.a) ** 2 + (p.b - q.b) ** 2;

/** Colours added up, and of how many pixels. */
interface Sum extends Rgb {
  n: number;
  r: number;
  g: number;
  b: number;
}

const nothing = (): Sum => ({ n: 0, r: 0, g: 0, b: 0 });

function addTo(sum: Sum, n: number, { r, g, b }: Rgb): void {
  sum.n += n;
  sum.r += n * r;
  sum.g += n * g;
  sum.b += n * b;
}

const meanOf = ({ n, r, g, b }: Sum): Rgb => ({ r: r / n, g: g / n, b: b / n });

/** Opaque pixels counted into 32 x 32 x 32 buckets, each with its mean colour. @param rgba four bytes a pixel */
function countBuckets(rgba: Uint8Array | Uint8ClampedArray): Bucket[] {
  const pixels = new DataView(rgba.buffer, rgba.byteOffset, rgba.byteLength);
  const sums: (Sum | undefined)[] = Array.from({ length: 1 << (3 * BITS) }, () => undefined);
  for (let i = 0; i + 3 < rgba.length; i += 4) {
    const pixel = pixels.getUint32(i);
    if ((pixel & 255) < 128) continue;
    const [r, g, b] = [pixel >>> 24, (pixel >>> 16) & 255, (pixel >>> 8) & 255];
    addTo((sums[((r >> 3) << (2 * BITS)) | ((g >> 3) << BITS) | (b >> 3)] ??= nothing()), 1, { r, g, b });
  }
  return sums.flatMap((sum) => {
    if (!sum) return [];
    const rgb = meanOf(sum);
    return [{ n: sum.n, rgb, ...rgbToLabD65(rgb) }];
  });
}

/**
 * First centre: the fullest bucket; each next one: the bucket with the most pixels x squared distance to those chosen.
 */
function seedCentres(buckets: readonly Bucket[], count: number): LabD65[] {
  const first = buckets.reduce((best, bucket) => (bucket.n > best.n ? bucket : best));
  const centres: LabD65[] = [first];
  const waiting = buckets.map((bucket) => ({ bucket, far: distance2(bucket, first) }));
  while (centres.length < count) {
    const next = waiting.reduce((best, one) => (one.bucket.n * one.far > best.bucket.n * best.far ? one : best));
    if (next.far === 0) break;
    centres.push(next.bucket);
    for (const one of waiting) one.far = Math.min(one.far, distance2(one.bucket, next.bucket));
  }
  return centres;
}

interface Cluster {
  readonly centre: LabD65;
  readonly sum: Sum;
}

/** The buckets added to the centre each lies nearest to. */
function clustersRound(centres: readonly LabD65[], buckets: readonly Bucket[]): Cluster[] {
  const clusters = centres.map((centre): Cluster => ({ centre, sum: nothing() }));
  for (const bucket of buckets) {
    const { sum } = clusters.reduce((best, one) =>
      distance2(one.centre, bucket) < distance2(best.centre, bucket) ? one : best,
    );
    addTo(sum, bucket.n, bucket.rgb);
  }
  return clusters;
}

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
  let clusters: Cluster[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    clusters = clustersRound(centres, buckets);
    centres = clusters.map(({ centre, sum }) => (sum.n === 0 ? centre : rgbToLabD65(meanOf(sum))));
  }
  const total = clusters.reduce((all, { sum }) => all + sum.n, 0);
  return clusters
    .filter(({ sum }) => sum.n > 0 && sum.n / total >= smallest)
    .map(({ sum }) => ({ hex: rgbToHex(meanOf(sum)), share: sum.n / total }))
    .sort((a, b) => b.share - a.share);
}
