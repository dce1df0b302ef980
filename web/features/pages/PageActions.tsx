import type { PageState } from '../../../core/page/cutlist';
import { dropPage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { Button } from '../../ui/Button';
import { useGoAfter } from '../../ui/useGoAfter';
import { DoneButton } from './DoneButton';
import { PageMenu } from './PageMenu';

export interface PageActionsProps {
  page: Page;
  state: PageState;
  canCut: boolean;
  onCuts: () => void;
}

/** What can be done with a whole page. */
export function PageActions({ page, state, canCut, onCuts }: PageActionsProps) {
  const goAfter = useGoAfter();
  return (
    <>
      {page.glued === null && page.finished === null && (
        <Button
          look="quiet"
          onPress={() => void goAfter(act(dropPage(page.id)).then((isDone) => (isDone ? '/pages' : null)))}
        >
          Drop this page
        </Button>
      )}
      <PageMenu page={page} />
      {(state === 'idea' || state === 'planned') && (
        <Button look="main" hint="⏎" isDisabled={!canCut} onPress={onCuts}>
          To the cuts
        </Button>
      )}
      {state === 'glued' && <DoneButton page={page} />}
    </>
  );
}
