import { useState } from 'react';
import type { Result } from '../../../core/ground/result';
import { db, say } from '../../data/acts';
import type { FileError } from '../../data/file/fileError';
import { readFile, saveWhatCanBe, type CheckedFile, type Saved } from '../../data/file/readZip';
import { putInPlace } from '../../data/file/replaceBench';
import { writeZip } from '../../data/file/writeZip';
import { useSettings } from '../../data/settings';
import { today } from '../../data/today';
import { keepFile } from '../../ui/keepFile';
import { useGoAfter } from '../../ui/useGoAfter';
import { useLongWork } from '../../ui/useLongWork';

export const placeWords = ({ at, message }: FileError): string => `${message}${at === '' ? '' : ` (at ${at})`}`;

/** A file that waits for her word: whole, or what can be saved of it. */
export interface Waiting {
  readonly name: string;
  readonly checked: CheckedFile;
  readonly lost: Saved['lost'];
}

/** Puts a file in place of everything, whole or not at all. */
async function inPlace(checked: CheckedFile, work: ReturnType<typeof useLongWork>): Promise<Result<null, FileError>> {
  try {
    return await work.run((going) => putInPlace(db, checked, going));
  } catch (error) {
    return { ok: false, value: null, error: { kind: 'no-room', at: '', message: String(error) } };
  }
}

/** Everything as one file: written, read, saved as far as it can be, and put in place. */
export function useEverything() {
  const goAfter = useGoAfter();
  const change = useSettings((s) => s.change);
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
    const put = await inPlace(checked, work);
    setWaiting(null);
    if (!put.ok) {
      setTrouble(`${name} was not read: ${placeWords(put.error)}. Nothing was changed.`);
      return;
    }
    change({ pageInHand: null });
    say(`${name} was read.`);
    await goAfter('/stash');
  };
  return { work, trouble, damaged, waiting, leave: () => setWaiting(null), write, read, save, replace };
}
