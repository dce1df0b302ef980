import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Page } from '../../../core/things';
import { undo } from '../../data/acts';
import { pageName } from '../../data/pageActs';
import { Button } from '../../ui/Button';
import { Empty, Row, Screen } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { ShapeSteps } from './ShapeSteps';
import { WindowSteps } from './WindowSteps';

/** Every cut of the page is made. */
export function AllCut({ page }: { page: Page }) {
  const go = useNavigate();
  useKeys({
    Backspace: () => {
      if (page.state === 'cut') void undo();
    },
  });
  const isCut = page.state === 'cut' || page.state === 'planned';
  return (
    <Screen title="Cuts" about={`for ${pageName(page)}`}>
      <Over>
        <Empty>
          <h2>All cut</h2>
          <p>
            {isCut
              ? 'The pieces lie on the bench; what was left over is in the stash already, and waste is counted.'
              : 'This page is glued.'}
          </p>
          <Row>
            <Button
              look="main"
              onPress={() => {
                void go(`/pages/${page.id}`);
              }}
            >
              {isCut ? 'To the glue' : 'To the page'}
            </Button>
            {page.state === 'cut' && (
              <Button
                onPress={() => {
                  void undo();
                }}
              >
                Back
              </Button>
            )}
          </Row>
        </Empty>
        {page.state === 'cut' && <ShapeSteps page={page} />}
        {page.state === 'cut' && <WindowSteps page={page} />}
      </Over>
    </Screen>
  );
}

const Over = styled.div`
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: 26px;
  padding: 4px 4px 16px;
  min-height: 0;
`;
