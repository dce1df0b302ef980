import styled from 'styled-components';
import { Button, Key } from '../ui/Button';
import { SlipOver } from '../ui/SlipOver';
import { keysByPlace } from '../ui/keyTable';

/** All keys on one sheet, place by place. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  return (
    <SlipOver title="Keys" isOpen onClose={onClose} isWide>
      {() => (
        <>
          {[...keysByPlace()].map(([where, entries]) => (
            <section key={where} aria-label={where}>
              <h3>{where}</h3>
              <Keys>
                {entries.map(({ shown, does }) => (
                  <div key={`${shown} ${does}`}>
                    <dt>
                      <Key>{shown}</Key>
                    </dt>
                    <dd>{does}</dd>
                  </div>
                ))}
              </Keys>
            </section>
          ))}
          <Button slot="close">Close</Button>
        </>
      )}
    </SlipOver>
  );
}

const Keys = styled.dl`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px 28px;
  margin: 0;
  div {
    display: flex;
    gap: 12px;
    align-items: baseline;
  }
  dt {
    flex: none;
    min-width: 76px;
  }
  dd {
    margin: 0;
  }
`;
