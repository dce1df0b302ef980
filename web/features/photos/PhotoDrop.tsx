import { DropZone, FileTrigger, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';

/** Where pictures are dropped, or chosen, many at once. */
export function PhotoDrop({ isBusy, onAdd }: { isBusy: boolean; onAdd: (files: readonly File[]) => void }) {
  return (
    <Drop
      onDrop={(event) => {
        void Promise.all(
          event.items.filter((item): item is FileDropItem => item.kind === 'file').map((item) => item.getFile()),
        ).then(onAdd);
      }}
    >
      <FileTrigger
        allowsMultiple
        acceptedFileTypes={['image/*']}
        onSelect={(list) => {
          if (list) onAdd([...list]);
        }}
      >
        <Button look="main" isDisabled={isBusy}>
          Choose files
        </Button>
      </FileTrigger>
      <Soft>or drop them here</Soft>
    </Drop>
  );
}

const Drop = styled(DropZone)`
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 8px;
  padding: 22px;
  border: 2px dashed ${({ theme }) => theme.soft};
  border-radius: 6px;
  &[data-drop-target] {
    background: ${({ theme }) => theme.marigoldWash};
    border-color: ${({ theme }) => theme.marigold};
  }
`;
