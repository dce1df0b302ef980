import type { Rect } from '../../../core/ground/geometry';
import { changePage } from '../../../core/acts';
import type { Page, PagePicture } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useImageUrls } from '../../data/images';
import { Button } from '../../ui/Button';
import { PictureArea } from '../../ui/PictureArea';
import { Row, Soft } from '../../ui/Screen';

const NEW: Rect = { x: 0.42, y: 0.42, w: 0.16, h: 0.16 };
const WIDTH = 520;

const moved = ({ x, y, w, h }: Rect, dx: number, dy: number): Rect => ({
  x: Math.min(1 - w, Math.max(0, x + dx)),
  y: Math.min(1 - h, Math.max(0, y + dy)),
  w,
  h,
});

/** Larger or smaller about its middle, within the picture. */
function zoomed({ x, y, w, h }: Rect, by: number): Rect {
  const [width, height] = [Math.min(1, Math.max(0.02, w * by)), Math.min(1, Math.max(0.02, h * by))];
  return moved({ x: x + (w - width) / 2, y: y + (h - height) / 2, w: width, h: height }, 0, 0);
}

/** Where faces of people are covered before the picture goes out: moved by dragging or keys, sized by + and −. */
export function CoverFaces({ page, picture }: { page: Page; picture: PagePicture }) {
  const url = useImageUrls([picture.image]).get(picture.image);
  const covered = picture.covered ?? [];
  const set = (change: (now: readonly Rect[]) => readonly Rect[]): void => {
    const some = (now: Page) =>
      now.picture ? { picture: { ...now.picture, covered: change(now.picture.covered ?? []) } } : {};
    void act(changePage(page.id, some, 'Covered a part of the picture'), { isQuiet: true });
  };
  const at = (id: string, change: (now: Rect) => Rect): void =>
    set((now) => now.map((one, i) => (String(i) === id ? change(one) : one)));
  const { w, h, spread } = page.format;
  return (
    <>
      <Soft>Drag each over a face, or use the arrow keys; + and − make it larger and smaller.</Soft>
      {url !== undefined && (
        <PictureArea
          url={url}
          dots={{ w: spread ? 2 * w : w, h }}
          isGrey={false}
          areas={covered.map((area, i) => ({ id: String(i), label: `Covered part ${i + 1}`, area, look: 'keep' }))}
          onMove={(id, dx, dy) => at(id, (now) => moved(now, dx, dy))}
          onZoom={(id, by) => at(id, (now) => zoomed(now, by))}
          width={WIDTH}
        />
      )}
      <Row>
        <Button isRepeatable onPress={() => set((now) => [...now, NEW])}>
          Cover one more
        </Button>
        {covered.length > 0 && (
          <Button isRepeatable look="quiet" onPress={() => set((now) => now.slice(0, -1))}>
            one fewer
          </Button>
        )}
        <Button slot="close">Close</Button>
      </Row>
    </>
  );
}
