import { useState } from 'react';
import type { PieceState } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import { countOf, finishPage, outFor, putAway, putOnPage, type Chosen, type Out } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { useIntentions } from './Intentions';
import { Row, Soft } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';

const piecesOf = ({ cut, loose, toCut }: Out): readonly PieceState[] => [
  ...cut,
  ...loose,
  ...toCut.map(({ piece }) => piece),
];

/** What is still out for a page, one a line. */
function StillOut({ out }: { out: Out }) {
  const lots = useBench((b) => b.lots);
  const system = useSettings((s) => s.system);
  return (
    <ul>
      {piecesOf(out).map((piece) => (
        <li key={piece.id}>
          {lots.get(piece.lot)?.name}, {formatSize(piece, system)}
        </li>
      ))}
      {out.amounts.map(({ lot, amounts }) => {
        const own = lots.get(lot);
        return (
          own && (
            <li key={lot}>
              {own.name}: {amountWords(own, amounts, system)}
            </li>
          )
        );
      })}
    </ul>
  );
}

/** The page is done; what is still out for it is asked about first. */
export function DoneButton({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const [isAsking, setAsking] = useState(false);
  const unkept = useIntentions(page).filter(({ isKept }) => !isKept);
  const out = outFor(bench, page.id);
  const usable: Chosen[] = [...[...out.cut, ...out.loose].map(({ id }) => ({ piece: id })), ...out.amounts];
  const all: Chosen[] = [...piecesOf(out).map(({ id }) => ({ piece: id })), ...out.amounts];
  const finish = (): Promise<boolean> => act(finishPage(page.id));
  const after = async (first: Promise<boolean>): Promise<void> => {
    if (await first) await finish();
    setAsking(false);
  };
  return (
    <>
      <Button
        look="main"
        onPress={() => {
          if (countOf(out) > 0 || unkept.length > 0) setAsking(true);
          else void finish();
        }}
      >
        It is done
      </Button>
      <SlipOver
        title={all.length > 0 ? 'Still out for this page' : 'Before it is done'}
        isOpen={isAsking}
        onClose={() => setAsking(false)}
      >
        {() => (
          <>
            {unkept.length > 0 && (
              <p>
                You meant to have on it: <b>{unkept.map(({ intention }) => intention.words).join(' · ')}</b>
              </p>
            )}
            <StillOut out={out} />
            {all.length > 0 && <Soft>One by one you settle it on the bench, at the foot of the window.</Soft>}
            <Row>
              {all.length > 0 && (
                <Button look="main" onPress={() => void after(act(putAway(page.id, all)))}>
                  Put {countWords(all.length, 'thing')} away, and it is done
                </Button>
              )}
              {usable.length > 0 && (
                <Button onPress={() => void after(act(putOnPage(page.id, usable)))}>All of it went on the page</Button>
              )}
              <Button look="quiet" onPress={() => void after(Promise.resolve(true))}>
                {all.length > 0 ? 'Done, and leave it out' : 'It is done all the same'}
              </Button>
            </Row>
          </>
        )}
      </SlipOver>
    </>
  );
}
