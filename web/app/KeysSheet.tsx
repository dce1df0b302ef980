import styled from 'styled-components';
import { Button, Key } from '../ui/Button';
import { SlipOver } from '../ui/SlipOver';
import { PLACES } from './places';

const KEYS: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'undo the last thing'],
  ['Ctrl Y', 'do it again'],
  ['Space', 'Parcels: all here · Cuts: cut'],
  ['0 … 9', 'Parcels: so many are here'],
  ['+', 'Parcels: one too many'],
  ['↑ ↓', 'Parcels: line by line'],
  ['Backspace', 'Cuts: take the last cut back'],
  ['/', 'Stash: search'],
  ['B', 'Stash: take to the bench'],
  ['N', 'Pages: a new page'],
  ['← → ↑ ↓', 'Pages: push the layer chosen, with Shift farther'],
  ['[ ]', 'Pages: turn it a degree'],
  ['PgUp PgDn', 'Pages: over, under the next'],
  ['Home', 'Pages: put it back'],
  ['?', 'this sheet'],
];

/** All keys on one sheet. */
export function KeysSheet({ isOpen, onClose }: { isOpen: boolean; onClose: () => void }) {
  return (
    <SlipOver title="Keys" isOpen={isOpen} onClose={onClose}>
      {() => (
        <>
          <Keys>
            {PLACES.filter((place) => place !== null).map(({ key, name }) => (
              <div key={key}>
                <dt>
                  <Key>{key}</Key>
                </dt>
                <dd>{name}</dd>
              </div>
            ))}
            {KEYS.map(([key, what]) => (
              <div key={key}>
                <dt>
                  <Key>{key}</Key>
                </dt>
                <dd>{what}</dd>
              </div>
            ))}
          </Keys>
          <Button slot="close">Close</Button>
        </>
      )}
    </SlipOver>
  );
}

const Keys = styled.dl`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 28px;
  margin: 0;
  div {
    display: flex;
    gap: 12px;
    align-items: baseline;
  }
  dt {
    min-width: 76px;
  }
  dd {
    margin: 0;
  }
`;
