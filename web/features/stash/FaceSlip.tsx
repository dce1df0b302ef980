import { nanoid } from 'nanoid';
import { useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { inches } from '../../../core/ground/length';
import type { Corners } from '../../../core/seeing/straightening';
import type { Face, Lot } from '../../../core/stock/things';
import { readPicture } from '../../workers/picturesClient';
import { Button } from '../../ui/Button';
import { Paper } from '../../ui/Paper';
import { Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { FaceTags } from './FaceTags';
import { PictureSource } from './PictureSource';
import { StraightenPicture } from '../../ui/StraightenPicture';
import { changeFace, pictureFace } from '../../../core/acts';
import { act } from '../../data/acts';

export interface FaceSlipProps {
  face: Face;
  lot: Lot;
}

/**
 * What a printed face is like: a picture of the real paper in place of the drawing, its colours put right, motifs and
 * printed words.
 */
export function FaceSlip(props: FaceSlipProps) {
  return (
    <DialogTrigger>
      <Button look="quiet">Its picture, colours and words</Button>
      <SlipOver title={props.face.name}>{() => <FaceFields {...props} />}</SlipOver>
    </DialogTrigger>
  );
}

function FaceFields({ face, lot }: FaceSlipProps) {
  const [taken, setTaken] = useState<File | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [width, setWidth] = useState<number | null>(face.picture?.w ?? lot.size?.w ?? inches(12));
  const drop = (): void => {
    setTrouble(`${taken?.name ?? 'This'} cannot be read as a picture. JPEG, PNG and WebP can.`);
    setTaken(null);
  };
  const add = (file: File | undefined): void => {
    const isEmpty = file?.size === 0;
    setTrouble(
      width === null ? 'How much it shows across is not told yet.' : isEmpty ? `${file.name} is empty.` : null,
    );
    if (file && !isEmpty && width !== null) setTaken(file);
  };
  const keep = async (corners: Corners): Promise<void> => {
    if (!taken || width === null) return;
    const picture = await readPicture(taken, corners).catch(() => null);
    if (!picture) {
      drop();
      return;
    }
    setTaken(null);
    const { bytes, type, colours } = picture;
    const image = nanoid(8);
    const size = { w: width, h: Math.round((width * picture.h) / picture.w) };
    await act(
      pictureFace(face.id, (now) => ({
        ...now,
        picture: { image, ...size },
        colours: colours.length > 0 ? colours : now.colours,
      })),
      { pictures: [{ id: image, type, bytes }] },
    );
  };
  if (taken) return <StraightenPicture file={taken} onDone={(corners) => void keep(corners)} onDrop={drop} />;
  return (
    <>
      <Paper size={{ w: inches(12), h: inches(5) }} face={face.id} scale={40} />
      <PictureSource
        width={width}
        onWidth={setWidth}
        onFile={add}
        isPictured={face.picture !== undefined}
        onRedraw={() => {
          void act(changeFace(face.id, ({ picture: _, ...now }) => now));
        }}
      />
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <FaceTags face={face} lot={lot} />
      <Button slot="close">Close</Button>
    </>
  );
}
