import styled from 'styled-components';
import type { ReadLine } from '../../../core/listing';
import { Button } from '../../ui/Button';
import { problemWords } from '../../ui/problemWords';

export interface UnreadLineProps {
  line: Extract<ReadLine, { status: 'not-read' }>;
  /** Puts another text in the line's place. */
  onReplace: (text: string) => void;
}

/** A line that is not understood: why, and what may have been meant. */
export function UnreadLine({ line: { problem, text }, onReplace }: UnreadLineProps) {
  const meant =
    problem.closest === null ? null : text.slice(0, problem.from) + problem.closest + text.slice(problem.to);
  return (
    <Wrong>
      <code>{text.trim()}</code>
      <span>{problemWords(problem)}</span>
      {meant !== null && (
        <Button look="quiet" onPress={() => onReplace(meant)}>
          Write {problem.closest}
        </Button>
      )}
      <Button look="quiet" onPress={() => onReplace(`# ${text}`)}>
        Leave it out
      </Button>
    </Wrong>
  );
}

const Wrong = styled.li`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 8px;
  border-left: 6px solid ${({ theme }) => theme.brick};
  background: ${({ theme }) => theme.brickWash};
  color: ${({ theme }) => theme.brick};
  code {
    font-weight: 600;
  }
  span {
    flex-basis: 100%;
    font-size: 15px;
  }
`;
