import { toInches } from '../../../core/ground/length';
import type { LaidSheet, PrintPaper } from '../../../core/trimmer/prints';
import type { Picture } from '../../data/images';
import { PictureFill } from '../../ui/PictureFill';
import { oneOrMore } from '../../words/countWords';

/** A print with its photos, and where it is cut. */
export function PrintDrawing({
  sheet,
  paper,
  pictures,
}: {
  sheet: LaidSheet;
  paper: PrintPaper;
  pictures: ReadonlyMap<string, Picture>;
}) {
  const scale = paper.id === 'letter' ? 13 : 20;
  return (
    <svg
      width={toInches(paper.w) * scale}
      height={toInches(paper.h) * scale}
      viewBox={`0 0 ${toInches(paper.w)} ${toInches(paper.h)}`}
      role="img"
      aria-label={`A print with ${oneOrMore(sheet.photos.length, 'photo')}`}
    >
      <rect width={toInches(paper.w)} height={toInches(paper.h)} fill="#fff" />
      {sheet.photos.map(({ id, x, y, w, h, turned }, i) => {
        const [cx, cy] = [toInches(x + w / 2), toInches(y + h / 2)];
        const [pw, ph] = turned ? [toInches(h), toInches(w)] : [toInches(w), toInches(h)];
        const picture = pictures.get(id);
        return (
          picture && (
            <g key={i} transform={turned ? `rotate(90 ${cx} ${cy})` : undefined}>
              <PictureFill {...picture} x={cx - pw / 2} y={cy - ph / 2} width={pw} height={ph} />
            </g>
          )
        );
      })}
      {sheet.cuts.map(({ from, to }, i) => (
        <line
          key={i}
          x1={toInches(from.x)}
          y1={toInches(from.y)}
          x2={toInches(to.x)}
          y2={toInches(to.y)}
          stroke="#8a1c4f"
          strokeWidth={1.5 / scale}
          strokeDasharray={`${5 / scale} ${3 / scale}`}
        />
      ))}
    </svg>
  );
}
