import styled from 'styled-components';
import type { PaperPart, Shares } from '../../../core/kit/closing';
import { formatArea } from '../../../core/ground/length';
import { useSettings } from '../../data/settings';

const WORDS: Record<PaperPart, string> = {
  onPages: 'on pages',
  onBench: 'on the bench',
  undecided: 'not decided',
  kept: 'kept',
  gathered: 'in kits of your own',
  wasted: 'waste',
  given: 'given away',
  sold: 'sold',
  lent: 'lent',
  recycled: 'recycled',
};

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
        aria-label={`Its paper: ${parts.map(({ area, part }) => `${percent(area, received)} ${WORDS[part]}`).join(', ')}`}
      >
        {parts.map(({ part, area }) => (
          <i key={part} data-part={part} style={{ flexGrow: area }} />
        ))}
      </Band>
      <Legend>
        {parts.map(({ part, area }) => (
          <li key={part}>
            <i data-part={part} />
            <strong>{percent(area, received)}</strong> {WORDS[part]} <small>{formatArea(area, system)}</small>
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
  i[data-part='gathered'] {
    background: repeating-linear-gradient(
      90deg,
      ${({ theme }) => theme.pond} 0 6px,
      ${({ theme }) => theme.paper} 6px 8px
    );
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
