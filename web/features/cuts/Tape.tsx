import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import type { Step } from '../../../core/page/cutlist';
import type { MeasureSystem } from '../../../core/ground/length';
import { mono } from '../../ui/theme';
import { tapeWords } from './stepWords';

export interface TapeProps {
  steps: readonly Step[];
  /** Which is next; those before it are made. */
  at: number;
  system: MeasureSystem;
}

/** All steps in a row, the next one in sight. */
export function Tape({ steps, at, system }: TapeProps) {
  const now = useRef<HTMLLIElement>(null);
  useEffect(() => {
    now.current?.scrollIntoView({ inline: 'center', block: 'nearest' });
  }, [at]);
  return (
    <Row aria-label="All cuts">
      {steps.map((step, i) => (
        <li
          key={i}
          ref={i === at ? now : undefined}
          aria-current={i === at ? 'step' : undefined}
          data-done={i < at || undefined}
          data-first={(i > 0 && steps[i - 1]?.sheet !== step.sheet) || undefined}
        >
          {i < at ? '✓' : tapeWords(step, system)}
        </li>
      ))}
    </Row>
  );
}

const Row = styled.ol`
  display: flex;
  overflow-x: auto;
  flex: none;
  border: 1.5px solid ${({ theme }) => theme.line};
  background: ${({ theme }) => theme.wood};
  color: ${({ theme }) => theme.woodInk};
  li {
    flex: 1 0 64px;
    text-align: center;
    padding: 5px 4px;
    font: 500 15px ${mono};
    border-right: 1px solid ${({ theme }) => theme.line};
    white-space: nowrap;
  }
  li[data-first] {
    border-left: 4px solid ${({ theme }) => theme.woodInk};
  }
  li[data-done] {
    color: ${({ theme }) => theme.pond};
    font-weight: 800;
  }
  li[aria-current] {
    background: ${({ theme }) => theme.beet};
    color: ${({ theme }) => theme.onBeet};
  }
`;
