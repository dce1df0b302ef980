import { Fragment, useId } from 'react';
import { useTheme } from 'styled-components';
import type { Rect } from '../../core/ground/geometry';
import { TICKS_PER_INCH } from '../../core/ground/length';
import { CORNER, drawnLayer, roundedCorners, type Corners, type Layout, type PageLayer } from '../../core/page/design';
import type { PagePhoto } from '../../core/stock/things';
import { pathData } from '../../core/ground/shapes';
import { AID } from './drawnPage';
import { fillOf, useFacesInSight } from './facesInSight';
import type { LaidThing } from './LaidFigure';
import { LaidOver, type LaidOverProps } from './LaidOver';
import { TitleWords, WrittenWords, type WordsOnPage } from './PageWriting';
import { PictureFill, type PictureFillProps } from './PictureFill';

export interface PageDrawingProps {
  layout: Layout;
  /** The face of each slot; a slot without one is drawn plain. */
  papers: Readonly<Record<string, string>>;
  /** The picture of each photo, by its place in the page's list; absent: a place kept. */
  pictures: readonly (Omit<PictureFillProps, 'x' | 'y' | 'width' | 'height'> | undefined)[];
  /** The page's photos, whose corners may be rounded. */
  places?: readonly PagePhoto[];
  /** Pixels to an inch. */
  scale: number;
  /** The colour that the edges of its papers are inked in, as hex. */
  edges?: string | undefined;
  /** What is written on it. */
  writing?: WordsOnPage;
  /** A layer to point out, and what could be cut out of it. */
  shown?: { layer: string; window: Rect | null } | null;
  /** Whether the places for clusters of small things are marked. @default false */
  withAccents?: boolean;
  onChoose?: (layer: string) => void;
  /** What lies on it. */
  laid?: readonly LaidThing[];
  /** What is done with what lies there; absent: it is only shown. */
  laying?: Pick<LaidOverProps, 'chosen' | 'onChoose' | 'onDrag'>;
  label: string;
}

/** What layers without a paper yet are drawn in, so that a design can be told from its parts. */
const TINTS: Record<PageLayer['role'], string> = {
  frame: '#c3ad84',
  ground: '#f3ead8',
  panel: '#d9c7a2',
  strip: '#b8a074',
  banner: '#b8a074',
  box: '#d3bf97',
  round: '#c9b183',
  card: '#fbf6ea',
  tag: '#fbf6ea',
  pocket: '#c3ad84',
  mat: '#8f7a55',
  photo: '#fffefa',
};

const inch = (length: number): number => length / TICKS_PER_INCH;

function fillOfLayer({ slot, role }: PageLayer, papers: Readonly<Record<string, string>>): string {
  const face = slot === null ? undefined : papers[slot];
  return face === undefined ? TINTS[role] : fillOf(face);
}

/** Where small things could lie, the layer pointed out, and what could be cut out of it. */
function Aids({
  layout,
  shown = null,
  withAccents = false,
  scale,
}: Pick<PageDrawingProps, 'layout' | 'shown' | 'withAccents' | 'scale'>) {
  const theme = useTheme();
  const pointed = shown ? layout.layers.find(({ id }) => id === shown.layer) : undefined;
  return (
    <>
      {withAccents &&
        layout.accents.map(({ x, y }, i) => (
          <circle
            key={i}
            {...AID}
            cx={inch(x)}
            cy={inch(y)}
            r={0.55}
            fill="rgba(230,171,62,.35)"
            stroke={theme.marigoldInk}
            strokeWidth={2 / scale}
            strokeDasharray={`${5 / scale} ${3 / scale}`}
            pointerEvents="none"
          />
        ))}
      {pointed && (
        <rect
          {...AID}
          x={inch(pointed.x)}
          y={inch(pointed.y)}
          width={inch(pointed.w)}
          height={inch(pointed.h)}
          transform={turnOf(pointed)}
          fill="none"
          stroke={theme.beet}
          strokeWidth={2.5 / scale}
          pointerEvents="none"
        />
      )}
      {shown?.window && (
        <rect
          {...AID}
          x={inch(shown.window.x)}
          y={inch(shown.window.y)}
          width={inch(shown.window.w)}
          height={inch(shown.window.h)}
          fill="rgba(26,95,107,.2)"
          stroke="#1a5f6b"
          strokeWidth={2 / scale}
          strokeDasharray={`${6 / scale} ${4 / scale}`}
          pointerEvents="none"
        />
      )}
    </>
  );
}

interface LayerProps extends Pick<PageDrawingProps, 'papers' | 'edges'> {
  layer: PageLayer;
  picture: PageDrawingProps['pictures'][number];
  corners: Corners | undefined;
  border: number;
}

/** A photo, or a layer in its paper. */
function Layer({ layer, papers, picture, corners, border, edges }: LayerProps) {
  if (layer.role === 'photo') return <PhotoLayer layer={layer} picture={picture} corners={corners} border={border} />;
  return (
    <path
      d={outlineOf(layer)}
      fill={fillOfLayer(layer, papers)}
      stroke={edges ?? 'rgba(40,20,30,.28)'}
      strokeWidth={edges === undefined ? 0.025 : 0.09}
      strokeOpacity={edges === undefined ? 1 : 0.7}
    />
  );
}

