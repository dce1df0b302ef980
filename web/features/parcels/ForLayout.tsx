import { changeLot } from '../../../core/acts';
import type { Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { Choice } from '../../ui/Choice';

const ANY = 'any';
const LAYOUTS = [1, 2, 3, 4, 5].map((nth) => [String(nth), `layout ${nth}`] as const);

/** Which of its kit's layouts a thing is marked for. */
export const ForLayout = ({ lot }: { lot: Lot }) => (
  <Choice
    label="for"
    options={[[ANY, 'any page'], ...LAYOUTS]}
    value={lot.forLayout === undefined ? ANY : String(lot.forLayout)}
    onChange={(to) =>
      void act(changeLot(lot.id, { forLayout: to === ANY ? undefined : Number(to) }), { isQuiet: true })
    }
  />
);
