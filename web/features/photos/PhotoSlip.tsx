import { useState } from 'react';
import styled from 'styled-components';
import type { Size } from '../../../core/ground/geometry';
import { TAKEN, type Photo } from '../../../core/stock/things';
import { MakeRound } from '../../parts/MakeRound';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row, Slip, Stack } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { changePhoto, removePhoto } from '../../../core/acts';
import { act } from '../../data/acts';
import { KeptClear } from './KeptClear';
import { PhotoMarks } from './PhotoMarks';
import { PhotoPrint } from './PhotoPrint';
import { withoutField, type ChangePhoto } from './withoutField';

export interface PhotoSlipProps {
  photo: Photo;
  url: string | undefined;
  isUsed: boolean;
  onClose: () => void;
}

/** What is wrong with a day as it is typed. */
const takenError = (text: string): string | null =>
  text.trim() === '' || TAKEN.test(text.trim()) ? null : 'Write it as 2026-09-12 23:10, or only the year or month.';

/** A photo: its print, what of it is printed, what must not be covered, where its figures look. */
export function PhotoSlip({ photo, url, isUsed, onClose }: PhotoSlipProps) {
  const [seen, setSeen] = useState<Size | null>(null);
  const dots = photo.dots ?? seen;
  const change: ChangePhoto = (how) => {
    void act(changePhoto(photo.id, how));
  };
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
        <PhotoMarks photo={photo} url={url} dots={dots} onSeen={setSeen} change={change} />
        <PhotoPrint photo={photo} dots={dots} change={change} />
        <Choice<'none' | 'left' | 'right'>
          label="Figures look"
          options={[
            ['none', 'nowhere'],
            ['left', 'to the left'],
            ['right', 'to the right'],
          ]}
          value={photo.looks ?? 'none'}
          onChange={(to) => change((now) => (to === 'none' ? withoutField(now, 'looks') : { ...now, looks: to }))}
        />
        <KeptClear photo={photo} change={change} />
        <KeptTextField
          label="Taken"
          value={photo.taken ?? ''}
          errorOf={takenError}
          onKeep={(text) => {
            const taken = text.trim();
            if (takenError(taken) === null)
              change((now) => (taken === '' ? withoutField(now, 'taken') : { ...now, taken }));
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
            onPress={() => void act(removePhoto(photo.id)).then(onClose)}
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
