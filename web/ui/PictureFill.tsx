import type { Rect } from '../../core/ground/geometry';

export interface PictureFillProps {
  url: string;
  /** Which part of the picture is shown, 0 to 1; absent: all that fits, evenly cropped. */ crop?: Rect | undefined;
  isGrey?: boolean | undefined;
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A picture filling a rectangle of an SVG, as it is cropped. */
export function PictureFill({ url, crop, isGrey = false, x, y, width, height }: PictureFillProps) {
  const style = isGrey ? { filter: 'grayscale(1)' } : undefined;
  return crop ? (
    // The picture is a unit square here, so that its size in dots need not be known.
    <svg
      x={x}
      y={y}
      width={width}
      height={height}
      viewBox={`${crop.x} ${crop.y} ${crop.w} ${crop.h}`}
      preserveAspectRatio="none"
    >
      <image href={url} width={1} height={1} preserveAspectRatio="none" style={style} />
    </svg>
  ) : (
    <svg x={x} y={y} width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
      <image href={url} width={width} height={height} preserveAspectRatio="xMidYMid slice" style={style} />
    </svg>
  );
}
