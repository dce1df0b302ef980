import { useMemo } from 'react';
import { pagesOf, promisedOf } from '../../../core/page/cutlist';
import { heldIn } from '../../../core/ground/heldIn';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import { putAway, takeOut as takeOutOfStash } from '../../../core/acts';
import type { Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { MakeRound } from '../../parts/MakeRound';
import { Button } from '../../ui/Button';
import { kitWords } from '../../ui/dayWords';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { MadeOf } from './MadeOf';
import { PieceCuts } from './PieceCuts';
import { PieceFaces } from './PieceFaces';
import { PieceGoes } from './PieceGoes';
import { PieceHistory } from './PieceHistory';
import { PiecePromised } from './PiecePromised';
import { TakeToBench } from './TakeToBench';

/** Which kit of her own it lies in. */
const inOwnKit = (kit: string | undefined, kits: ReadonlyMap<string, Kit>): string =>
  kit === undefined ? '' : `in ${kits.get(kit)?.name ?? 'a kit of your own'}`;

/** Takes it out for the page in hand. */
function TakeOut({ piece }: { piece: PieceState }) {
  const pageInHand = useSettings((s) => s.pageInHand);
  const hasPage = useBench((b) => b.pages.has(pageInHand ?? ''));
  const takeOut = (page: string): void => void act(takeOutOfStash({ pieces: [piece.id], lots: [] }, page));
  useKeys({
    'take-out': () => {
      if (pageInHand !== null && hasPage && piece.where === 'here') takeOut(pageInHand);
    },
  });
  return piece.where === 'here' ? <TakeToBench hint="B" onTake={takeOut} /> : null;
}

/** It lies on the bench for a page. */
function OnTheBench({ piece }: { piece: PieceState }) {
  const { plans, pages } = useBench((b) => b);
  if (piece.page === null) return null;
  // A paper that is cut for several pages is out for their plan; the first of them tells it.
  const owner = pagesOf(plans.get(piece.page) ?? { sheets: [] })[0] ?? piece.page;
  const page = pages.get(owner);
  return (
    <Row>
      <Soft>On the bench for {page ? pageName(page) : 'a page since dropped'}.</Soft>
      <Button onPress={() => void act(putAway(owner, [{ piece: piece.id }]))}>Put away</Button>
    </Row>
  );
}

/** The slip of a piece: both faces, where it has been since the parcel, and what can be done with it. */
export function PieceSlip({ piece }: { piece: PieceState }) {
  const { ledger, lots, kits, plans } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const lot = heldIn(lots, piece.lot);
  const kit = kits.get(lot.kit);
  const promised = useMemo(() => promisedOf(piece.id, plans, ledger), [piece.id, plans, ledger]);
  const isOut = piece.where === 'claimed' && promised.length === 0;
  const about = [
    piece.name === undefined ? '' : `cut out of ${lot.name}`,
    kit ? kitWords(kit) : '',
    inOwnKit(piece.kit, kits),
  ];
  return (
    <Slip aria-label={`${piece.name ?? lot.name}, its slip`}>
      <Stack $gap={12}>
        <div>
          <h2>{piece.name ?? lot.name}</h2>
          <p className="measure">{formatSize(piece, system)}</p>
          <Soft>{about.filter(Boolean).join(' · ')}</Soft>
        </div>
        <PieceFaces piece={piece} lot={lot} />
        {piece.where === 'here' && <MakeRound of={`piece=${piece.id}`} />}
        <TakeOut piece={piece} />
        <PieceCuts piece={piece} lot={lot} isOut={isOut} />
        <MadeOf lot={lot} />
        <PiecePromised promised={promised} />
        {isOut && <OnTheBench piece={piece} />}
        <PieceHistory piece={piece} />
        <PieceGoes piece={piece} />
      </Stack>
    </Slip>
  );
}
