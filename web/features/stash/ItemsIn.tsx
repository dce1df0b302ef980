import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { Amounts } from '../../../core/stock/ledger';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { itemsOf, smallThing } from '../../../core/page/placing';
import type { Lot } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { ItemDrawing } from '../../ui/ItemFigure';
import { SlipOver } from '../../ui/SlipOver';
import { ItemFields } from './ItemFields';

/** What was told apart in a pack: each as it looks, with how many are here, to be put right. */
export function ItemsIn({ lot, here }: { lot: Lot; here: Amounts }) {
  const faces = useBench((b) => b.faces);
  const colours = faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? [];
  if (itemsOf(lot).length === 0) return null;
  return (
    <section aria-label="Told apart">
      <h3>Told apart</h3>
      <Items>
        {itemsOf(lot).map((item) => {
          const thing = smallThing(lot, item.id, colours);
          const label = `${thing.name}: ${here[item.id] ?? 0} here. Put right what it is`;
          return (
            <li key={item.id}>
              <DialogTrigger>
                <Button look="quiet" aria-label={label}>
                  <ItemDrawing thing={thing} scale={Math.min(30, 44 / (thing.size.w / TICKS_PER_INCH))} />
                  <span>
                    {thing.name} <b>{here[item.id] ?? 0}</b>
                  </span>
                </Button>
                <SlipOver title={thing.name} isWide>
                  {(close) => <ItemFields lot={lot} item={item} onDone={close} />}
                </SlipOver>
              </DialogTrigger>
            </li>
          );
        })}
      </Items>
    </section>
  );
}

const Items = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  button {
    display: flex;
    align-items: center;
    gap: 6px;
  }
`;
