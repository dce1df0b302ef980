import type { CutChild, PieceState } from '../../../core/stock/ledger';
import { formatSize, toInches } from '../../../core/ground/length';
import { useSettings } from '../../data/settings';
import { useFill } from '../../ui/facesInSight';

export interface CutApartDrawingProps {
  piece: PieceState;
  face: string | null;
  into: readonly CutChild[];
}

/** A piece, and the parts it would be cut into. */
export function CutApartDrawing({ piece, face, into }: CutApartDrawingProps) {
  const fill = useFill(face);
  const system = useSettings((s) => s.system);
  const kept = into.filter(({ role }) => role === 'nubbin');
  const scale = Math.min(26, 300 / toInches(piece.w), 340 / toInches(piece.h));
  return (
    <svg
      width={toInches(piece.w) * scale}
      height={toInches(piece.h) * scale}
      viewBox={`0 0 ${toInches(piece.w)} ${toInches(piece.h)}`}
      role="img"
      aria-label={`${formatSize(piece, system)}, cut into ${kept.length === 0 ? 'nothing yet' : kept.map((part) => formatSize(part, system)).join(', ')}`}
      style={{ flex: 'none' }}
    >
      <rect width={toInches(piece.w)} height={toInches(piece.h)} fill={fill} />
      {into.map(({ id, x, y, w, h, role }) => (
        <rect
          key={id}
          x={toInches(x)}
          y={toInches(y)}
          width={toInches(w)}
          height={toInches(h)}
          fill={role === 'waste' ? 'rgba(40,20,30,.45)' : 'none'}
          stroke="#fff"
          strokeWidth={0.09}
        />
      ))}
      {into.map(({ id, x, y, w, h, role }) => (
        <rect
          key={`${id} line`}
          x={toInches(x)}
          y={toInches(y)}
          width={toInches(w)}
          height={toInches(h)}
          fill="none"
          stroke={role === 'waste' ? 'none' : '#3b2436'}
          strokeWidth={0.05}
          strokeDasharray=".18 .12"
        />
      ))}
    </svg>
  );
}
