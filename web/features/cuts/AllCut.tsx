import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { Page } from '../../../core/stock/things';
import { pageState } from '../../../core/page/cutlist';
import { piecesFor } from '../../../core/stock/ledger';
import { undoCutOf } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Empty, Row, Screen } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { ShapeSteps } from './ShapeSteps';
import { WindowSteps } from './WindowSteps';
import { pageName } from '../../data/didWords';

/** Every cut of the page is made. */
export function AllCut({ page }: { page: Page }) {
  const go = useNavigate();
  const bench = useBench((b) => b);
  const isCut = pageState(page, bench) === 'cut';
  const back = (): void => {
    if (isCut) void undoCutOf(piecesFor(bench.ledger, page.id).map(({ id }) => id));
  };
  useKeys({ 'cut-back': back });
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
            {isCut && <Button onPress={back}>Back</Button>}
          </Row>
        </Empty>
        {isCut && <ShapeSteps page={page} />}
        {isCut && <WindowSteps page={page} />}
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
