import styled from 'styled-components';
import type { Letters, WayToSpell } from '../../../core/titles';
import { wayWords } from './titleWords';

interface WaysProps {
  ways: readonly WayToSpell[];
  letters: readonly Letters[];
  chosen: string | null;
  onChoose: (key: string) => void;
}

/** Each way to spell it with what it needs, the best first. */
export function Ways({ ways, letters, chosen, onChoose }: WaysProps) {
  if (ways.length === 0) return null;
  return (
    <section aria-label="From which letters">
      <h2>From which letters</h2>
      <List>
        {ways.map((way) => {
          const { name, comes } = wayWords(way, letters);
          return (
            <li key={way.key}>
              <Pick
                type="button"
                aria-pressed={way.key === chosen}
                disabled={!way.title.spelt}
                onClick={() => onChoose(way.key)}
              >
                <b>{name}</b> <span>{comes}</span>
              </Pick>
            </li>
          );
        })}
      </List>
    </section>
  );
}

const List = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
`;
const Pick = styled.button`
  width: 100%;
  display: flex;
  gap: 14px;
  justify-content: space-between;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-left: 4px solid transparent;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  padding: 7px 10px;
  cursor: pointer;
  span {
    color: ${({ theme }) => theme.soft};
  }
  &:disabled {
    cursor: default;
  }
  &[aria-pressed='true'] {
    border-left-color: ${({ theme }) => theme.pond};
    background: ${({ theme }) => theme.paper};
  }
`;
