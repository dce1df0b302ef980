import { useEffect, useRef } from 'react';
import { DropZone, FileTrigger, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft } from '../../ui/Screen';

export interface PictureSourceProps {
  /** How much of the paper it shows; null: that is not told yet. */
  width: number | null;
  onWidth: (to: number | null) => void;
  onFile: (file: File | undefined) => void;
  isPictured: boolean;
  onRedraw: () => void;
}

/** Where a picture of the paper comes from: a file, dropped, pasted, or the camera. */
export function PictureSource({ width, onWidth, onFile, isPictured, onRedraw }: PictureSourceProps) {
  const system = useSettings((s) => s.system);
  usePaste(onFile);
  return (
    <Drop
      onDrop={(event) => {
        const item = event.items.find((one): one is FileDropItem => one.kind === 'file');
        if (item) void item.getFile().then(onFile);
      }}
      aria-label="A picture of the paper"
    >
      <Row>
        <Narrow>
          <MeasureField label="The picture shows, across" value={width} onChange={onWidth} system={system} />
        </Narrow>
        <FileTrigger acceptedFileTypes={['image/*']} onSelect={(list) => onFile(list?.[0])}>
          <Button>Choose a picture</Button>
        </FileTrigger>
        <FileTrigger acceptedFileTypes={['image/*']} defaultCamera="environment" onSelect={(list) => onFile(list?.[0])}>
          <Button>Camera</Button>
        </FileTrigger>
        <Soft>or drop or paste it here</Soft>
        {isPictured && (
          <Button look="quiet" onPress={onRedraw}>
            draw it again
          </Button>
        )}
      </Row>
    </Drop>
  );
}

/** A picture pasted while the slip is open. */
function usePaste(onFile: (file: File | undefined) => void): void {
  const latest = useRef(onFile);
  useEffect(() => {
    latest.current = onFile;
  });
  useEffect(() => {
    const paste = (event: ClipboardEvent): void => {
      const item = [...(event.clipboardData?.items ?? [])].find(
        ({ kind, type }) => kind === 'file' && type.startsWith('image/'),
      );
      if (item) {
        event.preventDefault();
        latest.current(item.getAsFile() ?? undefined);
      }
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  }, []);
}

const Narrow = styled.div`
  width: 170px;
`;
const Drop = styled(DropZone)`
  width: 100%;
  padding: 10px;
  border: 2px dashed ${({ theme }) => theme.soft};
  border-radius: 6px;
  > div {
    align-items: end;
  }
  &[data-drop-target] {
    background: ${({ theme }) => theme.marigoldWash};
  }
`;
