import styled from 'styled-components';
import { formatArea } from '../../../core/length';
import { useSettings } from '../../data/settings';
import type { Shares } from './shares';

const percent = (area: number, received: number): string => {
  const share = (100 * area) / received;
  return share > 0 && share < 1 ? 'under 1 %' : `${Math.round(share)} %`;
};

/** All of a kit's paper as one band, torn into what became of it: each stretch is as wide as its share. */
export function PaperBand({ received, parts }: Shares) {
  const system = useSettings((s) => s.system);
  return (
    <div>
      <Band
        role="img"
        aria-label={`Its paper: ${parts.map(({ area, words }) => `${percent(area, received)} ${words}`).join(', ')}`}
      >
        {parts.map(({ part, area }) => (
          <i key={part} data-part={part} style={{ flexGrow: area }} />
        ))}
      </Band>
      <Legend>
        {parts.map(({ part, area, words }) => (
          <li key={part}>
            <i data-part={part} />
            <strong>{percent(area, received)}</strong> {words} <small>{formatArea(area, system)}</small>
          </li>
        ))}
      </Legend>
    </div>
  );
}

const Parts = styled.div`
  i {
    background: ${({ theme }) => theme.pond};
  }
  i[data-part='onPages'] {
    background: ${({ theme }) => theme.beet};
  }
  i[data-part='onBench'] {
    background: ${({ theme }) => theme.wood};
  }
  i[data-part='undecided'] {
    background: ${({ theme }) => theme.marigold};
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
  i[data-part='lent'],
  i[data-part='recycled'] {
    background: ${({ theme }) => theme.woodDeep};
  }
`;
const Band = styled(Parts)`
  display: flex;
  height: 30px;
  i {
    flex-basis: 0;
    min-width: 0;
  }
  i:not(:last-child) {
    clip-path: polygon(0 0, 100% 0, calc(100% - 5px) 25%, 100% 50%, calc(100% - 5px) 75%, 100% 100%, 0 100%);
  }
`;
const Legend = styled(Parts).attrs({ as: 'ul' })`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
  padding: 6px 0;
  font-size: 14px;
  li {
    display: flex;
    gap: 6px;
    align-items: baseline;
  }
  i {
    width: 12px;
    height: 12px;
    flex: none;
    align-self: center;
  }
  small {
    color: ${({ theme }) => theme.soft};
  }
`;
