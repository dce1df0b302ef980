import { memo, type ReactElement } from 'react';
import { TICKS_PER_INCH } from '../../core/ground/length';
import type { Face, Pattern } from '../../core/stock/things';

/** What a pattern is drawn with: the ground's colour and up to three others; lengths in inches. */
interface Inks {
  readonly a: string;
  readonly b: string;
  readonly c: string;
}
interface Tile {
  readonly w: number;
  readonly h: number;
  readonly draw: (inks: Inks) => ReactElement;
}

const moth = (x: number, y: number, s: number, fill: string): ReactElement => (
  <path
    d={`M${x} ${y}c${-0.1 * s} ${-0.24 * s} ${-0.5 * s} ${-0.2 * s} ${-0.42 * s} 0c0.03 ${0.14 * s} ${0.26 * s} ${0.16 * s} ${0.42 * s} ${0.04 * s}c${0.16 * s} ${0.12 * s} ${0.39 * s} ${0.1 * s} ${0.42 * s} ${-0.04 * s}c${0.08 * s} ${-0.2 * s} ${-0.32 * s} ${-0.24 * s} ${-0.42 * s} 0z`}
    fill={fill}
  />
);
const leaf = (x: number, y: number, s: number, turn: number, fill: string): ReactElement => (
  <path
    d={`M0 ${-0.5 * s}C${0.32 * s} ${-0.2 * s} ${0.32 * s} ${0.2 * s} 0 ${0.5 * s}C${-0.32 * s} ${0.2 * s} ${-0.32 * s} ${-0.2 * s} 0 ${-0.5 * s}z`}
    transform={`translate(${x} ${y}) rotate(${turn})`}
    fill={fill}
  />
);

