import { nanoid } from 'nanoid';
import { designOfPage, marginsOf, onBacking, type Layout } from '../../../core/page/design';
import type { Size } from '../../../core/ground/geometry';
import { formatLength, formatSize } from '../../../core/ground/length';
import { changePage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Slip, Soft } from '../../ui/Screen';
import type { PageWork } from './usePageWork';

/** So many papers are offered, the largest first, each at least so much of the page. */
const OFFERED = 3;
const LEAST = 0.4;

interface Smaller {
  readonly face: string;
  readonly size: Size;
}

/** The largest paper of each face that is smaller than the page, either way round. */
function smallerThan(page: Size, stock: PageWork['stock']): Smaller[] {
  const found = new Map<string, Smaller>();
  const all = stock
    .filter(({ missing }) => missing.length === 0)
    .flatMap(({ w, h, front, upright }) =>
      front === null
        ? []
        : upright
          ? [{ front, w, h }]
          : [
              { front, w, h },
              { front, w: h, h: w },
            ],
    )
    .filter(({ w, h }) => w <= page.w && h <= page.h && w * h >= LEAST * page.w * page.h)
    .sort((a, b) => b.w * b.h - a.w * a.h);
  for (const { front, w, h } of all) if (!found.has(front)) found.set(front, { face: front, size: { w, h } });
  return [...found.values()].slice(0, OFFERED);
}

/** A smaller paper on a larger page: in the middle of a backing, its margins told; strips may fill them. */
export function SmallerPaper({ page, layout, work }: { page: Page; layout: Layout; work: PageWork }) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  const lay = ({ face, size }: Smaller, isFilled: boolean): void => {
    const design = onBacking(layout, page.format, size, isFilled);
    if (!design) return;
    const own = { id: nanoid(8), name: `${designOfPage(page).name}, on a backing`, ...design };
    const some = (now: Page): Partial<Page> => ({
      design: own.id,
      own,
      moves: {},
      apart: [],
      without: [],
      sizes: {},
      papers: { ...now.papers, ground: face },
    });
    void act(changePage(page.id, some, `Laid ${faces.get(face)?.name ?? 'a paper'} on a backing`));
  };
  const offered = smallerThan(page.format, work.stock).filter(({ size }) =>
    onBacking(layout, page.format, size, false),
  );
  if (offered.length === 0) return null;
  return (
    <Slip aria-label="A smaller paper on a backing">
      {offered.map((one) => {
        const margins = marginsOf(page.format, one.size);
        const name = faces.get(one.face)?.name ?? '';
        return (
          <Row key={one.face}>
            <span>
              {name} <span className="measure">{formatSize(one.size, system)}</span>{' '}
              <Soft>
                leaves {formatLength(margins.w, system)} at each side, {formatLength(margins.h, system)} at head and
                foot
              </Soft>
            </span>
            <Button aria-label={`${name} on a backing`} onPress={() => lay(one, false)}>
              on a backing
            </Button>
            <Button look="quiet" aria-label={`${name} with strips that fill`} onPress={() => lay(one, true)}>
              with strips that fill
            </Button>
          </Row>
        );
      })}
    </Slip>
  );
}
