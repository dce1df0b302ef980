import styled from 'styled-components';
import type { Balance } from '../../../core/ledger';
import { formatArea, type MeasureSystem } from '../../../core/length';

export interface PaperBandProps {
  balance: Balance;
  parts: readonly (readonly [keyof Balance, string])[];
  system: MeasureSystem;
}

/** All of a kit's paper as one band, torn into what became of it; each stretch is named beneath. */
export function PaperBand({ balance, parts, system }: PaperBandProps) {
  const there = parts.filter(([part]) => balance[part] > 0);
  return (
    <Band
      role="img"
      aria-label={there
        .map(([part, words]) => `${Math.round((100 * balance[part]) / balance.received)} % ${words}`)
        .join(', ')}
    >
      {there.map(([part, words]) => (
        <Stretch key={part} style={{ flexGrow: balance[part] }}>
          <i data-part={part} />
          <strong>{Math.round((100 * balance[part]) / balance.received)} %</strong> {words}
          <br />
          <small>{formatArea(balance[part], system)}</small>
        </Stretch>
      ))}
    </Band>
  );
}

const Band = styled.div`
  display: flex;
  gap: 3px;
  max-width: 1020px;
  margin: 10px 0 12px;
`;
const Stretch = styled.div`
  flex-basis: 0;
  min-width: 92px;
  font-size: 14px;
  line-height: 1.3;
  small {
    color: ${({ theme }) => theme.soft};
  }
  i {
    display: block;
    height: 46px;
    margin-bottom: 6px;
    background: ${({ theme }) => theme.pond};
  }
  &:not(:last-child) i {
    clip-path: polygon(0 0, 100% 0, calc(100% - 5px) 25%, 100% 50%, calc(100% - 5px) 75%, 100% 100%, 0 100%);
  }
  i[data-part='onPages'] {
    background: ${({ theme }) => theme.beet};
  }
  i[data-part='onBench'] {
    background: ${({ theme }) => theme.marigold};
  }
  i[data-part='lent'] {
    background: ${({ theme }) => theme.wood};
  }
  i[data-part='wasted'] {
    background: repeating-linear-gradient(
      45deg,
      ${({ theme }) => theme.brick} 0 3px,
      ${({ theme }) => theme.paper} 3px 9px
    );
  }
  i[data-part='given'],
  i[data-part='sold'],
  i[data-part='recycled'] {
    background: ${({ theme }) => theme.woodDeep};
  }
`;
