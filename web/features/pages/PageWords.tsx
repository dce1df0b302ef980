import type { Layout } from '../../../core/design';
import type { Page } from '../../../core/things';
import { Stack } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { changePage } from '../../../core/making';
import { act } from '../../data/acts';

type Field = 'title' | 'date' | 'place' | 'journaling';

/** Characters to an inch of small handwriting: about 12. Common practice, no source. */
const PER_INCH = 12;
const LINE_INCHES = 0.25;

/** Title, date, place and journaling; kept as each field is left. */
export function PageWords({ page, layout }: { page: Page; layout: Layout | null }) {
  const field = (name: Field, label: string, rows?: number, errorOf?: (text: string) => string | null) => (
    <KeptTextField
      label={label}
      value={page[name]}
      onKeep={(text) => {
        void act(changePage(page.id, { [name]: text }, `Wrote the ${name}`), { isQuiet: true });
      }}
      {...(errorOf ? { errorOf } : {})}
      {...(rows === undefined ? {} : { rows })}
    />
  );
  const room = layout
    ? Math.floor((layout.journaling.w / 8128) * PER_INCH) *
      Math.max(1, Math.floor(layout.journaling.h / 8128 / LINE_INCHES))
    : Infinity;
  const tooLong = (text: string): string | null =>
    text.length > room
      ? `About ${text.length - room} letters more than there is room for at a small hand: shorten it, or write on a tag.`
      : null;
  return (
    <Stack>
      <h2>Words</h2>
      {field('title', 'Title')}
      {field('date', 'Date')}
      {field('place', 'Place')}
      {field('journaling', 'Journaling', 3, tooLong)}
    </Stack>
  );
}
