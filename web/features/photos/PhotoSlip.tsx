import { useState } from 'react';
import styled from 'styled-components';
import type { Rect, Size } from '../../../core/geometry';
import { formatSize, parseSize } from '../../../core/length';
import { dotsPerInch, evenCrop, lostBy, moveCrop, zoomCrop } from '../../../core/photos';
import { TAKEN, type Photo } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { MakeRound } from '../../parts/MakeRound';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row, Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { Tick } from '../../ui/Tick';
import { PictureArea, type MarkedArea } from '../../ui/PictureArea';
import { PRINT_SIZES, type PrintSize } from './printSizes';
import { changePhoto, removePhoto } from '../../../core/making';
import { act } from '../../data/acts';

export interface PhotoSlipProps {
  photo: Photo;
  url: string | undefined;
  isUsed: boolean;
  onClose: () => void;
}

const WIDE = 284;
/** A photo prints well from about so many dots to the inch. Common practice, no source. */
const FINE = 200;
const NEW_AREA: Rect = { x: 0.35, y: 0.3, w: 0.3, h: 0.3 };

const sizeKey = ({ w, h }: Size): PrintSize =>
  PRINT_SIZES.map(([id]) => id).find((id) => {
    const size = id === 'other' ? null : parseSize(id).value;
    return size !== null && ((size.w === w && size.h === h) || (size.w === h && size.h === w));
  }) ?? 'other';

/** What is wrong with a day as it is typed. */
const takenError = (text: string): string | null =>
  text.trim() === '' || TAKEN.test(text.trim()) ? null : 'Write it as 2026-09-12 23:10, or only the year or month.';

