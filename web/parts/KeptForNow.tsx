import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keptFor } from '../../core/kit/closing';
import { useBench } from '../data/benchStore';
import { today } from '../data/today';
import { monthWords } from '../ui/dayWords';

/** What she kept for this month, or for one that is past, and for whom: it comes back by itself. */
export function KeptForNow() {
  const { kits, lots, ledger } = useBench((b) => b);
  const kept = useMemo(() => keptFor(today().slice(0, 7), { kits, lots, ledger }), [kits, lots, ledger]);
  if (kept.length === 0) return null;
  return (
    <Kept role="note" aria-label="Kept for now">
      Kept for now:{' '}
      {kept.map(({ kit, thing: { key, lot }, month, whom }, i) => (
        <span key={key}>
          {i > 0 && ' · '}
          <Link to={`/stash/${key}`}>{lot.name}</Link> from {kit.name}, for {monthWords(month)}
          {whom !== '' && `, ${whom}`}
        </span>
      ))}
    </Kept>
  );
}

const Kept = styled.p`
  flex: none;
  margin-bottom: 10px;
  padding: 6px 12px;
  background: ${({ theme }) => theme.marigoldWash};
  border-left: 5px solid ${({ theme }) => theme.marigold};
`;
