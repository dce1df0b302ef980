import { useMemo } from 'react';
import { Link } from 'react-router';
import { kitOfPart } from '../../../core/kit/closing';
import { historyOfLot } from '../../../core/stock/ledger';
import { isKept, type Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { MakeRound } from '../../parts/MakeRound';
import { amountWords } from '../../ui/amountWords';
import { kitWords } from '../../ui/dayWords';
import { lotWords } from '../../ui/lotWords';
import { Slip, Soft, Stack } from '../../ui/Screen';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { AboutLot } from './AboutLot';
import { HowMuch } from './HowMuch';
import { LotGoes } from './LotGoes';
import { useAmountWanted } from './useAmountWanted';
import { TakeToBench } from './TakeToBench';
import { Trail } from './Trail';
import { takeSomeOut } from '../../../core/acts';

/** What it is called and is, and in which kits it lies. */
function Headline({ lot }: { lot: Lot }) {
  const { ledger, kits } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const kit = kits.get(lot.kit);
  const parts = Object.keys(ledger.lots.get(lot.id)?.here ?? {});
  const ownKits = [...new Set(parts.map((part) => kitOfPart(lot, part, ledger)))].filter((id) => id !== lot.kit);
  return (
    <div>
      <h2>{lot.name}</h2>
      <Soft>
        {lotWords(lot, system)}
        <br />
        {[kit ? kitWords(kit) : '', ...ownKits.map((id) => `in ${kits.get(id)?.name ?? ''}`)]
          .filter(Boolean)
          .join(' · ')}
      </Soft>
    </div>
  );
}

/** The slip of a counted or measured thing: how much there is, where the rest went, and taking some to the bench. */
export function LotSlip({ lot }: { lot: Lot }) {
  const { ledger, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const state = ledger.lots.get(lot.id);
  const here = state?.here ?? {};
  const history = useMemo(() => historyOfLot(ledger, lot.id), [ledger, lot.id]);
  const amount = useAmountWanted(lot, here, system);
  const isShare = lot.measure === 'share';
  const left = `${amountWords(lot, here, system)} ${isShare ? 'left' : 'here'}`;
  return (
    <Slip aria-label={`${lot.name}, its slip`}>
      <Stack $gap={12}>
        <Headline lot={lot} />
        <ThingDrawing
          lot={lot}
          colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
          amounts={here}
          scale={8}
        />
        <p>
          <strong>{amountWords(lot, here, system)}</strong> {isShare ? 'left' : 'here'}
        </p>
        <HowMuch lot={lot} here={here} amount={amount} />
        <TakeToBench
          isDisabled={amount.isShort}
          onTake={(page) => void act(takeSomeOut(lot.id, amount.wanted, page))}
        />
        {!isKept(lot.kind) && (
          <MakeRound of={`lot=${lot.id}${lot.measure === 'count' ? `&part=${encodeURIComponent(amount.part)}` : ''}`} />
        )}
        {Object.keys(state?.used ?? {}).length > 0 && <Link to={`/pages?lot=${lot.id}`}>The pages that it is on</Link>}
        {isKept(lot.kind) && <Soft>It goes back when the page is glued; nothing of it is used up by itself.</Soft>}
        <LotGoes lot={lot} here={here} amount={amount} />
        <AboutLot lot={lot} here={here} />
        <h3>Where it has been</h3>
        <Trail
          events={history}
          amount={(amounts) => (isShare ? '' : amountWords(lot, amounts, system))}
          now={state?.place ? `${left}, kept in ${state.place}` : left}
        />
      </Stack>
    </Slip>
  );
}
