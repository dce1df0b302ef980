import { useState } from 'react';
import styled from 'styled-components';
import { useBench } from '../../data/benchStore';
import { Choice } from '../../ui/Choice';

/** A colour picked from a photo's main ones. */
export function PhotoColours({ onPick }: { onPick: (hex: string) => void }) {
  const photos = useBench((b) => b.photos);
  const [id, setId] = useState('');
  if (photos.size === 0) return null;
  const choose = (photo: string): void => {
    setId(photo);
    const [main] = photos.get(photo)?.colours ?? [];
    if (main) onPick(main.hex);
  };
  return (
    <Picking>
      <Choice
        label="or from a photo"
        options={[
          ['', '…'],
          ...[...photos.values()]
            .sort((a, b) => a.name.localeCompare(b.name))
            .map((photo): [string, string] => [photo.id, photo.name]),
        ]}
        value={id}
        onChange={choose}
      />
      <span role="group" aria-label="The photo’s colours">
        {photos.get(id)?.colours.map(({ hex, share }) => (
          <button
            key={hex}
            type="button"
            style={{ background: hex }}
            aria-label={`${hex}, ${Math.round(share * 100)} % of it`}
            title={`${Math.round(share * 100)} %`}
            onClick={() => onPick(hex)}
          />
        ))}
      </span>
    </Picking>
  );
}

const Picking = styled.div`
  display: flex;
  gap: 10px;
  align-items: flex-end;
  > :first-child {
    min-width: 170px;
  }
  span[role='group'] {
    display: flex;
    gap: 5px;
    padding-bottom: 5px;
  }
  span button {
    width: 28px;
    height: 28px;
    border: 1.5px solid ${({ theme }) => theme.soft};
    border-radius: 50%;
    cursor: pointer;
  }
`;
