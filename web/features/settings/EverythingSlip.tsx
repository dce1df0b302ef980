import { FileTrigger } from 'react-aria-components';
import { useBench } from '../../data/benchStore';
import type { Saved } from '../../data/file/readZip';
import { Button } from '../../ui/Button';
import { agreeing, countWords } from '../../words/countWords';
import { Row, Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { sizeWords } from './sizeWords';
import { StoreFullness } from './StoreFullness';
import { placeWords, useEverything, type Waiting } from './useEverything';

interface WouldReplaceProps {
  waiting: Waiting;
  onReplace: () => void;
  onLeave: () => void;
}

/** What a file holds, and what it would take the place of. */
function WouldReplace({ waiting, onReplace, onLeave }: WouldReplaceProps) {
  const bench = useBench((b) => b);
  return (
    <Stack role="group" aria-label="What would be replaced">
      <p>
        {waiting.lost.length === 0 ? `${waiting.name} is whole: it holds` : `Of ${waiting.name} can be saved:`}{' '}
        {sizeWords(waiting.checked.file)}.
      </p>
      {waiting.lost.length > 0 && <Lost lost={waiting.lost} />}
      <p>
        It would take the place of{' '}
        {sizeWords({
          kits: [...bench.kits.keys()],
          lots: [...bench.lots.keys()],
          pages: [...bench.pages.keys()],
          photos: [...bench.photos.keys()],
        })}
        . That is for good.
      </p>
      <Row>
        <Button look="main" onPress={onReplace}>
          Put it in place
        </Button>
        <Button onPress={onLeave}>Leave all as it is</Button>
      </Row>
    </Stack>
  );
}

/** Everything as one file: written, and read back in place of all that is here. */
export function EverythingSlip() {
  const { work, trouble, damaged, waiting, leave, write, read, save, replace } = useEverything();
  return (
    <Slip>
      <Stack $gap={14}>
        <h2>Everything in one file</h2>
        <Soft>Kits, papers, history, pages and pictures. Keep it somewhere safe, or carry it to another machine.</Soft>
        <Row>
          <Button look="main" isDisabled={work.done !== null} onPress={() => void write()}>
            Export
          </Button>
          <FileTrigger
            acceptedFileTypes={['application/zip', '.zip', 'application/json', '.json']}
            onSelect={(list) => {
              if (list?.[0]) void read(list[0]);
            }}
          >
            <Button isDisabled={work.done !== null}>Read a file back</Button>
          </FileTrigger>
        </Row>
        {work.done !== null && (
          <Working done={work.done} onStop={work.stop}>
            Going through everything …
          </Working>
        )}
        {waiting === null ? (
          <Soft>Reading a file puts it in place of all that is here.</Soft>
        ) : (
          <WouldReplace waiting={waiting} onReplace={() => void replace(waiting)} onLeave={leave} />
        )}
        {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
        {damaged !== null && <Button onPress={() => void save(damaged)}>See what can be saved of it</Button>}
        <StoreFullness />
      </Stack>
    </Slip>
  );
}

/** What of a damaged file is lost, the first few with their places. */
function Lost({ lost }: { lost: Saved['lost'] }) {
  return (
    <Wrong as="div" role="alert">
      {countWords(lost.length, 'thing')} in it cannot be used and {agreeing(lost.length, 'is', 'are')} left out:
      <ul>
        {lost.slice(0, 5).map((error, i) => (
          <li key={i}>{placeWords(error)}</li>
        ))}
        {lost.length > 5 && <li>and {lost.length - 5} more</li>}
      </ul>
    </Wrong>
  );
}
