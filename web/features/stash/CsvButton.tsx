import { lazy, Suspense, useEffect, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { isTyping } from '../../ui/useKeys';
import type { TableSlipProps } from './TableSlip';

const TableSlip = lazy(async () => ({ default: (await import('./TableSlip')).TableSlip }));

/** What a spreadsheet puts on the clipboard: cells parted by tabs, in several rows. */
const isTable = (text: string): boolean => /\t[^\n]*\n[^\n]*\t/.test(text);

/** A table is read from a CSV file, or pasted as a spreadsheet gives it. */
export function CsvButton() {
  const bench = useBench((b) => b);
  const [table, setTable] = useState<Pick<TableSlipProps, 'name' | 'read'> | null>(null);
  const show = async (name: string, text: string): Promise<void> => {
    const { readStashCsv } = await import('./readStashCsv');
    setTable({ name, read: readStashCsv(text, bench) });
  };
  const open = async (file: File | undefined): Promise<void> => {
    if (file) await show(file.name, await file.text());
  };
  useEffect(() => {
    const paste = (event: ClipboardEvent): void => {
      const text = event.clipboardData?.getData('text/plain') ?? '';
      if (!isTyping(event.target) && isTable(text)) void show('the pasted table', text);
    };
    window.addEventListener('paste', paste);
    return () => window.removeEventListener('paste', paste);
  });
  return (
    <>
      <FileTrigger acceptedFileTypes={['.csv', 'text/csv']} onSelect={(list) => void open(list?.[0])}>
        <Button hint="Ctrl V" aria-label="From CSV">
          From CSV
        </Button>
      </FileTrigger>
      {table && (
        <Suspense fallback={null}>
          <TableSlip {...table} onClose={() => setTable(null)} />
        </Suspense>
      )}
    </>
  );
}
