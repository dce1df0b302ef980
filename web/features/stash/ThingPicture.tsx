import { nanoid } from 'nanoid';
import { useEffect, useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { boxOf, cuttable, type Contour } from '../../../core/trimmer/contours';
import type { Size } from '../../../core/ground/geometry';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { changeItem } from '../../../core/acts';
import type { SmallThing } from '../../../core/page/placing';
import type { Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { LineEditor } from '../../ui/LineEditor';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { cropPicture, traceInPicture } from '../../workers/picturesClient';

export interface ThingPictureProps {
  lot: Lot;
  item: string;
  thing: SmallThing;
}

const WHOLE = { x: 0, y: 0, w: 1, h: 1 };
/** A picture is drawn as if it were so wide, so that points can be set finely. */
const WIDE = 8 * TICKS_PER_INCH;
const CANNOT = 'That cannot be read as a picture. JPEG, PNG and WebP can.';

/** A picture of the real thing, cut out along its line, in place of the drawing. */
export function ThingPicture({ lot, item, thing }: ThingPictureProps) {
  const [file, setFile] = useState<File | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const take = (list: FileList | null): void => {
    setTrouble(null);
    setFile(list?.[0] ?? null);
  };
  if (file)
    return (
      <Outlining
        key={file.name}
        {...{ lot, item, thing, file }}
        onClose={(why) => {
          setTrouble(why);
          setFile(null);
        }}
      />
    );
  return (
    <Stack $gap={8}>
      <Row>
        <FileTrigger acceptedFileTypes={['image/*']} onSelect={take}>
          <Button>{thing.picture ? 'Another picture' : 'A picture of it'}</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={['image/*']} defaultCamera="environment" onSelect={take}>
          <Button>Camera</Button>
        </FileTrigger>
        {thing.picture && (
          <Button look="quiet" onPress={() => void act(changeItem(lot.id, item, { picture: undefined }))}>
            draw it again
          </Button>
        )}
      </Row>
      <Soft>Best on a plain ground: its line is found by itself.</Soft>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
    </Stack>
  );
}

/** A picture's address and its height as it is drawn; null until it is known. */
function usePictureShown(file: File, onBroken: () => void) {
  const url = useMemo(() => URL.createObjectURL(file), [file]);
  const [size, setSize] = useState<Size | null>(null);
  useEffect(() => {
    const picture = new Image();
    picture.onload = () =>
      setSize({ w: WIDE, h: Math.round((WIDE * picture.naturalHeight) / Math.max(1, picture.naturalWidth)) });
    picture.onerror = onBroken;
    picture.src = url;
    return () => {
      picture.onload = picture.onerror = null;
    };
    // Only once for a file.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [url]);
  useEffect(() => () => URL.revokeObjectURL(url), [url]);
  return { url, size };
}

interface OutliningProps extends ThingPictureProps {
  file: File;
  /** @param trouble why nothing came of it; null: it was taken, or put aside */
  onClose: (trouble: string | null) => void;
}

/** The line that was found in a picture, or drawn since; null while it is looked for. */
function useLine(file: File, size: Size | null, onTrouble: (why: string) => void) {
  const [points, setPoints] = useState<Contour | null>(null);
  useEffect(() => {
    let isLatest = true;
    if (!size) return;
    traceInPicture(file, WHOLE).then(
      (found) => {
        if (isLatest) setPoints((found ?? []).map(({ x, y }) => ({ x: x * size.w, y: y * size.h })));
      },
      (error: unknown) => onTrouble(whyOf(error)),
    );
    return () => {
      isLatest = false;
    };
    // Only once for a picture.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [file, size]);
  const line = useMemo(() => (points ? cuttable(points) : null), [points]);
  return { points, setPoints, line };
}

const SIXTEENTH = TICKS_PER_INCH / 16;
const sixteenths = (ticks: number): number => Math.max(1, Math.round(ticks / SIXTEENTH)) * SIXTEENTH;

/** Keeps what lies within a line on a picture as the picture of a thing; whether it could be read. */
async function keepPicture(
  { lot, item, file }: Pick<OutliningProps, 'lot' | 'item' | 'file'>,
  { line, size, width }: { line: Contour; size: Size; width: number },
): Promise<boolean> {
  const box = boxOf([line]);
  const part = { x: box.x / size.w, y: box.y / size.h, w: box.w / size.w, h: box.h / size.h };
  const read = await cropPicture(file, part).catch(() => null);
  if (!read) return false;
  const image = nanoid(8);
  const told = {
    picture: { image, outline: line.map(({ x, y }) => ({ x: (x - box.x) / box.w, y: (y - box.y) / box.h })) },
    size: { w: width, h: sixteenths((width * box.h) / box.w) },
    ...(read.colours.length > 0 ? { colours: read.colours.slice(0, 4).map(({ hex }) => hex) } : {}),
  };
  await act(changeItem(lot.id, item, told), { pictures: [{ id: image, type: read.type, bytes: read.bytes }] });
  return true;
}

/** The line round a thing in its picture: found, then put right point by point. */
function Outlining({ lot, item, thing, file, onClose }: OutliningProps) {
  const system = useSettings((s) => s.system);
  const { url, size } = usePictureShown(file, () => onClose(CANNOT));
  const { points, setPoints, line } = useLine(file, size, onClose);
  const [width, setWidth] = useState(thing.size.w);
  const take = async (): Promise<void> => {
    if (line && size) onClose((await keepPicture({ lot, item, file }, { line, size, width })) ? null : CANNOT);
  };
  if (!size || !points) return <Soft role="status">Looking for its line …</Soft>;
  const scale = Math.min(64, (380 * TICKS_PER_INCH) / size.h);
  return (
    <Form onSend={take}>
      <Stack $gap={10}>
        <Soft>
          {points.length > 0
            ? 'Is the line right? Points can be dragged, set with a press, and taken away with Delete.'
            : 'No line was found. Press round the thing, from point to point.'}
        </Soft>
        <LineEditor
          size={size}
          lines={line ? [line] : []}
          by={{ points, onPoints: setPoints }}
          scale={scale}
          label="The picture, with the line round the thing"
        >
          <image href={url} width={size.w / TICKS_PER_INCH} height={size.h / TICKS_PER_INCH} />
        </LineEditor>
        <Row style={{ alignItems: 'flex-end' }}>
          <div style={{ width: 120 }}>
            <MeasureField
              label="It is, across"
              value={width}
              system={system}
              onChange={(to) => {
                if (to !== null) setWidth(to);
              }}
            />
          </div>
          <Button look="main" type="submit" isDisabled={!line}>
            Take it so
          </Button>
          <Button look="quiet" onPress={() => setPoints([])}>
            Draw the line anew
          </Button>
          <Button look="quiet" onPress={() => onClose(null)}>
            Not this picture
          </Button>
        </Row>
      </Stack>
    </Form>
  );
}
