import styled, { useTheme } from 'styled-components';
import type { PlannedPart, PlannedSheet } from '../../core/cutting';
import type { PieceState } from '../../core/ledger';
import { formatSize, TICKS_PER_INCH, type MeasureSystem } from '../../core/length';
import { useFill } from './facesInSight';

export interface PlanSheetProps {
  sheet: PlannedSheet;
  piece: PieceState;
  face: string | null;
  scale: number;
  system: MeasureSystem;
  /** What each wanted piece is called. */
  nameOf: (wanted: string) => string;
}

const inch = (n: number): number => n / TICKS_PER_INCH;
const box = (p: PlannedPart) => ({ x: inch(p.x), y: inch(p.y), width: inch(p.w), height: inch(p.h) });

/** A sheet of the plan to scale: pieces in the paper's print with their names, nubbins pale and dashed, waste hatched. */
export function PlanSheet({ sheet, piece, face, scale, system, nameOf }: PlanSheetProps) {
  const fill = useFill(face);
  const theme = useTheme();
  const [w, h] = [inch(piece.w), inch(piece.h)];
  // A label that does not fit whole is left out, after its first words alone were tried: half a measure misleads.
  const fits = (p: PlannedPart, words: string): boolean => inch(p.w) * scale > words.length * 6.8 + 10 && inch(p.h) * scale > 18;
  const label = (p: PlannedPart, whole: string) => [whole, whole.split(' · ')[0]!].filter((words) => fits(p, words)).slice(0, 1).map((words) =>
    <g key={`${p.part}-l`}><rect x={inch(p.x + p.w / 2) - (words.length * 3.4 + 5) / scale} y={inch(p.y + p.h / 2) - 9 / scale} width={(words.length * 6.8 + 10) / scale} height={18 / scale} fill={theme.paper} /><text x={inch(p.x + p.w / 2)} y={inch(p.y + p.h / 2) + 4 / scale} fontSize={12 / scale} textAnchor="middle" fill={theme.ink}>{words}</text></g>);
  return (
    <Drawn width={w * scale} height={h * scale} viewBox={`0 0 ${w} ${h}`} role="img" aria-label={`${sheet.pieces.length} pieces, ${sheet.nubbins.length} left over`}>
      <rect width={w} height={h} fill={fill} />
      {piece.missing.map((m, i) => <rect key={i} x={inch(m.x)} y={inch(m.y)} width={inch(m.w)} height={inch(m.h)} fill={theme.ground} />)}
      {sheet.waste.map((p) => <rect key={p.part} {...box(p)} fill="url(#waste)" stroke={theme.brick} strokeWidth={1 / scale} />)}
      {sheet.nubbins.map((p) => <g key={p.part}><rect {...box(p)} fill={theme.paper} opacity={0.72} /><rect {...box(p)} fill="none" stroke={theme.pond} strokeWidth={2 / scale} strokeDasharray={`${7 / scale} ${4 / scale}`} />{label(p, formatSize(p, system))}</g>)}
      {sheet.pieces.map((p) => <g key={p.part}><rect {...box(p)} fill="none" stroke={theme.beet} strokeWidth={2.5 / scale} />{label(p, nameOf(p.id))}</g>)}
    </Drawn>
  );
}

/** Hatching for waste; once a screen. */
export function WastePattern() {
  const { brick, paper } = useTheme();
  return (
    <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden>
      <pattern id="waste" patternUnits="userSpaceOnUse" width={0.25} height={0.25} patternTransform="rotate(45)"><rect width={0.25} height={0.25} fill={paper} /><rect width={0.07} height={0.25} fill={brick} /></pattern>
    </svg>
  );
}

const Drawn = styled.svg`display: block; box-shadow: 0 1px 4px ${({ theme }) => theme.shade}; flex: none;`;
