import { Link } from 'react-router';
import type { Layout } from '../../../core/page/design';
import type { Page } from '../../../core/stock/things';
import { Stack } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';
import { formatLength } from '../../../core/ground/length';
import { liesAnotherTitle } from '../../../core/page/titles';
import { titleIn } from '../../../core/page/writing';
import { useLetterHeight } from '../../parts/pageWriting';
import { useSettings } from '../../data/settings';
import { countWords } from '../../words/countWords';
import { WritingPlace } from './WritingPlace';

type Field = 'title' | 'date' | 'place' | 'journaling';

/** Title, date, place and journaling; kept as each field is left. */
export function PageWords({ page, layout }: { page: Page; layout: Layout | null }) {
  const system = useSettings((s) => s.system);
  const letters = useLetterHeight(page.id);
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
  const tooWide = (text: string): string | null => {
    if (!layout || text.trim() === '') return null;
    const { height, lines, fits } = titleIn(text, layout.title, letters);
    return fits
      ? null
      : `In letters ${formatLength(height, system)} high it takes ${countWords(lines.length, 'line')} and goes beyond its place.`;
  };
  return (
    <Stack>
      <h2>Words</h2>
      {field('title', 'Title', undefined, tooWide)}
      {liesAnotherTitle(page) && (
        <p role="status">
          The letters on the page are those of another title: <Link to={`/titles/${page.id}`}>lay these</Link>.
        </p>
      )}
      {field('date', 'Date')}
      {field('place', 'Place')}
      {field('journaling', 'Journaling', 3)}
      {layout && <WritingPlace page={page} layout={layout} />}
    </Stack>
  );
}