/** A photo: its print, what of it is printed, what must not be covered, where its figures look. */
export function PhotoSlip({ photo, url, isUsed, onClose }: PhotoSlipProps) {
  const system = useSettings((s) => s.system);
  const [seen, setSeen] = useState<Size | null>(null);
  const dots = photo.dots ?? seen;
  const change = (how: (now: Photo) => Photo): void => {
    void act(changePhoto(photo.id, how));
  };
  const largest = dots && evenCrop(dots, photo);
  const crop = photo.crop ?? largest;
  const keep = photo.keep ?? [];
  const without = <K extends keyof Photo>(now: Photo, key: K): Photo => {
    const { [key]: _, ...rest } = now;
    return rest as Photo;
  };
  const resize = (to: PrintSize): void => {
    const size = parseSize(to).value;
    if (!size || !dots) return;
    // A print lies as its picture does, or turned where she turned it.
    const lies = dots.w > dots.h === size.w > size.h || size.w === size.h;
    change((now) => ({ ...without(now, 'crop'), w: lies ? size.w : size.h, h: lies ? size.h : size.w }));
  };
  const turn = (): void => change((now) => ({ ...without(now, 'crop'), w: now.h, h: now.w }));
  const move = (id: string, dx: number, dy: number): void => {
    if (id === 'crop') {
      if (crop) change((now) => ({ ...now, crop: moveCrop(now.crop ?? crop, dx, dy) }));
    } else
      change((now) => ({
        ...now,
        keep: (now.keep ?? []).map((area, i) => (String(i) === id ? moveCrop(area, dx, dy) : area)),
      }));
  };
  const zoom = (id: string, by: number): void => {
    if (id === 'crop') {
      if (crop && largest) change((now) => ({ ...now, crop: zoomCrop(now.crop ?? crop, by, largest) }));
    } else
      change((now) => ({
        ...now,
        keep: (now.keep ?? []).map((area, i) =>
          String(i) === id
            ? zoomCrop(area, by, { x: 0, y: 0, w: Math.min(1, area.w / area.h), h: Math.min(1, area.h / area.w) })
            : area,
        ),
      }));
  };
  const areas: MarkedArea[] = [
    ...(crop ? [{ id: 'crop', label: 'What is printed', area: crop, look: 'crop' as const }] : []),
    ...keep.map((area, i): MarkedArea => ({ id: String(i), label: `Not to be covered, ${i + 1}`, area, look: 'keep' })),
  ];
  const fine = dots && crop ? Math.round(dotsPerInch(dots, crop, photo.w)) : null;
  return (
    <Slip aria-label={photo.name}>
      <Stack>
        <Row>
          <h2>{photo.name}</h2>
          <Button look="quiet" onPress={onClose}>
            close
          </Button>
        </Row>
        <MakeRound of={`photo=${photo.id}`} />
        {url !== undefined && !dots && (
          <img
            src={url}
            alt=""
            hidden
            onLoad={(event) => setSeen({ w: event.currentTarget.naturalWidth, h: event.currentTarget.naturalHeight })}
          />
        )}
        {url !== undefined && dots && (
          <PictureArea
            url={url}
            dots={dots}
            isGrey={photo.isGrey ?? false}
            areas={areas}
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
        <Row>
          <Choice<PrintSize>
            label="Print"
            options={PRINT_SIZES.map(([id, words]): [PrintSize, string] => [
              id,
              id === 'other' ? formatSize(photo, system) : words,
            ])}
            value={sizeKey(photo)}
            onChange={resize}
          />
          <Button look="quiet" onPress={turn}>
            turn it
          </Button>
          {photo.crop && (
            <Button look="quiet" onPress={() => change((now) => without(now, 'crop'))}>
              crop evenly
            </Button>
          )}
        </Row>
        <Tick
          isSelected={photo.isPrinted ?? false}
          onChange={(is) => change((now) => (is ? { ...now, isPrinted: true } : without(now, 'isPrinted')))}
        >
          printed already
        </Tick>
        <Tick
          isSelected={photo.isGrey ?? false}
          onChange={(is) => change((now) => (is ? { ...now, isGrey: true } : without(now, 'isGrey')))}
        >
          black and white
        </Tick>
        <Choice<'none' | 'left' | 'right'>
          label="Figures look"
          options={[
            ['none', 'nowhere'],
            ['left', 'to the left'],
            ['right', 'to the right'],
          ]}
          value={photo.looks ?? 'none'}
          onChange={(to) => change((now) => (to === 'none' ? without(now, 'looks') : { ...now, looks: to }))}
        />
        <div>
          <Row>
            <strong>Not to be covered</strong>
            <Button look="quiet" onPress={() => change((now) => ({ ...now, keep: [...(now.keep ?? []), NEW_AREA] }))}>
              mark a part
            </Button>
          </Row>
          {keep.length === 0 ? (
            <Soft>Nothing is marked: all of it.</Soft>
          ) : (
            <Row>
              {keep.map((_, i) => (
                <Button
                  key={i}
                  look="quiet"
                  onPress={() =>
                    change((now) => {
                      const left = (now.keep ?? []).filter((__, j) => j !== i);
                      return left.length > 0 ? { ...now, keep: left } : without(now, 'keep');
                    })
                  }
                >{`take mark ${i + 1} away`}</Button>
              ))}
            </Row>
          )}
        </div>
        <KeptTextField
          label="Taken"
          value={photo.taken ?? ''}
          errorOf={takenError}
          onKeep={(text) => {
            const taken = text.trim();
            if (takenError(taken) === null) change((now) => (taken === '' ? without(now, 'taken') : { ...now, taken }));
          }}
          placeholder="2026-09-12 23:10, or a year"
        />
        <Colours aria-label="Its main colours">
          {photo.colours.map(({ hex, share }) => (
            <i key={hex} title={hex} style={{ background: hex, flexGrow: share }} />
          ))}
        </Colours>
        {!isUsed && (
          <Button
            look="quiet"
            aria-label={`Take ${photo.name} away`}
            onPress={() => {
              void act(removePhoto(photo.id)).then(onClose);
            }}
          >
            take it away
          </Button>
        )}
      </Stack>
    </Slip>
  );
}

const Colours = styled.div`
  display: flex;
  height: 18px;
  i {
    flex-basis: 6px;
  }
`;
