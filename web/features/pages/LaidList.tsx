import styled from 'styled-components';
import { formatSize } from '../../../core/length';
import { laidOf, outOrUsed } from '../../../core/placing';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import type { LaidThing } from '../../ui/LaidFigure';
import { LooksDrawing } from '../../ui/LooksDrawing';
import { Soft } from '../../ui/Screen';

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
              <Line type="button" aria-pressed={chosen === placed.id} onClick={() => onChoose(placed.id)}>
                <span>
                  <LooksDrawing looks={looks} scale={16} most={38} />
                </span>
                <span>
                  {looks.name}
                  {looks.isRaised || placed.isOnFoam ? ' ▲' : ''}
                  <br />
                  <span className="measure">{formatSize(looks.size, system)}</span>{' '}
                  {left !== null && <Soft>{left === 0 ? 'the last one' : `${left} left`}</Soft>}
                </span>
              </Line>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

const Line = styled.button`
  display: grid;
  grid-template-columns: 40px 1fr;
  gap: 10px;
  align-items: center;
  width: 100%;
  text-align: left;
  font: inherit;
  font-size: 15px;
  line-height: 1.3;
  color: inherit;
  background: none;
  border: 2px solid transparent;
  padding: 3px 5px;
  cursor: pointer;
  > span:first-child {
    display: grid;
    place-items: center;
  }
  &:hover {
    border-color: ${({ theme }) => theme.line};
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
`;
