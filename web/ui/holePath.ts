import { toInches } from '../../core/length';
import type { Hole } from '../../core/things';

/** A hole as the path of an SVG in inches. */
export function holePath({ x, y, size, lie }: Hole): string {
  const r = toInches(size / 2);
  if (lie === 'round')
    return `M${toInches(x) - r} ${toInches(y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
  const start = lie === 'point-up' ? Math.PI / 2 : 0;
  const points = Array.from({ length: 6 }, (_, i) => start + (i * Math.PI) / 3).map(
    (angle) =>
      `${toInches(x + (size / Math.sqrt(3)) * Math.cos(angle))} ${toInches(y + (size / Math.sqrt(3)) * Math.sin(angle))}`,
  );
  return `M${points.join('L')}z`;
}
