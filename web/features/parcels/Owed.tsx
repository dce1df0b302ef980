import { arrive } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { kitWords } from '../../ui/dayWords';
import { Row, Slip, Soft } from '../../ui/Screen';

/** What clubs still owe, of every kit, in the order of its month and list. */
export function Owed() {
  const { lots, ledger, kits } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const owed = [...lots.values()]
    .flatMap((lot) => {
      const amounts = ledger.lots.get(lot.id)?.owed ?? {};
      return Object.keys(amounts).length > 0 ? [{ lot, amounts }] : [];
    })
    .sort(
      (a, b) =>
        (kits.get(a.lot.kit)?.month ?? '').localeCompare(kits.get(b.lot.kit)?.month ?? '') ||
        a.lot.line - b.lot.line ||
        a.lot.name.localeCompare(b.lot.name),
    );
  const kitName = (id: string): string => {
    const kit = kits.get(id);
    return kit ? kitWords(kit) : '';
  };
  return (
    <Slip aria-label="Owed">
      <h2>Owed</h2>
      {owed.length === 0 && <Soft>Nothing is owed.</Soft>}
      {owed.map(({ lot, amounts }) => (
        <Row key={lot.id}>
          <span>
            <strong>
              {amountWords(lot, amounts, system)} {lot.name}
            </strong>
            <br />
            <Soft>{kitName(lot.kit)}</Soft>
          </span>
          <Button look="quiet" aria-label={`It has come: ${lot.name}`} onPress={() => void act(arrive(lot.id))}>
            It has come
          </Button>
        </Row>
      ))}
    </Slip>
  );
}
