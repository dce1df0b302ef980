import { toInches } from '../../../core/ground/length';
import type { PieceState } from '../../../core/stock/ledger';
import type { Hole } from '../../../core/stock/things';
import { useFill } from '../../ui/facesInSight';
import { holePath } from '../../ui/holePath';
import { countWords } from '../../words/countWords';

/** A piece with its holes, as it will be. */
export function PunchedPiece({
  piece,
  face,
  holes,
}: {
  piece: PieceState;
  face: string | null;
  holes: readonly Hole[];
}) {
  const fill = useFill(face);
  const [w, h] = [toInches(piece.w), toInches(piece.h)];
  const scale = Math.min(40, 250 / w, 330 / h);
  return (
    <svg
      width={w * scale}
      height={h * scale}
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={`${countWords(holes.length, 'hole')} on the piece`}
      style={{ flex: 'none' }}
    >
      <path
        fillRule="evenodd"
        fill={fill}
        stroke="rgba(40,20,30,.4)"
        strokeWidth={0.02}
        d={[
          `M0 0H${w}V${h}H0z`,
          ...piece.missing.map(
            (m) => `M${toInches(m.x)} ${toInches(m.y)}h${toInches(m.w)}v${toInches(m.h)}h${-toInches(m.w)}z`,
          ),
          ...holes.map(holePath),
        ].join('')}
      />
    </svg>
  );
}
