import { lazy, Suspense, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import type { TableSlipProps } from './TableSlip';

const TableSlip = lazy(async () => ({ default: (await import('./TableSlip')).TableSlip }));

/** A table is read from a CSV file. */
export function CsvButton() {
  const bench = useBench((b) => b);
  const [table, setTable] = useState<Pick<TableSlipProps, 'name' | 'read'> | null>(null);
  const open = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    const { readStashCsv } = await import('./readStashCsv');
    setTable({ name: file.name, read: readStashCsv(await file.text(), bench) });
  };
  return (
    <>
      <FileTrigger
        acceptedFileTypes={['.csv', 'text/csv']}
        onSelect={(list) => {
          void open(list?.[0]);
        }}
      >
        <Button>From CSV</Button>
      </FileTrigger>
      {table && (
        <Suspense fallback={null}>
          <TableSlip {...table} onClose={() => setTable(null)} />
        </Suspense>
      )}
    </>
  );
}
