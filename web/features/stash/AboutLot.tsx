import { changeLot } from '../../../core/acts';
import type { Amounts } from '../../../core/stock/ledger';
import { isKept, type Lot, type LotKind } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { AmendSlip } from '../../parts/AmendSlip';
import { Notes } from '../../parts/Notes';
import { KeptTextField } from '../../ui/KeptTextField';
import { Row } from '../../ui/Screen';
import { SlipButton } from '../../ui/SlipButton';
import { CountAnew } from './CountAnew';
import { CountLetters } from '../../parts/CountLetters';
import { ItemsIn } from './ItemsIn';
import { MadeOf } from './MadeOf';
import { NameItems } from './NameItems';

/** Whether some of it is mixed, or not counted: things, no letters and nothing that is poured. */
const canBeNamed = ({ measure, kind }: Lot, here: Amounts): boolean =>
  (here[''] ?? 0) > 0 &&
  !isKept(kind) &&
  kind !== 'alpha' &&
  (measure === 'count' || (measure === 'share' && !ROLLS.includes(kind)));
const ROLLS: readonly LotKind[] = ['washi', 'ribbon', 'twine'];

/** What is known of a thing: her note, its material, the items in it; all of it can be told otherwise. */
export function AboutLot({ lot, here }: { lot: Lot; here: Amounts }) {
  return (
    <>
      <KeptTextField
        label="Note and theme words"
        value={lot.note}
        onKeep={(note) => {
          void act(changeLot(lot.id, { note: note.trim() }));
        }}
        placeholder="garden, craft words …"
      />
      <Notes table="lots" record={lot} />
      <MadeOf lot={lot} />
      {lot.kind === 'alpha' && lot.measure === 'share' && <CountLetters lot={lot} />}
      <ItemsIn lot={lot} here={here} />
      {canBeNamed(lot, here) && <NameItems key={here['']} lot={lot} mixed={here[''] ?? 0} />}
      <Row>
        <SlipButton label="Change what it is">{(close) => <AmendSlip lot={lot} onClose={close} />}</SlipButton>
      </Row>
      <CountAnew key={JSON.stringify(here)} lot={lot} here={here} />
    </>
  );
}
