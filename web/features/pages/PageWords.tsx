import { useState } from 'react';
import type { Layout } from '../../../core/design';
import type { Page } from '../../../core/things';
import { changePage } from '../../data/pageActs';
import { Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';

type Field = 'title' | 'date' | 'place' | 'journaling';

/** Characters to an inch of small handwriting: about 12. Common practice, no source. */
const PER_INCH = 12;
const LINE_INCHES = 0.25;

/** Title, date, place and journaling; kept as each field is left. */
export function PageWords({ page, layout }: { page: Page; layout: Layout | null }) {
  const [own, setOwn] = useState<Partial<Record<Field, string>>>({});
  const value = (field: Field): string => own[field] ?? page[field];
  const keep = (field: Field): void => {
    if (own[field] !== undefined && own[field] !== page[field])
      void changePage(page, { [field]: own[field] }, `Wrote the ${field}`);
  };
  const field = (name: Field, label: string, rows?: number, error: string | null = null) => (
    <TextField
      label={label}
      value={value(name)}
      onChange={(text) => setOwn({ ...own, [name]: text })}
      onBlur={() => keep(name)}
      error={error}
      {...(rows === undefined ? {} : { rows })}
    />
  );
  const room = layout
    ? Math.floor((layout.journaling.w / 8128) * PER_INCH) *
      Math.max(1, Math.floor(layout.journaling.h / 8128 / LINE_INCHES))
    : Infinity;
  const over = value('journaling').length - room;
  return (
    <Stack>
      <h2>Words</h2>
      {field('title', 'Title')}
      {field('date', 'Date')}
      {field('place', 'Place')}
      {field(
        'journaling',
        'Journaling',
        3,
        over > 0
          ? `About ${over} letters more than there is room for at a small hand: shorten it, or write on a tag.`
          : null,
      )}
    </Stack>
  );
}