/** The house's drawn papers. Each tile repeats; sizes are those of real prints. */
const TILES: Record<Pattern, Tile> = {
  plain: { w: 1, h: 1, draw: () => <></> },
  dots: {
    w: 0.7,
    h: 0.7,
    draw: ({ b, c }) => (
      <>
        <circle cx={0.17} cy={0.17} r={0.1} fill={b} />
        <circle cx={0.52} cy={0.52} r={0.1} fill={c} />
      </>
    ),
  },
  stripes: {
    w: 0.5,
    h: 1,
    draw: ({ b, c }) => (
      <>
        <rect width={0.17} height={1} fill={b} />
        <rect x={0.3} width={0.05} height={1} fill={c} />
      </>
    ),
  },
  gingham: {
    w: 0.5,
    h: 0.5,
    draw: ({ b }) => (
      <>
        <rect width={0.25} height={0.5} fill={b} opacity={0.5} />
        <rect width={0.5} height={0.25} fill={b} opacity={0.5} />
      </>
    ),
  },
  plaid: {
    w: 1.5,
    h: 1.5,
    draw: ({ b, c }) => (
      <>
        <rect width={0.5} height={1.5} fill={b} opacity={0.45} />
        <rect width={1.5} height={0.5} fill={b} opacity={0.45} />
        <rect x={0.9} width={0.08} height={1.5} fill={c} />
        <rect y={0.9} width={1.5} height={0.08} fill={c} />
      </>
    ),
  },
  leaves: {
    w: 1,
    h: 1,
    draw: ({ b, c }) => (
      <>
        {leaf(0.27, 0.27, 0.5, 35, b)}
        {leaf(0.76, 0.76, 0.5, -35, c)}
      </>
    ),
  },
  script: {
    w: 2,
    h: 0.36,
    draw: ({ b }) => (
      <path
        d="M0.05 0.24c.1-.2.2-.2.2 0s.1.06.2-.08.14.2.26.08.1-.26.2-.2 0 .26.14.2.16-.2.26-.12 0 .2.14.12.2-.2.28-.06.1.1.22 0"
        stroke={b}
        strokeWidth={0.025}
        fill="none"
      />
    ),
  },
  wood: {
    w: 3,
    h: 1,
    draw: ({ b }) => (
      <>
        <path
          d="M0 .98H3M0 .25C.8.2 1.4.34 3 .26M0 .5c1.2.1 1.6-.12 3-.02M0 .76C1 .7 2 .84 3 .74"
          stroke={b}
          strokeWidth={0.03}
          fill="none"
        />
        <ellipse cx={1.3} cy={0.5} rx={0.22} ry={0.08} fill="none" stroke={b} strokeWidth={0.025} />
      </>
    ),
  },
  wash: {
    w: 4,
    h: 3,
    draw: ({ b, c }) => (
      <>
        <ellipse cx={1} cy={0.8} rx={1.2} ry={0.7} fill={b} opacity={0.35} />
        <ellipse cx={3} cy={2.1} rx={1.2} ry={0.8} fill={c} opacity={0.3} />
        <ellipse cx={0.6} cy={2.5} rx={0.7} ry={0.4} fill={b} opacity={0.22} />
      </>
    ),
  },
  stars: {
    w: 1.4,
    h: 1.4,
    draw: ({ b, c }) => (
      <>
        <circle cx={0.3} cy={0.35} r={0.045} fill={b} />
        <circle cx={1.05} cy={0.2} r={0.03} fill={c} />
        <circle cx={0.85} cy={0.95} r={0.05} fill={b} />
        <circle cx={0.2} cy={1.15} r={0.025} fill={c} />
        <path d="M.62.5l.03.08.08.03-.08.03-.03.08-.03-.08-.08-.03.08-.03z" fill={b} />
      </>
    ),
  },
  grid: { w: 0.4, h: 0.4, draw: ({ b }) => <path d="M0 0H.4M0 0V.4" stroke={b} strokeWidth={0.03} /> },
  ledger: { w: 1, h: 0.28, draw: ({ b }) => <path d="M0 .26H1" stroke={b} strokeWidth={0.022} /> },
  scallops: {
    w: 0.8,
    h: 0.5,
    draw: ({ b, c }) => (
      <>
        <path d="M0 .25a.4.2 0 0 0 .8 0" fill="none" stroke={b} strokeWidth={0.05} />
        <path d="M-.4 .5a.4.2 0 0 0 .8 0a.4.2 0 0 0 .8 0" fill="none" stroke={c} strokeWidth={0.05} />
      </>
    ),
  },
  moths: {
    w: 1.7,
    h: 1.3,
    draw: ({ b, c }) => (
      <>
        {moth(0.45, 0.35, 0.8, b)}
        {moth(1.3, 1, 0.8, b)}
        <circle cx={1.25} cy={0.3} r={0.04} fill={c} />
        <circle cx={0.35} cy={0.98} r={0.04} fill={c} />
      </>
    ),
  },
  bells: {
    w: 1.2,
    h: 1.2,
    draw: ({ b, c }) => (
      <>
        <path d="M.15 .5c.1-.05.08-.32.2-.32s.1.27.2.32z" fill={b} />
        <circle cx={0.35} cy={0.53} r={0.045} fill={c} />
        <path d="M.75 1.1c.1-.05.08-.32.2-.32s.1.27.2.32z" fill={b} />
        <circle cx={0.95} cy={1.13} r={0.045} fill={c} />
      </>
    ),
  },
  seeds: {
    w: 0.8,
    h: 0.8,
    draw: ({ b, c }) => (
      <>
        {leaf(0.2, 0.22, 0.24, 20, b)}
        {leaf(0.6, 0.34, 0.24, -40, c)}
        {leaf(0.32, 0.64, 0.24, 75, b)}
      </>
    ),
  },
  blooms: {
    w: 1.1,
    h: 1.4,
    draw: ({ b, c }) => (
      <>
        <path d="M.28 .15c.13.1.16.3.1.5l-.1-.05-.1.05c-.06-.2-.03-.4.1-.5z" fill={b} />
        <path d="M.28 .6V.78" stroke={c} strokeWidth={0.05} />
        <path d="M.82 .85c.13.1.16.3.1.5l-.1-.05-.1.05c-.06-.2-.03-.4.1-.5z" fill={b} />
        <path d="M.82 1.3v.1M.82 0V.08" stroke={c} strokeWidth={0.05} />
      </>
    ),
  },
  crackle: {
    w: 2,
    h: 2,
    draw: ({ b }) => (
      <path
        d="M0 .4L.5.6.9.2 1.4.5 2 .3M.5.6L.6 1.2.2 1.6 0 1.5M.6 1.2l.7.2.7-.3M1.3 1.4L1.2 2M1.4.5l.2.6M.9.2L.8 0M1.2 0L1 .2M.2 1.6L.3 2"
        stroke={b}
        strokeWidth={0.025}
        fill="none"
      />
    ),
  },
};

export const patternId = (face: string): string => `face-${face.replaceAll(/[^\w-]/g, '_')}`;

/** A face as an SVG pattern in inches; whatever is drawn in inches can be filled with it. */
export const FacePattern = memo(function FacePattern({
  face,
  url,
}: {
  face: Face;
  /** Of its picture; absent: it is drawn. */ url?: string | undefined;
}) {
  if (face.picture && url !== undefined) {
    const [w, h] = [face.picture.w / TICKS_PER_INCH, face.picture.h / TICKS_PER_INCH];
    return (
      <pattern id={patternId(face.id)} patternUnits="userSpaceOnUse" width={w} height={h}>
        <image href={url} width={w} height={h} preserveAspectRatio="xMidYMid slice" />
      </pattern>
    );
  }
  const tile = TILES[face.pattern];
  const [ground = '#e9e2d3', b = '#8b7f6c', c = b] = face.colours.map(({ hex }) => hex);
  return (
    <pattern id={patternId(face.id)} patternUnits="userSpaceOnUse" width={tile.w} height={tile.h}>
      <rect width={tile.w} height={tile.h} fill={ground} />
      {tile.draw({ a: ground, b, c })}
    </pattern>
  );
});
