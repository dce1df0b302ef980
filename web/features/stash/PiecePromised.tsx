import { Link } from 'react-router';
import type { promisedOf } from '../../../core/page/cutlist';
import { formatSize } from '../../../core/ground/length';
import { releasePage } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';

/** What of a piece is promised to which pages, and giving it back. */
export function PiecePromised({ promised }: { promised: ReturnType<typeof promisedOf> }) {
  const pages = useBench((b) => b.pages);
  const system = useSettings((s) => s.system);
  const nameOf = (id: string): string => {
    const page = pages.get(id);
    return page ? pageName(page) : 'a page since dropped';
  };
  if (promised.length === 0) return null;
  return (
    <div>
      <h3>Promised</h3>
      <ul>
        {promised.map(({ page: id, w, h, count }) => (
          <li key={`${id} ${w} ${h}`}>
            <span className="measure">
              {count} × {formatSize({ w, h }, system)}
            </span>{' '}
            <Link to={`/pages/${id}`}>{nameOf(id)}</Link>
          </li>
        ))}
      </ul>
      {[...new Set(promised.map(({ page }) => page))].map(
        (id) =>
          pages.has(id) && (
            <Button
              key={id}
              look="quiet"
              aria-label={`Give back what ${nameOf(id)} was promised`}
              onPress={() => void act(releasePage(id))}
            >
              Give its papers back
            </Button>
          ),
      )}
    </div>
  );
}
