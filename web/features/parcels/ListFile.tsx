import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { rowOf, type ListItem } from '../../../core/stock/listing';
import { linesOf, listCsv, listJson, readListFile } from '../../data/listFile';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { Wrong } from '../../ui/Screen';

export interface ListFileProps {
  name: string;
  items: readonly ListItem[];
  onRead: (lines: string) => void;
}

/**
 * A packing list from a file, and to one: CSV or JSON. What is read stands on the list, line by line, before anything
 * is put away.
 */
export function ListFile({ name, items, onRead }: ListFileProps) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const things = items.map(rowOf);
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const read = readListFile(file.name, await file.text());
    setTrouble(read.ok ? null : `${file.name} is not taken. ${read.error.message}`);
    if (read.ok) onRead(linesOf(read.value));
  };
  return (
    <>
      <FileTrigger
        acceptedFileTypes={['.csv', '.json', 'text/csv', 'application/json']}
        onSelect={(list) => void open(list?.[0])}
      >
        <Button look="quiet">From a file</Button>
      </FileTrigger>
      <Button
        look="quiet"
        isDisabled={things.length === 0}
        onPress={() => keepFile(`${name}.csv`, listCsv(things), 'text/csv;charset=utf-8')}
      >
        As CSV
      </Button>
      <Button
        look="quiet"
        isDisabled={things.length === 0}
        onPress={() => keepFile(`${name}.json`, listJson({ name, things }), 'application/json')}
      >
        As JSON
      </Button>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
    </>
  );
}
