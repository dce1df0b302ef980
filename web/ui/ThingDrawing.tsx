import styled from 'styled-components';
import type { Amounts } from '../../core/ledger';
import { inches } from '../../core/length';
import type { Lot } from '../../core/things';
import { Paper } from './Paper';
import { heading } from './theme';

export interface ThingDrawingProps {
  lot: Pick<Lot, 'kind' | 'measure' | 'size' | 'front' | 'back' | 'name'>;
  /** Of the thing's face; the first is what it is drawn in. */
  colours: readonly string[];
  /** How much there is of it. */
  amounts: Amounts;
  /** Pixels to an inch, for what has a size. */
  scale: number;
}

const MOST_DRAWN = 9;

/** What a thing looks like: papers as papers, letters as letters, rolls as rolls, the rest by its kind. */
export function ThingDrawing({ lot, colours, amounts, scale }: ThingDrawingProps) {
  const hex = colours[0] ?? '#c99a3b';
  const n = amounts[''] ?? 0;
  if (lot.measure === 'sheets' && lot.size) {
    return <Run>{Array.from({ length: Math.min(n, 3) }, (_, i) => <Paper key={i} size={lot.size!} face={lot.front} {...(lot.back ? { back: lot.back } : {})} scale={scale} />)}</Run>;
  }
  if (lot.measure === 'letters') return <Letters>{Object.entries(amounts).map(([glyph, count]) => glyph.repeat(Math.min(count, 6))).join(' ')}</Letters>;
  if (lot.measure === 'length') return <Roll hex={hex} isThin={lot.kind === 'twine'} />;
  if (lot.kind === 'dots') return <Run>{Array.from({ length: Math.min(n, MOST_DRAWN) }, (_, i) => <Dot key={i} hex={colours[i % Math.max(1, colours.length)] ?? hex} r={[5, 4, 6][i % 3]!} />)}</Run>;
  if (lot.kind === 'stickers') return <Paper size={{ w: lot.size?.w ?? inches(6), h: lot.size?.h ?? inches(12) }} face={null} scale={scale / 1.6} />;
  return <Run>{Array.from({ length: Math.min(n, MOST_DRAWN) }, (_, i) => <Scrap key={i} hex={hex} at={i} isBag={lot.kind === 'packaging'} />)}</Run>;
}

const Dot = ({ hex, r }: { hex: string; r: number }) => <svg width={14} height={14} aria-hidden><circle cx={7} cy={7} r={r} fill={hex} /><circle cx={5.5} cy={5} r={1.4} fill="#fff" opacity={0.5} /></svg>;

const Roll = ({ hex, isThin }: { hex: string; isThin: boolean }) => (
  <svg width={150} height={30} viewBox="0 0 150 30" aria-hidden>
    <rect x={0} y={isThin ? 14 : 10} width={122} height={isThin ? 3 : 11} fill={hex} />
    <circle cx={130} cy={15} r={14} fill={hex} /><circle cx={130} cy={15} r={9} fill="none" stroke="rgba(0,0,0,.18)" /><circle cx={130} cy={15} r={5} fill="#f3ece0" />
  </svg>
);

const Scrap = ({ hex, at, isBag }: { hex: string; at: number; isBag: boolean }) => (
  <svg width={18} height={26} aria-hidden>
    {isBag ? <path d="M2 5h14v18H2z" fill="#e8e4d8" stroke="#8b7f6c" /> : [<rect key="r" x={3} y={5} width={12} height={16} rx={2} fill={hex} />, <path key="t" d="M3 8l6-5 6 5v14H3z" fill={hex} />, <circle key="c" cx={9} cy={13} r={7} fill={hex} />][at % 3]}
  </svg>
);

const Run = styled.span`display: flex; gap: 6px; align-items: center; flex-wrap: wrap;`;
const Letters = styled.span`font: 700 15px/1.15 ${heading}; letter-spacing: 0.02em; color: ${({ theme }) => theme.beetInk}; max-width: 200px; display: inline-block;`;
