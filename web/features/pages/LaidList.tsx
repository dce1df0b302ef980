import { formatSize } from '../../../core/ground/length';
import { laidOf, outOrUsed } from '../../../core/page/placing';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import type { LaidThing } from '../../ui/LaidFigure';
import { LooksDrawing } from '../../ui/LooksDrawing';
import { Soft } from '../../ui/Screen';
import { ListLine } from './ListLine';

export interface LaidListProps {
  page: Page;
  laid: readonly LaidThing[];
  chosen: string | null;
  onChoose: (id: string) => void;
}

/** How much more of it there is for the page: out and not laid yet, and in the stash. */
function useLeft(page: Page): (one: LaidThing) => number | null {
  const { ledger } = useBench((b) => b);
  return ({ placed: { what } }) => {
    if (!('part' in what)) return null;
    const here = ledger.lots.get(what.lot)?.here[what.part] ?? 0;
    return here + (outOrUsed(ledger, what.lot, page.id)[what.part] ?? 0) - (laidOf(page, what.lot)[what.part] ?? 0);
  };
}

/** What lies on the page above its papers, the top first. */
export function LaidList({ page, laid, chosen, onChoose }: LaidListProps) {
  const system = useSettings((s) => s.system);
  const leftOf = useLeft(page);
  if (laid.length === 0) return null;
  return (
    <section aria-label="What lies on it">
      <h2>What lies on it</h2>
      <Soft>top first · ▲ raised</Soft>
      <ol>
        {laid.toReversed().map((one) => {
          const { placed, looks } = one;
          const left = leftOf(one);
          return (
            <li key={placed.id}>
              <ListLine type="button" aria-pressed={chosen === placed.id} onClick={() => onChoose(placed.id)}>
                <span>
                  <LooksDrawing looks={looks} scale={16} most={38} />
                </span>
                <span>
                  {looks.name}
                  {looks.isRaised || placed.isOnFoam ? ' ▲' : ''}
                  <br />
                  <span className="measure">{formatSize(looks.size, system)}</span>{' '}
                  {left !== null && <Soft>{left === 0 ? 'none left' : `${left} left`}</Soft>}
                </span>
              </ListLine>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
