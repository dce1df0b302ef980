import styled from 'styled-components';
import type { Amounts } from '../../core/stock/ledger';
import { inches } from '../../core/ground/length';
import { pouredOut } from '../../core/page/placing';
import type { Lot, Punch } from '../../core/stock/things';
import { ItemDrawing } from './ItemFigure';
import { Paper } from './Paper';
import { heading } from './theme';

export interface ThingDrawingProps {
  lot: Pick<Lot, 'kind' | 'measure' | 'size' | 'front' | 'back' | 'name' | 'punch' | 'items'>;
  /** Of the thing's face; the first is what it is drawn in. */
  colours: readonly string[];
  /** How much there is of it. */
  amounts: Amounts;
  /** Pixels to an inch, for what has a size. */
  scale: number;
}

/** Small things are drawn larger than papers, so that they can be told apart, and no wider than so many pixels. */
const SMALL = 4;
const MOST_WIDE = 46;
const MOST_DRAWN = 6;
/** Scraps have sizes of their own each: one is drawn for all. */
const SCRAP = { w: inches(5), h: inches(4) };

/** What a thing looks like: papers as papers, letters as letters, rolls as rolls, the rest by its kind. */
export function ThingDrawing({ lot, colours, amounts, scale }: ThingDrawingProps) {
  const hex = colours[0] ?? '#c99a3b';
  const n = amounts[''] ?? 0;
  if (lot.measure === 'sheets') {
    const size = lot.size ?? SCRAP;
    return (
      <Run>
        {Array.from({ length: Math.min(n, 3) }, (_, i) => (
          <Paper key={i} size={size} face={lot.front} {...(lot.back ? { back: lot.back } : {})} scale={scale} />
        ))}
      </Run>
    );
  }
  if (lot.measure === 'letters')
    return (
      <Letters>
        {Object.entries(amounts)
          .map(([glyph, count]) => glyph.repeat(Math.min(count, 6)))
          .join(' ')}
      </Letters>
    );
  if (lot.measure === 'length') return <Roll hex={hex} isThin={lot.kind === 'twine'} />;
  if (lot.kind === 'tool') return <Tool shape={lot.punch?.shape ?? null} />;
  if (lot.kind === 'medium') return <Pot hex={hex} level={Math.min(1, n / 100)} />;
  if (lot.kind === 'stickers' && lot.measure === 'share')
    return (
      <Run>
        {Array.from({ length: Math.min(3, Math.ceil(n / 100)) }, (_, i) => (
          <StickerSheet
            key={i}
            w={(lot.size?.w ?? inches(6)) / inches(1)}
            h={(lot.size?.h ?? inches(12)) / inches(1)}
            scale={scale}
            level={Math.min(1, n / 100 - i)}
            hex={hex}
          />
        ))}
      </Run>
    );
  if (lot.kind === 'stickers')
    return (
      <Paper size={{ w: lot.size?.w ?? inches(6), h: lot.size?.h ?? inches(12) }} face={null} scale={scale / 1.6} />
    );
  const left = lot.measure === 'share' ? { '': Math.ceil((n / 100) * MOST_DRAWN) } : amounts;
  return (
    <Run>
      {pouredOut(lot, left, colours, MOST_DRAWN).map((thing, i) => (
        <ItemDrawing key={i} thing={thing} scale={Math.min(scale * SMALL, MOST_WIDE / (thing.size.w / inches(1)))} />
      ))}
    </Run>
  );
}

/** A sheet of stickers, those that are gone left blank. */
const StickerSheet = ({
  w,
  h,
  scale,
  level,
  hex,
}: {
  w: number;
  h: number;
  scale: number;
  level: number;
  hex: string;
}) => {
  const [across, down] = [Math.max(2, Math.round(w / 2)), Math.max(3, Math.round(h / 2))];
  const spots = Array.from({ length: across * down }, (_, i) => ({
    x: ((i % across) + 0.5) * (w / across),
    y: (Math.floor(i / across) + 0.5) * (h / down),
    isGone: i + 0.5 < across * down * (1 - level),
  }));
  return (
    <svg width={(w * scale) / 1.6} height={(h * scale) / 1.6} viewBox={`0 0 ${w} ${h}`} aria-hidden>
      <rect width={w} height={h} fill="#fffdf6" stroke="#8b7f6c" strokeWidth={w / 60} />
      {spots.map(({ x, y, isGone }, i) => (
        <circle
          key={i}
          cx={x}
          cy={y}
          r={Math.min(w / across, h / down) * 0.34}
          fill={isGone ? 'none' : hex}
          stroke="#b7aa93"
          strokeWidth={w / 90}
        />
      ))}
    </svg>
  );
};

/** A pot of ink, paint or paste, and how full it is. */
const Pot = ({ hex, level }: { hex: string; level: number }) => (
  <svg width={30} height={34} aria-hidden>
    <rect x={8} y={1} width={14} height={6} rx={2} fill="#8b7f6c" />
    <rect x={4} y={8} width={22} height={25} rx={4} fill="#fffdf6" stroke="#8b7f6c" />
    <rect x={5.5} y={9.5 + 22 * (1 - level)} width={19} height={22 * level} rx={2.5} fill={hex} />
  </svg>
);

/** A tool; a punch shows what it stamps out. */
const Tool = ({ shape }: { shape: Punch['shape'] | null }) => (
  <svg width={34} height={34} aria-hidden>
    <rect x={3} y={5} width={28} height={26} rx={6} fill="#8b7f6c" />
    {shape === 'circle' && <circle cx={17} cy={18} r={8} fill="#f3ece0" />}
    {shape === 'hexagon' && <path d="M17 9l8 4.6v9L17 27l-8-4.4v-9z" fill="#f3ece0" />}
    {shape === 'tag' && <path d="M12 13l3-3h4l3 3v13H12z" fill="#f3ece0" />}
    {shape === null && <path d="M10 25l12-12 3 3-12 12h-3z" fill="#f3ece0" />}
  </svg>
);

const Roll = ({ hex, isThin }: { hex: string; isThin: boolean }) => (
  <svg width={150} height={30} viewBox="0 0 150 30" aria-hidden>
    <rect x={0} y={isThin ? 14 : 10} width={122} height={isThin ? 3 : 11} fill={hex} />
    <circle cx={130} cy={15} r={14} fill={hex} />
    <circle cx={130} cy={15} r={9} fill="none" stroke="rgba(0,0,0,.18)" />
    <circle cx={130} cy={15} r={5} fill="#f3ece0" />
  </svg>
);

const Run = styled.span`
  display: flex;
  gap: 6px;
  align-items: center;
  flex-wrap: wrap;
`;
const Letters = styled.span`
  font: 700 15px/1.15 ${heading};
  letter-spacing: 0.02em;
  color: ${({ theme }) => theme.beetInk};
  max-width: 200px;
  display: inline-block;
`;
