import { useMemo, useState } from 'react';
import { formatArea } from '../../../core/ground/length';
import { brandingStripOf, stripOffEvent } from '../../../core/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { labelOf, labelsOfPlaces } from './labels';
import type { Label } from './labelsPdf';
import { PartWith } from './PartWith';
import { bringBack, cutInStash, moveTo, partWith, takeOut, type ChosenThings } from '../../../core/acts';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { heldIn } from '../../../core/ground/heldIn';
import { agreeing } from '../../words/countWords';

export interface ManySlipProps {
  chosen: ChosenThings;
  onAll: () => void;
  onNone: () => void;
}

/** Labels to print: for what is chosen, and for each place. */
function Labels({ chosen, place, isDisabled }: { chosen: ChosenThings; place: string; isDisabled: boolean }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const ofPlaces = useMemo(() => labelsOfPlaces(bench, system), [bench, system]);
  const keepLabels = async (labels: readonly Label[]): Promise<void> =>
    keepFile('labels.pdf', await (await import('./labelsPdf')).labelsPdf(labels, system), 'application/pdf');
  return (
    <Row>
      <Button
        isDisabled={isDisabled}
        onPress={() => void keepLabels([labelOf(place || 'Scraps', chosen, bench, system)])}
      >
        A label for these
      </Button>
      <Button look="quiet" isDisabled={ofPlaces.length === 0} onPress={() => void keepLabels(ofPlaces)}>
        a label for each place
      </Button>
    </Row>
  );
}

/** Cuts the makers' strips off what has one. */
function MakersStrips({ pieces, then }: { pieces: readonly string[]; then: (done: Promise<boolean>) => void }) {
  const kerf = useSettings((s) => s.kerf);
  const { ledger, lots } = useBench((b) => b);
  const striped = pieces.flatMap((id) => {
    const piece = heldIn(ledger.pieces, id);
    const { width, isTold } = brandingStripOf(heldIn(lots, piece.lot));
    return isTold && piece.where === 'here' && piece.from === null && width < piece.h ? [{ piece, width }] : [];
  });
  if (striped.length === 0) return null;
  return (
    <Row>
      <Button
        onPress={() =>
          then(
            act(
              cutInStash(
                'cut-strips',
                striped.map(({ piece, width }) => stripOffEvent(piece, 'foot', width, kerf)),
              ),
            ),
          )
        }
      >
        {agreeing(striped.length, 'Cut the maker’s strip off', `Cut the makers’ strips off ${striped.length} sheets`)}
      </Button>
    </Row>
  );
}

/** What can be done with several things at once. */
export function ManySlip({ chosen, onAll, onNone }: ManySlipProps) {
  const bench = useBench((b) => b);
  const { ledger, pages } = bench;
  const { system, pageInHand } = useSettings();
  const [place, setPlace] = useState('');
  const inHand = pageInHand === null ? undefined : pages.get(pageInHand);
  const count = chosen.pieces.length + chosen.lots.length;
  const area = chosen.pieces.reduce((sum, id) => sum + (ledger.pieces.get(id)?.solid ?? 0), 0);
  const isLent =
    chosen.pieces.some((id) => ledger.pieces.get(id)?.where === 'lent') ||
    chosen.lots.some((id) => Object.keys(ledger.lots.get(id)?.lent ?? {}).length > 0);
  const then = (done: Promise<boolean>): void => {
    void done.then((isDone) => {
      if (isDone) onNone();
    });
  };
  return (
    <Slip aria-label="Several things">
      <Stack $gap={12}>
        <h2>{count === 0 ? 'Choose several things' : agreeing(count, 'One thing chosen', `${count} things chosen`)}</h2>
        {area > 0 && <Soft>{formatArea(area, system)} of paper</Soft>}
        <Row>
          <Button look="quiet" onPress={onAll}>
            choose all that is shown
          </Button>
          <Button look="quiet" isDisabled={count === 0} onPress={onNone}>
            choose none
          </Button>
        </Row>
        <Button
          look="main"
          isDisabled={count === 0 || !inHand}
          onPress={() => inHand && then(act(takeOut(chosen, inHand.id)))}
        >
          {inHand ? `To the bench for ${pageName(inHand)}` : 'To the bench'}
        </Button>
        <Row>
          <TextField label="Kept in" value={place} onChange={setPlace} placeholder="case B, second drawer …" />
          <Button isDisabled={count === 0} onPress={() => then(act(moveTo(chosen, place.trim())))}>
            Put them there
          </Button>
        </Row>
        <Labels chosen={chosen} place={place.trim()} isDisabled={count === 0} />
        <MakersStrips pieces={chosen.pieces} then={then} />
        <PartWith isDisabled={count === 0} onPart={(leaving) => then(act(partWith(chosen, leaving)))} />
        {isLent && (
          <Row>
            <Button onPress={() => then(act(bringBack(chosen)))}>What was lent came back</Button>
          </Row>
        )}
        <Soft>What is out for a page stays there. Undo brings everything back.</Soft>
      </Stack>
    </Slip>
  );
}
