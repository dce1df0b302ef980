import type { Size } from '../../../core/ground/geometry';
import { dotsPerInch, evenCrop, lostBy, moveCrop, zoomCrop } from '../../../core/page/photos';
import type { Photo } from '../../../core/stock/things';
import { PictureArea, type MarkedArea } from '../../ui/PictureArea';
import { Soft, Wrong } from '../../ui/Screen';
import type { ChangePhoto } from './withoutField';

const WIDE = 284;
/** A photo prints well from about so many dots to the inch. Common practice, no source. */
const FINE = 200;

export interface PhotoMarksProps {
  photo: Photo;
  url: string | undefined;
  dots: Size | null;
  onSeen: (dots: Size) => void;
  change: ChangePhoto;
}

/** The areas of a picture that can be moved and drawn larger or smaller: what is printed, and what is not covered. */
function areasOf({ keep = [] }: Photo, crop: Photo['crop'] | null): MarkedArea[] {
  return [
    ...(crop ? [{ id: 'crop', label: 'What is printed', area: crop, look: 'crop' as const }] : []),
    ...keep.map((area, i): MarkedArea => ({ id: String(i), label: `Not to be covered, ${i + 1}`, area, look: 'keep' })),
  ];
}

/** The picture with what of it is printed, and what must not be covered. */
export function PhotoMarks({ photo, url, dots, onSeen, change }: PhotoMarksProps) {
  const largest = dots && evenCrop(dots, photo);
  const crop = photo.crop ?? largest;
  const changeArea = (id: string, to: (area: NonNullable<Photo['keep']>[number]) => typeof area): void =>
    change((now) => ({ ...now, keep: (now.keep ?? []).map((area, i) => (String(i) === id ? to(area) : area)) }));
  const move = (id: string, dx: number, dy: number): void => {
    if (id !== 'crop') changeArea(id, (area) => moveCrop(area, dx, dy));
    else if (crop) change((now) => ({ ...now, crop: moveCrop(now.crop ?? crop, dx, dy) }));
  };
  const zoom = (id: string, by: number): void => {
    if (id !== 'crop')
      changeArea(id, (area) =>
        zoomCrop(area, by, { x: 0, y: 0, w: Math.min(1, area.w / area.h), h: Math.min(1, area.h / area.w) }),
      );
    else if (crop && largest) change((now) => ({ ...now, crop: zoomCrop(now.crop ?? crop, by, largest) }));
  };
  const fine = dots && crop ? Math.round(dotsPerInch(dots, crop, photo.w)) : null;
  return (
    <>
      {url !== undefined && !dots && (
        <img
          src={url}
          alt=""
          hidden
          onLoad={(event) => onSeen({ w: event.currentTarget.naturalWidth, h: event.currentTarget.naturalHeight })}
        />
      )}
      {url !== undefined && dots && (
        <PictureArea
          url={url}
          dots={dots}
          isGrey={photo.isGrey ?? false}
          areas={areasOf(photo, crop)}
          onMove={move}
          onZoom={zoom}
          width={Math.min(WIDE, (320 * dots.w) / dots.h)}
        />
      )}
      {crop && (
        <Soft>
          {lostBy(crop) < 0.005
            ? 'Nothing of the picture is lost.'
            : `${Math.round(lostBy(crop) * 100)} % of the picture is left out.`}{' '}
          Drag, or arrows and + −.
        </Soft>
      )}
      {fine !== null && fine < FINE && !photo.isPrinted && photo.dots && (
        <Wrong>It prints with {fine} dots to the inch: soft. Choose a smaller print, or less of a crop.</Wrong>
      )}
    </>
  );
}
