import type { Amounts } from '../../../core/stock/ledger';
import { bringBack, partWithSome } from '../../../core/acts';
import type { Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { PartWith } from './PartWith';
import type { AmountWanted } from './useAmountWanted';

/** Some of a thing leaves the stash, or comes back to it. */
export function LotGoes({ lot, here, amount }: { lot: Lot; here: Amounts; amount: AmountWanted }) {
  const system = useSettings((s) => s.system);
  const lent = useBench((b) => b.ledger.lots.get(lot.id)?.lent) ?? {};
  const { wanted, isShort, there } = amount;
  const isShare = lot.measure === 'share';
  return (
    <>
      <div>
        <PartWith
          isDisabled={isShare ? there === 0 : isShort}
          onPart={(leaving) => void act(partWithSome(lot.id, isShare ? here : wanted, leaving))}
        />
        {!isShort && !isShare && <Soft>… {amountWords(lot, wanted, system)} of it</Soft>}
      </div>
      {Object.keys(lent).length > 0 && (
        <Row>
          <Soft>{amountWords(lot, lent, system)} lent out</Soft>
          <Button
            look="quiet"
            onPress={() => {
              void act(bringBack({ pieces: [], lots: [lot.id] }));
            }}
          >
            It came back
          </Button>
        </Row>
      )}
    </>
  );
}