/** A page as it will look, to scale: layers from the bottom up in their papers, photos on top. */
export function PageDrawing({
  layout,
  papers,
  pictures,
  places = [],
  scale,
  edges,
  writing,
  shown = null,
  withAccents = false,
  onChoose,
  laid = [],
  laying = {},
  label,
}: PageDrawingProps) {
  const theme = useTheme();
  useFacesInSight([
    ...Object.values(papers),
    ...laid.flatMap(({ looks }) => (looks.kind === 'paper' && looks.face !== null ? [looks.face] : [])),
  ]);
  const [w, h] = [inch(layout.size.w), inch(layout.size.h)];
  const corners = roundedCorners(layout, places);
  const layers = new Set(layout.layers.map(({ id }) => id));
  // What was tucked under a layer that is no more lies above.
  const above = laid.filter(({ placed }) => placed.under === undefined || !layers.has(placed.under));
  return (
    <svg
      role="img"
      data-page-drawing
      aria-label={label}
      width={w * scale}
      height={h * scale}
      viewBox={`0 0 ${w} ${h}`}
      style={{ display: 'block', background: '#fffefa', boxShadow: `0 2px 8px ${theme.shade}`, flex: 'none' }}
    >
      {layout.layers.map((layer) => (
        <Fragment key={layer.id}>
          <LaidOver laid={laid.filter(({ placed }) => placed.under === layer.id)} scale={scale} {...laying} />
          <g
            transform={turnOf(layer)}
            onClick={onChoose && (() => onChoose(layer.id))}
            style={onChoose && { cursor: 'pointer' }}
          >
            <Layer
              layer={layer}
              papers={papers}
              picture={pictures[layer.photo ?? -1]}
              corners={corners.get(layer.id)}
              border={places[layer.photo ?? -1]?.border ?? 0}
              edges={edges}
            />
          </g>
        </Fragment>
      ))}
      {writing && <TitleWords rect={layout.title} {...writing} />}
      {writing && <WrittenWords rect={layout.journaling} {...writing} />}
      <LaidOver laid={above} scale={scale} {...laying} />
      <Aids layout={layout} shown={shown} withAccents={withAccents} scale={scale} />
    </svg>
  );
}

const turnOf = ({ x, y, w, h, turn }: PageLayer): string | undefined =>
  turn === 0 ? undefined : `rotate(${turn} ${inch(x + w / 2)} ${inch(y + h / 2)})`;

/** The edge of a layer of paper as it lies: its shape's, or its rectangle. A pocket's flaps are folded behind it. */
function outlineOf({ x, y, w, h, shape }: PageLayer): string {
  const drawn = shape?.kind === 'pocket' ? null : drawnLayer({ shape });
  return drawn
    ? pathData(drawn.outline, TICKS_PER_INCH, { x, y })
    : `M${inch(x)} ${inch(y)}h${inch(w)}v${inch(h)}h${-inch(w)}z`;
}

/** A rectangle with some of its corners rounded. */
function roundedPath({ x, y, w, h }: PageLayer, [a, b, c, d]: Corners): string {
  const r = (is: boolean): number => (is ? inch(Math.min(CORNER, w / 2, h / 2)) : 0);
  const [width, height] = [inch(w), inch(h)];
  const arc = (is: boolean, dx: number, dy: number): string =>
    is ? `a${r(is)} ${r(is)} 0 0 1 ${dx * r(is)} ${dy * r(is)}` : '';
  return (
    `M${inch(x) + r(a)} ${inch(y)}h${width - r(a) - r(b)}${arc(b, 1, 1)}v${height - r(b) - r(c)}${arc(c, -1, 1)}` +
    `h${r(c) + r(d) - width}${arc(d, -1, -1)}v${r(d) + r(a) - height}${arc(a, 1, -1)}z`
  );
}

interface PhotoLayerProps {
  layer: PageLayer;
  picture: PageDrawingProps['pictures'][number];
  corners: Corners | undefined;
  /** White, round its picture, ticks. */
  border: number;
}

function PhotoLayer({ layer, picture, corners, border }: PhotoLayerProps) {
  const clip = useId();
  const box = { x: inch(layer.x), y: inch(layer.y), width: inch(layer.w), height: inch(layer.h) };
  const content =
    picture === undefined ? (
      <>
        <rect {...box} fill="#fffefa" stroke="#655867" strokeWidth={0.04} strokeDasharray="0.15 0.1" />
        <text x={box.x + box.width / 2} y={box.y + box.height / 2} fontSize={0.4} textAnchor="middle" fill="#655867">
          photo
        </text>
      </>
    ) : border === 0 ? (
      <PictureFill {...picture} {...box} />
    ) : (
      <>
        <rect {...box} fill="#fffefa" />
        <PictureFill
          {...picture}
          x={box.x + inch(border)}
          y={box.y + inch(border)}
          width={Math.max(0, box.width - 2 * inch(border))}
          height={Math.max(0, box.height - 2 * inch(border))}
        />
      </>
    );
  if (!corners) return content;
  return (
    <>
      <clipPath id={clip}>
        <path d={roundedPath(layer, corners)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>{content}</g>
    </>
  );
}
