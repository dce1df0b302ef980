import { useState } from 'react';
import { dropDraft, putParcelAway } from '../../../core/acts';
import type { Draft } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import type { DraftState } from './useDraft';

export interface DraftActionsProps {
  state: DraftState;
  /** Whether it can be put away; from then on the screen says why not. */
  tryReady: () => boolean;
}

/** What can be done with the whole of a parcel. */
export function DraftActions({ state: { draft, entries, acts, asOfNow, allHere }, tryReady }: DraftActionsProps) {
  const goAfter = useGoAfter();
  const [isAsking, setAsking] = useState(false);
  const putAwayAs = async (some: Partial<Draft> = {}): Promise<void> => {
    setAsking(false);
    const { draft: typed, lines } = asOfNow();
    await goAfter(
      act(putParcelAway({ ...typed, ...some }, lines)).then((isDone) => (isDone ? `/parcels/${typed.id}` : null)),
    );
  };
  const putAway = (): void => {
    if (!tryReady()) return;
    const now = asOfNow();
    // Nothing is ticked: everything would be put down as owed without a word.
    if (now.entries.every(({ key }) => now.draft.here[key] === undefined)) setAsking(true);
    else void putAwayAs();
  };
  return (
    <>
      <Button onPress={() => void goAfter(act(dropDraft(draft.id)).then((isDone) => (isDone ? '/parcels' : null)))}>
        Drop this list
      </Button>
      <Button isDisabled={entries.length === 0} onPress={() => acts.save({ here: allHere() })}>
        All has come
      </Button>
      <Button look="main" onPress={putAway}>
        Put all away
      </Button>
      <NothingTicked
        isOpen={isAsking}
        isOpened={draft.isOpened ?? false}
        onClose={() => setAsking(false)}
        onAll={() => void putAwayAs({ here: allHere() })}
        onNone={() => void putAwayAs()}
      />
    </>
  );
}

interface NothingTickedProps {
  isOpen: boolean;
  /** Half used: what is not here was used up. */
  isOpened: boolean;
  onClose: () => void;
  onAll: () => void;
  onNone: () => void;
}

/** Asked before a whole parcel is put down as owed, or as used up. */
function NothingTicked({ isOpen, isOpened, onClose, onAll, onNone }: NothingTickedProps) {
  return (
    <SlipOver title="Nothing is ticked yet" isOpen={isOpen} onClose={onClose}>
      {() => (
        <>
          <Soft>{isOpened ? 'What is not ticked was used up.' : 'What is not ticked is put down as owed.'}</Soft>
          <Row>
            <Button look="main" onPress={onAll}>
              {isOpened ? 'All of it is still here' : 'All of it has come'}
            </Button>
            <Button onPress={onNone}>{isOpened ? 'None of it is left' : 'None of it has: all is owed'}</Button>
            <Button slot="close" look="quiet">
              Back to the box
            </Button>
          </Row>
        </>
      )}
    </SlipOver>
  );
}
