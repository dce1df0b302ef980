import { memo } from 'react';
import styled from 'styled-components';
import { keyOf } from '../../../core/stock/listing';
import { Button } from '../../ui/Button';
import type { DraftActs } from './useDraft';

export interface PassedOverProps {
  /** Its place on the list, from 0. */
  at: number;
  text: string;
  isHeading: boolean;
  /** It tells more of the thing above. */
  isOfAbove: boolean;
  acts: DraftActs;
}

/**
 * A line that tells of no thing: a greeting, a sentence, or a heading for what follows. What she takes in all the same
 * is read as a thing; of headings, those may be one that tell a number.
 */
export const PassedOver = memo(function PassedOver({ at, text, isHeading, isOfAbove, acts }: PassedOverProps) {
  return (
    <Line data-heading={isHeading || undefined}>
      <span>{text.trim()}</span>
      {isOfAbove && <small>of the thing above</small>}
      {!isOfAbove && (!isHeading || /\p{N}/u.test(text)) && (
        <>
          <small>{isHeading ? 'said of those under it' : 'passed over'}</small>
          <Button
            look="quiet"
            aria-label={`Take in: ${text.trim()}`}
            onPress={() => acts.correct(keyOf(at, 0), { isTakenIn: true })}
          >
            take it in
          </Button>
        </>
      )}
    </Line>
  );
});

/** A thing that she left out; the button takes it in after all. */
export function LeftOut({ text, onTake }: { text: string; onTake: () => void }) {
  return (
    <Line>
      <s>{text.trim()}</s>
      <small>left out</small>
      <Button look="quiet" onPress={onTake}>
        take it in
      </Button>
    </Line>
  );
}

const Line = styled.li`
  display: flex;
  gap: 12px;
  align-items: baseline;
  padding: 8px 8px 4px;
  color: ${({ theme }) => theme.soft};
  font-size: 15px;
  border-bottom: 2px solid ${({ theme }) => theme.line};
  &[data-heading] {
    color: ${({ theme }) => theme.beet};
    font-weight: 650;
    padding-top: 14px;
  }
  small {
    font-size: 13px;
  }
  span,
  s {
    overflow-wrap: anywhere;
  }
`;
