import { useMemo } from 'react';
import { Link } from 'react-router';
import { companionsOf } from '../../../core/kit/album';
import { formatSize } from '../../../core/ground/length';
import type { Album } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { agreeing, countWords } from '../../words/countWords';
import { Stack } from '../../ui/Screen';

/** So many pieces are told of a paper. */
const TOLD = 3;

/** Stories of which more is to come, and what is left of their papers: to be kept back for pages beside these. */
export function KeptBack({ album }: { album: Album }) {
  const { pages, photos, stories, lots, ledger } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const all = useMemo(
    () => companionsOf(album, { pages, photos, stories, lots, ledger }),
    [album, pages, photos, stories, lots, ledger],
  );
  if (all.length === 0) return null;
  return (
    <section aria-label="Keep back for companions">
      <h2>Keep back for companions</h2>
      <Stack as="ul" $gap={8}>
        {all.map(({ story, waiting, page, papers }) => (
          <li key={story.id}>
            {countWords(waiting, 'photo')} of <strong>{story.name}</strong> wait{agreeing(waiting, 's', '')}. Beside{' '}
            {pageName(page)} they want its papers:{' '}
            {papers.map(({ lot, pieces }, i) => (
              <span key={lot.id}>
                {i > 0 && '; '}
                <Link to={`/stash/${pieces[0]?.id ?? lot.id}`}>{lot.name}</Link>,{' '}
                {pieces
                  .slice(0, TOLD)
                  .map((piece) => formatSize(piece, system))
                  .join(', ')}
                {pieces.length > TOLD && ` and ${pieces.length - TOLD} more`}
              </span>
            ))}
            .
          </li>
        ))}
      </Stack>
    </section>
  );
}
