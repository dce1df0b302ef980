import { useState } from 'react';
import type { StockDb } from '../data/stockDb';
import { today } from '../data/today';
import { Button } from '../ui/Button';
import { keepFile } from '../ui/keepFile';
import { Wrong } from '../ui/Screen';

/** All that is stored, as it is stored, as one file: also where it cannot be shown any more. */
export function KeepEverything({ db }: { db: StockDb }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const keep = async (): Promise<void> => {
    try {
      const [{ zipOf }, { rawContents }] = await Promise.all([
        import('../data/file/writeZip'),
        import('../data/file/rawContents'),
      ]);
      const zip = await zipOf(db, await rawContents(db), {});
      if (zip) keepFile(`nubbin-${today()}.zip`, zip, 'application/zip');
    } catch (error) {
      setTrouble(String(error));
    }
  };
  return (
    <>
      <Button onPress={() => void keep()}>Keep everything as a file</Button>
      {trouble !== null && <Wrong role="alert">That did not work: {trouble}.</Wrong>}
    </>
  );
}
