import styled from 'styled-components';
import type { Doubt } from '../../../core/stock/listing';
import { Button } from '../../ui/Button';

export interface LineDoubtsProps {
  /** What the thing is called. */
  name: string;
  doubts: readonly Doubt[];
  onRight: () => void;
  /** Puts what was meant in the place of what stands there. */
  onWrite: (doubt: Doubt) => void;
  /** Shows the words where they were typed. */
  onShow: (doubt: Doubt) => void;
}

/** What of a line is not sure, and the ways to make it so. */
export function LineDoubts({ name, doubts, onRight, onWrite, onShow }: LineDoubtsProps) {
  if (doubts.length === 0) return null;
  return (
    <Doubts>
      {doubts.map((doubt, i) => (
        <span key={i}>
          <button type="button" onClick={() => onShow(doubt)} title="Show it where it was typed">
            {doubt.words}
          </button>{' '}
          {doubt.why}
          {doubt.closest !== undefined && (
            <Button look="quiet" onPress={() => onWrite(doubt)}>
              Write {doubt.closest}
            </Button>
          )}
        </span>
      ))}
      <Button look="quiet" aria-label={`${name} is right as it is`} onPress={onRight}>
        it is right
      </Button>
    </Doubts>
  );
}

const Doubts = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: center;
  font-size: 14px;
  color: ${({ theme }) => theme.marigoldInk};
  > span > button:first-child {
    font: inherit;
    font-weight: 650;
    padding: 0 4px;
    border: 0;
    border-bottom: 2px dotted ${({ theme }) => theme.marigoldInk};
    background: none;
    color: inherit;
    cursor: pointer;
  }
`;
