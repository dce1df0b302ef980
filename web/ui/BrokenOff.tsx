import { Button } from './Button';
import { Row, Wrong } from './Screen';

export interface BrokenOffProps {
  /** What broke off: `The search`, `The plan`. */
  what: string;
  /** Why, as far as it is known. */
  why: string;
  onAgain: () => void;
}

/** Work that ended without an answer: said in its place, and tried again at a click. */
export function BrokenOff({ what, why, onAgain }: BrokenOffProps) {
  return (
    <Row>
      <Wrong role="alert" as="span">
        {what} broke off: {why}. Nothing was changed.
      </Wrong>
      <Button onPress={onAgain}>Try again</Button>
    </Row>
  );
}

/** An error in few words. */
export const whyOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
