import { useNavigate } from 'react-router';
import type { Page } from '../../../core/things';
import { undo } from '../../data/acts';
import { pageName } from '../../data/pageActs';
import { Button } from '../../ui/Button';
import { Empty, Row, Screen } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';

/** Every cut of the page is made. */
export function AllCut({ page }: { page: Page }) {
  const go = useNavigate();
  useKeys({ Backspace: () => { if (page.state === 'cut') void undo(); } });
  const isCut = page.state === 'cut' || page.state === 'planned';
  return (
    <Screen title="Cuts" about={`for ${pageName(page)}`}>
      <Empty>
        <h2>All cut</h2>
        <p>{isCut ? 'The pieces lie on the bench; what was left over is in the stash already, and waste is counted.' : 'This page is glued.'}</p>
        <Row><Button look="main" onPress={() => { void go(`/pages/${page.id}`); }}>{isCut ? 'To the glue' : 'To the page'}</Button>{page.state === 'cut' && <Button onPress={() => { void undo(); }}>Back</Button>}</Row>
      </Empty>
    </Screen>
  );
}
