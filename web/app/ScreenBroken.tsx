import { Link } from 'react-router';
import { db } from '../data/acts';
import { Button } from '../ui/Button';
import { Row, Screen, Soft, Wrong } from '../ui/Screen';
import { KeepEverything } from './KeepEverything';

/** Parts of the application are loaded as they are needed; after an update the old ones are no longer there. */
const isMissingPart = (error: Error): boolean => /import|module|chunk|preload/i.test(error.message);

/** In place of a screen that broke: what happened, a way on, and the export at hand. */
export function ScreenBroken({ error, onAgain }: { error: Error; onAgain: () => void }) {
  const isMissing = isMissingPart(error);
  return (
    <Screen title="This screen broke">
      <Wrong role="alert">
        {isMissing
          ? 'A part of Nubbin could not be loaded. There may be a newer version: reload the window.'
          : `Something here went wrong: ${error.message}.`}
      </Wrong>
      <Soft>What you did before is written down; nothing of it is lost.</Soft>
      <Row>
        <Button look="main" onPress={isMissing ? () => location.reload() : onAgain}>
          {isMissing ? 'Reload' : 'Try again'}
        </Button>
        <KeepEverything db={db} />
        <Link to="/stash">To the stash</Link>
      </Row>
    </Screen>
  );
}
