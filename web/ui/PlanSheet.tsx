import styled, { useTheme } from 'styled-components';
import type { PlannedPart } from '../../core/trimmer/cutting';
import type { PlanPiece, PlanSheet as Planned } from '../../core/stock/things';
import type { PieceState } from '../../core/stock/ledger';
import { formatSize, TICKS_PER_INCH, type MeasureSystem } from '../../core/ground/length';
import { useFill } from './facesInSight';
import { holePath } from './holePath';
import { nth } from '../../core/ground/nth';
import { countWords } from '../words/countWords';

export interface PlanSheetProps {
  sheet: Pick<Planned, 'pieces' | 'nubbins' | 'waste' | 'windows'>;
  piece: PieceState;
  face: string | null;
  scale: number;
  system: MeasureSystem;
  /** What each wanted piece is called. */
  nameOf: (piece: PlanPiece) => string;
}

const inch = (n: number): number => n / TICKS_PER_INCH;
const box = (p: PlannedPart) => ({ x: inch(p.x), y: inch(p.y), width: inch(p.w), height: inch(p.h) });

/** Where a piece's name stands: above the middle that is cut out of it, if one is. */
function aboveWindow(piece: PlanPiece, { windows = [] }: PlanSheetProps['sheet']): PlannedPart {
  const window = windows.find(({ from }) => from === piece.part);
  return window ? { ...piece, h: window.y - piece.y } : piece;
}

/** Of a label: its height, what each letter takes, and what is kept free at both ends. In dots. */
const [HIGH, LETTER, ENDS] = [16, 6.8, 10];

/**
 * What a part is called, along the part where that is narrow; its first words alone where the whole is too long, and
 * nothing where they are: half a measure misleads.
 */
function PartLabel({ part, whole, scale }: { part: PlannedPart; whole: string; scale: number }) {
  const { paper, ink } = useTheme();
  const [w, h] = [inch(part.w) * scale, inch(part.h) * scale];
  const fits = [whole, nth(whole.split(' · '), 0)]
    .flatMap((words) => {
      const long = words.length * LETTER + ENDS;
      return [
        { words, long, turn: 0, fits: w > long && h >= HIGH },
        { words, long, turn: -90, fits: h > long && w >= HIGH },
      ];
    })
    .find((one) => one.fits);
  if (!fits) return null;
  return (
    <g
      transform={`translate(${inch(part.x + part.w / 2)} ${inch(part.y + part.h / 2)}) scale(${1 / scale}) rotate(${fits.turn})`}
    >
      <rect x={-fits.long / 2} y={-HIGH / 2} width={fits.long} height={HIGH} fill={paper} />
      <text y={4} fontSize={12} textAnchor="middle" fill={ink}>
        {fits.words}
      </text>
    </g>
  );
}

/**
 * A sheet of the plan to scale: pieces in the paper's print with their names, nubbins pale and dashed, waste hatched.
 */
export function PlanSheet({ sheet, piece, face, scale, system, nameOf }: PlanSheetProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [inch(piece.w), inch(piece.h)];
  return (
    <Drawn
      width={w * scale}
      height={h * scale}
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={`${countWords(sheet.pieces.length, 'piece')}, ${sheet.nubbins.length} left over`}
    >
      <rect width={w} height={h} fill={fill} />
      {piece.missing.map((m, i) => (
        <rect key={i} x={inch(m.x)} y={inch(m.y)} width={inch(m.w)} height={inch(m.h)} fill={theme.ground} />
      ))}
      {sheet.waste.map((p) => (
        <rect key={p.part} {...box(p)} fill="url(#waste)" stroke={theme.brick} strokeWidth={1 / scale} />
      ))}
      {sheet.nubbins.map((p) => (
        <g key={p.part}>
          <rect {...box(p)} fill={theme.paper} opacity={0.72} />
          <rect
            {...box(p)}
            fill="none"
            stroke={theme.pond}
            strokeWidth={2 / scale}
            strokeDasharray={`${7 / scale} ${4 / scale}`}
          />
          {!sheet.pieces.some(({ punched }) => punched?.from === p.part) && (
            <PartLabel part={p} whole={formatSize(p, system)} scale={scale} />
          )}
        </g>
      ))}
      {sheet.windows?.map((p) => (
        <rect
          key={p.part}
          {...box(p)}
          fill="none"
          stroke={theme.beet}
          strokeWidth={1.5 / scale}
          strokeDasharray={`${3 / scale} ${3 / scale}`}
        />
      ))}
      {sheet.pieces.map((p) => (
        <g key={p.part}>
          {p.punched ? (
            <path d={holePath(p.punched.hole)} fill={fill} stroke={theme.beet} strokeWidth={2.5 / scale} />
          ) : (
            <rect {...box(p)} fill="none" stroke={theme.beet} strokeWidth={2.5 / scale} />
          )}
          {!p.punched && <PartLabel part={aboveWindow(p, sheet)} whole={nameOf(p)} scale={scale} />}
        </g>
      ))}
    </Drawn>
  );
}

/** Hatching for waste; once a screen. */
export function WastePattern() {
  const { brick, paper } = useTheme();
  return (
    <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden>
      <pattern id="waste" patternUnits="userSpaceOnUse" width={0.25} height={0.25} patternTransform="rotate(45)">
        <rect width={0.25} height={0.25} fill={paper} />
        <rect width={0.07} height={0.25} fill={brick} />
      </pattern>
    </svg>
  );
}

const Drawn = styled.svg`
  display: block;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  flex: none;
`;
