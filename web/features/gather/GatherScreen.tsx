import { nanoid } from 'nanoid';
import styled from 'styled-components';
import type { InKit } from '../../../core/kit/gathering';
import { gatherKit, putInto } from '../../../core/acts';
import { isMonth, type Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { BeginWith } from '../../parts/BeginWith';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { monthWords } from '../../ui/dayWords';
import { Columns, Empty, Screen, Soft, Stack } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { useKeys } from '../../ui/useKeys';
import { GatheredThings, Thing, thingList } from './GatheredThings';
import { useGatherChoices } from './gatherChoices';
import { KitWishes } from './KitWishes';
import { useGathering } from './useGathering';

/** What else would go with it: so many are shown. */
const SHOWN = 40;

/** A kit of her own, gathered from what is left of others: proposed, and hers to change. */
export function GatherScreen() {
  const choices = useGatherChoices();
  const { into, month, heart, from, begin, proposed } = useGathering();
  const { things, others, sheets, kits } = proposed;
  const goAfter = useGoAfter();
  const called = heart && heart.name !== '' ? heart.name : (things[0]?.thing.name.split(' / ')[0] ?? 'A kit of my own');
  const gather = (): void => {
    if (things.length === 0 || !isMonth(month)) return;
    const parts = things.map(({ thing }) => thing.part);
    const name = choices.name.trim() === '' ? called : choices.name.trim();
    const kit: Kit = { id: nanoid(8), club: '', name, month, theme: [], list: '', gathered: heart?.name ?? '' };
    void goAfter(
      act(into ? putInto(into.id, parts) : gatherKit(kit, parts)).then((isDone) => {
        if (isDone) choices.beginAnew();
        return isDone ? `/parcels/${into?.id ?? kit.id}` : null;
      }),
    );
  };
  const shuffle = (): void => choices.change({ shuffle: choices.shuffle + 1 });
  useKeys({ go: gather, ...(into ? {} : { 'gather-shuffle': shuffle }) });
  return (
    <Screen
      title={into ? `More for ${into.name}` : 'A kit of your own'}
      about={
        things.length === 0
          ? undefined
          : `${countWords(things.length, 'thing')} from ${countWords(kits, 'kit')} · ${sheetWords(sheets)} · ${monthWords(month)}`
      }
      actions={
        <GatherActions
          isInto={into !== null}
          isReady={things.length > 0 && isMonth(month)}
          onShuffle={shuffle}
          onGather={gather}
        />
      }
    >
      <Columns $widths="236px minmax(0, 1fr) clamp(190px, 19vw, 230px)">
        <Stack $gap={18}>
          {!into && <KitWishes called={called} />}
          <BeginWith from={from} heart={heart} begin={begin} />
        </Stack>
        {things.length > 0 ? (
          <GatheredThings things={things} onOut={choices.leaveOut} />
        ) : (
          <NothingIn isInto={into !== null} isAny={others.length > 0} />
        )}
        <Others others={others} onIn={choices.takeIn} />
      </Columns>
    </Screen>
  );
}

interface GatherActionsProps {
  isInto: boolean;
  isReady: boolean;
  onShuffle: () => void;
  onGather: () => void;
}

function GatherActions({ isInto, isReady, onShuffle, onGather }: GatherActionsProps) {
  const { taken, left, shuffle, beginAnew } = useGatherChoices();
  return (
    <>
      {!isInto && (
        <Button isRepeatable hint="S" onPress={onShuffle}>
          Others
        </Button>
      )}
      {(taken.length > 0 || left.length > 0 || shuffle > 0) && (
        <Button look="quiet" onPress={beginAnew}>
          begin anew
        </Button>
      )}
      <Button look="main" hint="⏎" isDisabled={!isReady} onPress={onGather}>
        {isInto ? 'Put these in' : 'Gather this kit'}
      </Button>
    </>
  );
}

/** `8 sheets of paper`, `5.5 sheets of paper`, to the half. */
const sheetWords = (sheets: number): string => `${countWords(Math.round(sheets * 2) / 2, 'sheet')} of paper`;

const NothingIn = ({ isInto, isAny }: { isInto: boolean; isAny: boolean }) => (
  <Empty>
    <h2>{isInto ? 'What is to go in?' : 'Nothing to gather yet'}</h2>
    <p>
      {isInto || isAny
        ? 'Take in what you like from the right.'
        : 'When kits have leftovers, one of your own is put together from them here: papers, small things, letters that can still spell.'}
    </p>
  </Empty>
);

function Others({ others, onIn }: { others: readonly InKit[]; onIn: (key: string) => void }) {
  return (
    <Stack $gap={8} as="section" aria-label="Also goes with it" tabIndex={0}>
      <h2>Also goes with it</h2>
      {others.length === 0 && <Soft>Nothing else that is left.</Soft>}
      <Rest>
        {others.slice(0, SHOWN).map((one) => (
          <Thing key={one.thing.key} one={one} act="take in" onAct={onIn} />
        ))}
      </Rest>
      {others.length > SHOWN && <Soft>and {others.length - SHOWN} more, farther off.</Soft>}
    </Stack>
  );
}

const Rest = styled.ul`
  ${thingList}
`;
