import styled from 'styled-components';
import { dropRule } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { kindWords } from '../../ui/lotWords';

/** What she has said of lines for every list, each to be taken back. */
export function YourRules() {
  const rules = useBench((b) => b.rules);
  if (rules.size === 0) return null;
  return (
    <section aria-label="Your rules for lists">
      <h3>Your rules for lists</h3>
      <Rules>
        {[...rules.values()].map((rule) => (
          <li key={rule.id}>
            <span>
              <strong>{rule.words}</strong> {rule.kind === null ? 'is passed over' : `is ${kindWords(rule.kind)}`}
            </span>
            <Button
              look="quiet"
              aria-label={`No rule any more for ${rule.words}`}
              onPress={() => void act(dropRule(rule))}
            >
              no longer
            </Button>
          </li>
        ))}
      </Rules>
    </section>
  );
}

const Rules = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    align-items: baseline;
    font-size: 15px;
  }
`;
