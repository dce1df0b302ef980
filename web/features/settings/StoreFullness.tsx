import { useEffect, useState } from 'react';
import { Soft } from '../../ui/Screen';
import { bytesWords } from './sizeWords';

/** How full the browser's store is, and whether it promised to keep it. */
export function StoreFullness() {
  const [words, setWords] = useState<string | null>(null);
  useEffect(() => {
    let isLatest = true;
    const look = async (): Promise<void> => {
      const { usage, quota } = (await navigator.storage?.estimate?.()) ?? {};
      const isKept = (await navigator.storage?.persisted?.()) ?? false;
      if (!isLatest || usage === undefined) return;
      const room = quota === undefined ? '' : ` of the ${bytesWords(quota)} that this browser allows`;
      const promise = isKept
        ? 'It promised to keep them.'
        : 'It may clear them when the disk is full: export now and then.';
      setWords(`All this takes ${bytesWords(usage)}${room}. ${promise}`);
    };
    void look().catch(() => undefined);
    return () => {
      isLatest = false;
    };
  }, []);
  return words === null ? null : <Soft>{words}</Soft>;
}
