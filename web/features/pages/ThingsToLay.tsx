import { useMemo, useState } from 'react';
import styled from 'styled-components';
import type { Layout } from '../../../core/page/design';
import { formatLength, inches, type MeasureSystem } from '../../../core/ground/length';
import { layOn, stampsOf, thingsToLay, type ToLay } from '../../../core/acts';
import { freePlace } from '../../../core/page/placing';
import type { Page, PlacedWhat } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { dragThing } from '../../ui/draggedThing';
import { LooksDrawing } from '../../ui/LooksDrawing';
import { Row, Soft } from '../../ui/Screen';

/** As a line is begun. */
const LINE = { length: inches(3), colour: '#2b1d33' };

const leftWords = ({ what, left }: ToLay, system: MeasureSystem): string =>
  'piece' in what ? 'out' : 'length' in what ? formatLength(left, system) : `${left} left`;

/** What can be laid on the page, drawn: what is out, what its kits have, and on asking all of the stash. */
export function ThingsToLay({ page, layout }: { page: Page; layout: Layout }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const [isAll, setAll] = useState(false);
  const { out, inKits, elsewhere } = useMemo(() => thingsToLay(page, bench), [page, bench]);
  const lay = (what: PlacedWhat): void => {
    void act(layOn(page.id, [{ what, ...freePlace(layout.accents, page.placed ?? []), turn: 0 }]), { isQuiet: true });
  };
  const list = (label: string, things: readonly ToLay[]) =>
    things.length > 0 && (
      <section aria-label={label}>
        <h3>{label}</h3>
        <Grid>
          {things.map((one) => (
            <li key={one.key}>
              <Pick
                type="button"
                draggable
                onDragStart={(event) => dragThing(event, one.what)}
                onClick={() => lay(one.what)}
                aria-label={`Lay ${one.looks.name} on the page`}
              >
                <span>
                  <LooksDrawing looks={one.looks} scale={26} most={58} />
                </span>
                <b>{one.looks.name}</b>
                <small className="measure">{leftWords(one, system)}</small>
              </Pick>
            </li>
          ))}
        </Grid>
      </section>
    );
  return (
    <section aria-label="To lay on it">
      <h2>To lay on it</h2>
      {out.length + inKits.length === 0 && <Soft>Nothing small is out, and its kits have none.</Soft>}
      {list('out on the bench', out)}
      {list('in its kits', inKits)}
      {isAll && list('elsewhere in the stash', elsewhere)}
      {elsewhere.length > 0 && (
        <Button look="quiet" onPress={() => setAll(!isAll)}>
          {isAll ? 'less of the stash' : 'all of the stash'}
        </Button>
      )}
      <OnPageItself onLay={lay} />
    </section>
  );
}

/** What is drawn, sewn or stamped on the page itself. */
function OnPageItself({ onLay }: { onLay: (what: PlacedWhat) => void }) {
  const { lots, ledger } = useBench((b) => b);
  const stamps = useMemo(() => stampsOf({ lots, ledger }), [lots, ledger]);
  return (
    <>
      <h3>on the page itself</h3>
      <Row>
        <Button look="quiet" onPress={() => onLay({ ...LINE, drawn: 'pen' })}>
          a pen line
        </Button>
        <Button look="quiet" onPress={() => onLay({ ...LINE, drawn: 'stitch' })}>
          a stitched line
        </Button>
        {stamps.map((stamp) => (
          <Button key={stamp.name} look="quiet" onPress={() => onLay(stamp)}>
            stamp: {stamp.name}
          </Button>
        ))}
      </Row>
    </>
  );
}

const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  gap: 6px;
  padding: 4px 0 8px;
`;
const Pick = styled.button`
  width: 100%;
  height: 100%;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 2px;
  font: inherit;
  font-size: 13px;
  line-height: 1.2;
  color: inherit;
  background: none;
  border: 2px solid transparent;
  border-radius: 3px;
  padding: 4px 2px;
  cursor: pointer;
  > span {
    height: 60px;
    display: grid;
    place-items: center;
  }
  b {
    font-weight: 500;
    overflow-wrap: anywhere;
  }
  small {
    color: ${({ theme }) => theme.soft};
    font-size: 12px;
  }
  &:hover {
    border-color: ${({ theme }) => theme.line};
    background: ${({ theme }) => theme.paper};
  }
`;
