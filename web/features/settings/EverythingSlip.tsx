import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useNavigate } from 'react-router';
import type { Result } from '../../../core/result';
import { db, say } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import type { FileError } from '../../data/file/benchFile';
import { readFile, saveWhatCanBe, type CheckedFile, type Saved } from '../../data/file/readZip';
import { putInPlace } from '../../data/file/replaceBench';
import { writeZip } from '../../data/file/writeZip';
import { useSettings } from '../../data/settings';
import { today } from '../../data/today';
import { Button } from '../../ui/Button';
import { countWords } from '../../ui/countWords';
import { keepFile } from '../../ui/keepFile';
import { Row, Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { useLongWork } from '../../ui/useLongWork';
import { Working } from '../../ui/Working';
import { sizeWords } from './sizeWords';
import { StoreFullness } from './StoreFullness';

const placeWords = ({ at, message }: FileError): string => `${message}${at === '' ? '' : ` (at ${at})`}`;

/** A file that waits for her word: whole, or what can be saved of it. */
interface Waiting {
  readonly name: string;
  readonly checked: CheckedFile;
  readonly lost: Saved['lost'];
}

/** Everything as one file: written, and read back in place of all that is here. */
export function EverythingSlip() {
  const go = useNavigate();
  const change = useSettings((s) => s.change);
  const bench = useBench((b) => b);
  const work = useLongWork();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [damaged, setDamaged] = useState<File | null>(null);
  const [waiting, setWaiting] = useState<Waiting | null>(null);

  const write = async (): Promise<void> => {
    setTrouble(null);
    try {
      const zip = await work.run((going) => writeZip(db, going));
      if (zip) keepFile(`nubbin-${today()}.zip`, zip, 'application/zip');
    } catch (error) {
      setTrouble(`The file could not be written: ${String(error)}.`);
    }
  };
  const refused = (file: File, error: FileError): void => {
    setTrouble(`${file.name} was not read: ${placeWords(error)}. Nothing was changed.`);
    setDamaged(error.kind === 'not-ours' || error.kind === 'too-new' ? null : file);
  };
  const read = async (file: File): Promise<void> => {
    setTrouble(null);
    setDamaged(null);
    const result = await work.run(() => readFile(file));
    if (result.ok) setWaiting({ name: file.name, checked: result.value, lost: [] });
    else refused(file, result.error);
  };
  const save = async (file: File): Promise<void> => {
    const saved = await work.run(() => saveWhatCanBe(file));
    setDamaged(null);
    if (saved) setWaiting({ name: file.name, checked: saved, lost: saved.lost });
    else setTrouble(`Nothing of ${file.name} can be saved.`);
  };
  const replace = async ({ name, checked }: Waiting): Promise<void> => {
    let put: Result<null, FileError>;
    try {
      put = await work.run((going) => putInPlace(db, checked, going));
    } catch (error) {
      put = { ok: false, value: null, error: { kind: 'no-room', at: '', message: String(error) } };
    }
    setWaiting(null);
    if (!put.ok) {
      setTrouble(`${name} was not read: ${placeWords(put.error)}. Nothing was changed.`);
      return;
    }
    change({ pageInHand: null });
    say(`${name} was read.`);
    await go('/stash');
  };
  return (
    <Slip>
      <Stack $gap={14}>
        <h2>Everything in one file</h2>
        <Soft>Kits, papers, history, pages and pictures. Keep it somewhere safe, or carry it to another machine.</Soft>
        <Row>
          <Button
            look="main"
            isDisabled={work.done !== null}
            onPress={() => {
              void write();
            }}
          >
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
              <Button
                look="main"
                onPress={() => {
                  void replace(waiting);
                }}
              >
                Put it in place
              </Button>
              <Button onPress={() => setWaiting(null)}>Leave all as it is</Button>
            </Row>
          </Stack>
        )}
        {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
        {damaged !== null && (
          <Button
            onPress={() => {
              void save(damaged);
            }}
          >
            See what can be saved of it
          </Button>
        )}
        <StoreFullness />
      </Stack>
    </Slip>
  );
}

/** What of a damaged file is lost, the first few with their places. */
function Lost({ lost }: { lost: Saved['lost'] }) {
  return (
    <Wrong as="div" role="alert">
      {countWords(lost.length, 'thing')} in it cannot be used and {lost.length === 1 ? 'is' : 'are'} left out:
      <ul>
        {lost.slice(0, 5).map((error, i) => (
          <li key={i}>{placeWords(error)}</li>
        ))}
        {lost.length > 5 && <li>and {lost.length - 5} more</li>}
      </ul>
    </Wrong>
  );
}
