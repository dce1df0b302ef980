import { toInches } from '../../core/ground/length';
import { halfExtent } from '../../core/trimmer/punching';
import type { Hole } from '../../core/stock/things';

/** A hole as the path of an SVG in inches. */
export function holePath(hole: Hole): string {
  const { x, y, size, lie } = hole;
  if (lie === 'upright' || lie === 'across') {
    const half = halfExtent(hole);
    const [left, top] = [toInches(x - half.x), toInches(y - half.y)];
    return `M${left} ${top}h${toInches(2 * half.x)}v${toInches(2 * half.y)}h${-toInches(2 * half.x)}z`;
  }
  const r = toInches(size / 2);
  if (lie === 'round')
    return `M${toInches(x) - r} ${toInches(y)}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
  const point = size / Math.sqrt(3);
  const start = lie === 'point-up' ? Math.PI / 2 : 0;
  const points = Array.from({ length: 6 }, (_, i) => start + (i * Math.PI) / 3).map(
    (angle) => `${toInches(x + point * Math.cos(angle))} ${toInches(y + point * Math.sin(angle))}`,
  );
  return `M${points.join('L')}z`;
}
