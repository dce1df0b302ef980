import styled from 'styled-components';
import type { Lot } from '../../../core/stock/things';
import { CountLetters } from '../../parts/CountLetters';

/** Sets of letters that nobody counted: they spell anything, if it is there, until they are counted here. */
export function Uncounted({ lots }: { lots: readonly Lot[] }) {
  if (lots.length === 0) return null;
  return (
    <section aria-label="Letters not counted">
      {lots.map((lot) => (
        <Set key={lot.id}>
          <strong>{lot.name}</strong>
          <CountLetters lot={lot} />
        </Set>
      ))}
    </section>
  );
}

const Set = styled.div`
  display: flex;
  flex-direction: column;
  gap: 6px;
  padding: 6px 0;
`;
