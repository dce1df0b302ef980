import { Label, ProgressBar } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';

export interface WorkingProps {
  /** What goes on. */
  children: string;
  /** From 0 to 1. */
  done: number;
  onStop: () => void;
  stopWords?: string;
}

/** Long work: how far it is, and how to stop it. */
export function Working({ children, done, onStop, stopWords = 'Stop' }: WorkingProps) {
  return (
    <Going>
      <ProgressBar value={done * 100}>
        {({ percentage }) => (
          <>
            <Label>{children}</Label>
            <i>
              <b style={{ width: `${percentage ?? 0}%` }} />
            </i>
          </>
        )}
      </ProgressBar>
      {/* Stopping is always heard, also where what began it was pressed a moment before. */}
      <Button isRepeatable look="quiet" onPress={onStop}>
        {stopWords}
      </Button>
    </Going>
  );
}

const Going = styled.div`
  flex: none;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding-bottom: 8px;
  font-size: 14px;
  color: ${({ theme }) => theme.soft};
  i {
    display: block;
    width: 240px;
    height: 8px;
    margin-top: 4px;
    background: ${({ theme }) => theme.line};
  }
  b {
    display: block;
    height: 100%;
    background: ${({ theme }) => theme.pond};
  }
`;
