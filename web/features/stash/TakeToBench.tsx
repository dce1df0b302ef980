import { Link } from 'react-router';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';

export interface TakeToBenchProps {
  /** The key that does the same. */
  hint?: string;
  isDisabled?: boolean;
  /** With the page in hand. */
  onTake: (page: string) => void;
}

/** Takes something out for the page in hand; without one, says where to choose it. */
export function TakeToBench({ hint, isDisabled = false, onTake }: TakeToBenchProps) {
  const pageInHand = useSettings((s) => s.pageInHand);
  const inHand = useBench((b) => b.pages.get(pageInHand ?? ''));
  return (
    <Row>
      <Button
        look="main"
        {...(hint === undefined ? {} : { hint })}
        isDisabled={!inHand || isDisabled}
        onPress={() => inHand && onTake(inHand.id)}
      >
        Take to bench
      </Button>
      {!inHand && (
        <Soft>
          Choose a page in <Link to="/pages">Pages</Link> first.
        </Soft>
      )}
    </Row>
  );
}
