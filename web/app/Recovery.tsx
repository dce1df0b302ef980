import { useState } from 'react';
import { db } from '../data/acts';
import type { Trouble } from '../data/benchStore';
import { goBackTo, lastWholeState } from '../data/file/rawContents';
import type { Salvaged } from '../data/file/salvage';
import { Button } from '../ui/Button';
import { countWords } from '../words/countWords';
import { Row, Screen, Soft, Stack, Wrong } from '../ui/Screen';
import { KeepEverything } from './KeepEverything';

function LaterWasHere({ why }: { why: string }) {
  return (
    <Screen title="A later Nubbin was here">
      <Stack $gap={16}>
        <Wrong role="alert">What is kept here is not touched: {why}.</Wrong>
        <Row>
          <Button look="main" onPress={() => location.reload()}>
            Reload
          </Button>
        </Row>
      </Stack>
    </Screen>
  );
}

/** The last whole state: what it holds, what it would be without. */
function WholeState({ found, onGoBack, onLeave }: { found: Salvaged; onGoBack: () => void; onLeave: () => void }) {
  return (
    <Stack role="group" aria-label="The last whole state">
      <p>
        It holds {countWords(found.file.kits.length, 'kit')}, {countWords(found.file.pages.length, 'page')} and{' '}
        {countWords(found.file.events.length, 'entry', 'entries')} of the history;{' '}
        {countWords(found.lost.length, 'thing is', 'things are')} left out.
      </p>
      <ul>
        {found.lost.slice(0, 8).map(({ at, message }, i) => (
          <li key={i}>
            {message} (at {at})
          </li>
        ))}
      </ul>
      <Row>
        <Button look="main" onPress={onGoBack}>
          Go back to it
        </Button>
        <Button onPress={onLeave}>Leave all as it is</Button>
      </Row>
    </Stack>
  );
}

/** What is stored cannot be read: all of it as a file, which entry is bad, and the last whole state. */
export function Recovery({ trouble }: { trouble: Trouble }) {
  const [found, setFound] = useState<Salvaged | 'none' | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const attempt = (work: () => Promise<void>): void => {
    setFailed(null);
    work().catch((error: unknown) => setFailed(String(error)));
  };
  if (trouble.isLater) return <LaterWasHere why={trouble.why} />;
  return (
    <Screen title="What is kept here cannot be read">
      <Stack $gap={16}>
        <Wrong role="alert">
          {trouble.entry === null
            ? `The browser says: ${trouble.why}.`
            : `The history breaks a rule at entry ${trouble.entry}: ${trouble.why}.`}
        </Wrong>
        <Soft>Keep everything as a file first. It holds all there is, as it is.</Soft>
        <Row>
          <KeepEverything db={db} />
          <Button onPress={() => location.reload()}>Try again</Button>
          <Button onPress={() => attempt(async () => setFound((await lastWholeState(db)) ?? 'none'))}>
            Look for the last whole state
          </Button>
        </Row>
        {found === 'none' && <Wrong role="alert">Nothing of it can be used as it is.</Wrong>}
        {found !== null && found !== 'none' && (
          <WholeState
            found={found}
            onLeave={() => setFound(null)}
            onGoBack={() =>
              attempt(async () => {
                await goBackTo(db, found);
                location.reload();
              })
            }
          />
        )}
        {failed !== null && <Wrong role="alert">That did not work: {failed}.</Wrong>}
      </Stack>
    </Screen>
  );
}
