import { useState } from 'react';
import { db, say } from '../../data/acts';
import { bringDemo, emptyBench } from '../../data/demo';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { Row, Slip, Soft, Stack, Wrong } from '../../ui/Screen';

/** An empty bench, or the demo again: both for good, and asked about first. */
export function StartAnewSlip() {
  const goAfter = useGoAfter();
  const [isSure, setSure] = useState<'demo' | 'empty' | null>(null);
  const replace = async (what: 'demo' | 'empty'): Promise<void> => {
    setSure(null);
    try {
      await (what === 'demo' ? bringDemo(db) : emptyBench(db));
      say(what === 'demo' ? 'The demo is back.' : 'The bench is empty.');
      await goAfter('/parcels');
    } catch (error) {
      say(`That did not work: ${String(error)}. Nothing was changed.`, 'refused');
    }
  };
  return (
    <Slip>
      <Stack $gap={14}>
        <h2>Start anew</h2>
        <Soft>Both put away all that is here for good. Export it first if you want to see it again.</Soft>
        {isSure === null ? (
          <Row>
            <Button onPress={() => setSure('empty')}>Start an empty bench</Button>
            <Button onPress={() => setSure('demo')}>Bring the demo back</Button>
          </Row>
        ) : (
          <Row>
            <Wrong as="span">
              {isSure === 'empty' ? 'Clear everything away?' : 'Put the demo in place of everything?'} No undo brings it
              back.
            </Wrong>
            <Button onPress={() => void replace(isSure)}>
              {isSure === 'empty' ? 'Yes, clear it' : 'Yes, bring the demo'}
            </Button>
            <Button look="quiet" onPress={() => setSure(null)}>
              No
            </Button>
          </Row>
        )}
      </Stack>
    </Slip>
  );
}
