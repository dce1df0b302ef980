import { useMemo, useState, type KeyboardEvent } from 'react';
import { Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import { addAmounts, type Amounts } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { isKeyOf } from '../../ui/keyTable';
import { Paper, paperOf } from '../../ui/Paper';
import { Row, Soft } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { AmountField } from '../../ui/AmountField';
import { useStockTaking } from './stockTakeStore';
import { thingsToCount, type ToCount } from './thingsToCount';
import { putRight } from '../../../core/acts';
import { act } from '../../data/acts';
import { countWords } from '../../words/countWords';

/** Walks through a place and confirms or corrects what is there; the differences are put right in one act. */
export function StockTake({ onClose }: { onClose: () => void }) {
  return (
    <SlipOver title="Take stock" isWide isOpen onClose={onClose}>
      {(close) => <Counting close={close} />}
    </SlipOver>
  );
}

const NO_PLACE = '(no place)';

/** What was looked at in a place, what of it differs, and putting that right. */
function useCounting(close: () => void) {
  const bench = useBench((b) => b);
  const places = useMemo(
    () => [...new Set([...bench.ledger.lots.values()].map(({ place }) => place))].sort(),
    [bench.ledger],
  );
  const { place: begun, seen, begin, see, end } = useStockTaking();
  const place = begun ?? places.find((one) => one !== '') ?? '';
  const [reason, setReason] = useState('');
  const things = useMemo(() => thingsToCount(bench, place), [bench, place]);
  const pieces = things.flatMap(({ id, piece }) => (piece ? [{ id, where: piece.where }] : []));
  const missed = pieces.filter(({ id, where }) => seen[id] === false && where === 'here').map(({ id }) => id);
  const found = pieces.filter(({ id, where }) => seen[id] === true && where === 'missed').map(({ id }) => id);
  const lots = Object.fromEntries(things.flatMap(({ id }) => (typeof seen[id] === 'object' ? [[id, seen[id]]] : [])));
  const differing =
    missed.length + found.length + Object.values(lots).filter((change) => Object.keys(change).length > 0).length;
  const looked = things.filter(({ id }) => seen[id] !== undefined).length;
  const finish = async (): Promise<void> => {
    if (
      await act(putRight({ missed, found, lots }, reason.trim() || `stock take${place === '' ? '' : `, ${place}`}`))
    ) {
      end();
      close();
    }
  };
  const restAsThought = (): void => {
    const rest = things.filter(({ id }) => seen[id] === undefined);
    see(Object.fromEntries(rest.map(({ id, piece }) => [id, piece ? piece.where === 'here' : {}])));
  };
  return {
    places,
    place,
    things,
    seen,
    begun,
    begin,
    see,
    reason,
    setReason,
    looked,
    differing,
    finish,
    restAsThought,
  };
}

/** The place that is counted, and how much of it was looked at. */
function WhereAndHowFar({ taking }: { taking: ReturnType<typeof useCounting> }) {
  const { places, place, things, begin, looked, differing, restAsThought } = taking;
  return (
    <Head>
      <Choice
        label="Where"
        options={places.map((one): [string, string] => [
          one === '' ? NO_PLACE : one,
          one === '' ? 'what has no place' : one,
        ])}
        value={place === '' ? NO_PLACE : place}
        onChange={(to) => begin(to === NO_PLACE ? '' : to)}
      />
      <Soft role="status">
        {looked} of {things.length} looked at
        {differing > 0 && ` · ${countWords(differing, 'differs', 'differ')}`}
      </Soft>
      <Button look="quiet" onPress={restAsThought}>
        the rest is as it is thought
      </Button>
    </Head>
  );
}

function Counting({ close }: { close: () => void }) {
  const taking = useCounting(close);
  const { place, things, seen, begun, begin, see, reason, setReason, differing, finish } = taking;
  return (
    <>
      <WhereAndHowFar taking={taking} />
      <Soft>Space: it is there, as many as thought · 0: it is not · arrows: on</Soft>
      <Lines aria-label="What should be there">
        {things.map((thing) => (
          <Line
            key={thing.id}
            thing={thing}
            seen={seen[thing.id]}
            onSee={(what) => {
              if (begun === null) begin(place);
              see({ [thing.id]: what });
            }}
          />
        ))}
      </Lines>
      {things.length === 0 && <Soft>Nothing is kept there. Put things in a place with “Several at once”.</Soft>}
      <Foot>
        <TextField
          label="Why, if known"
          value={reason}
          onChange={setReason}
          placeholder="lost, given and not noted …"
        />
        <Button look="main" isDisabled={differing === 0} onPress={() => void finish()}>
          {differing === 0 ? 'Nothing differs' : `Put ${differing} right`}
        </Button>
        <Button slot="close" look="quiet">
          Close
        </Button>
      </Foot>
    </>
  );
}

/** Space and 0 say what is there, arrows go on. */
function pressOn(event: KeyboardEvent<HTMLLIElement>, { piece, here }: ToCount, onSee: LineProps['onSee']): void {
  if ((event.target as HTMLElement).closest('input:not([type="checkbox"]),button')) return;
  const [isThere, isGone] = [isKeyOf('count-there', event.key), isKeyOf('count-gone', event.key)];
  // Of a key that is held only the arrows go on: the lines below were not looked at.
  if (event.repeat && (isThere || isGone)) {
    event.preventDefault();
    return;
  }
  if (isThere) onSee(piece ? true : {});
  else if (isGone) onSee(piece ? false : addAmounts({}, here, -1));
  else if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
  event.preventDefault();
  event.stopPropagation();
  const all = [
    ...(event.currentTarget.parentElement?.querySelectorAll<HTMLElement>('li input[type="checkbox"]') ?? []),
  ];
  all[
    all.indexOf(event.currentTarget.querySelector('input[type="checkbox"]')!) + (event.key === 'ArrowUp' ? -1 : 1)
  ]?.focus();
}

interface LineProps {
  thing: ToCount;
  seen: boolean | Amounts | undefined;
  onSee: (what: boolean | Amounts) => void;
}

/** Whether something is there. */
function IsThere({
  words,
  isThere,
  seen,
  onChange,
}: {
  words: string;
  isThere: boolean;
  seen: LineProps['seen'];
  onChange: (to: boolean) => void;
}) {
  return (
    <Tick
      isSelected={isThere}
      isIndeterminate={seen === undefined}
      onChange={onChange}
      aria-label={`${words} is there`}
    >
      <i aria-hidden>{seen === undefined ? '' : isThere ? '✓' : '✗'}</i>
      {seen === undefined ? 'not looked at' : isThere ? 'there' : 'not there'}
    </Tick>
  );
}

function Line({ thing, seen, onSee }: LineProps) {
  const { lot, piece, here } = thing;
  const system = useSettings((s) => s.system);
  const colours = useBench((b) => b.faces.get(lot.front ?? '')?.colours) ?? [];
  const isThere = piece ? seen === true : typeof seen === 'object' && Object.keys(addAmounts(here, seen)).length > 0;
  const words = piece ? `${lot.name}, ${formatSize(piece, system)}` : lot.name;
  return (
    <ToLookAt
      onKeyDownCapture={(event) => pressOn(event, thing, onSee)}
      data-differs={
        (piece
          ? seen !== undefined && seen !== (piece.where === 'here')
          : typeof seen === 'object' && Object.keys(seen).length > 0) || undefined
      }
    >
      <span>
        {piece ? (
          <Paper {...paperOf(piece)} face={lot.front} scale={4.5} />
        ) : (
          <ThingDrawing lot={lot} colours={colours.map(({ hex }) => hex)} amounts={here} scale={4} />
        )}
      </span>
      <span>
        <strong>{lot.name}</strong>{' '}
        {piece ? <span className="measure">{formatSize(piece, system)}</span> : amountWords(lot, here, system)}
        {piece?.where === 'missed' && <Soft> not found last time</Soft>}
      </span>
      <IsThere
        words={words}
        isThere={isThere}
        seen={seen}
        onChange={(to) => onSee(piece ? to : to ? {} : addAmounts({}, here, -1))}
      />
      {piece === null && (
        <AmountField
          label={`Really there of ${lot.name}`}
          lot={lot}
          value={typeof seen === 'object' ? addAmounts(here, seen) : here}
          system={system}
          onChange={(amounts) => {
            if (amounts) onSee(addAmounts(amounts, here, -1));
          }}
        />
      )}
    </ToLookAt>
  );
}

const Head = styled(Row).attrs({ $gap: 18 })`
  width: 100%;
  align-items: flex-end;
  > :first-child {
    min-width: 220px;
  }
  > button {
    margin-left: auto;
  }
`;
const Foot = styled(Row).attrs({ $gap: 14 })`
  width: 100%;
  align-items: flex-end;
  > :first-child {
    flex: 1;
  }
`;
const Lines = styled.ul`
  width: 100%;
  max-height: 46vh;
  overflow: auto;
`;
const ToLookAt = styled.li`
  display: grid;
  grid-template-columns: 130px 1fr 150px 190px;
  gap: 14px;
  align-items: center;
  min-height: 56px;
  padding: 4px 6px;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  &[data-differs] {
    background: ${({ theme }) => theme.marigoldWash};
  }
  &:focus-within {
    box-shadow: inset 0 0 0 2px ${({ theme }) => theme.beet};
  }
  > :first-child {
    max-height: 58px;
    overflow: hidden;
  }
  label {
    font-size: 13px;
  }
`;
const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 8px;
  cursor: pointer;
  min-height: 40px;
  font-size: 15px;
  i {
    width: 24px;
    height: 24px;
    border: 2px solid ${({ theme }) => theme.soft};
    border-radius: 4px;
    display: grid;
    place-items: center;
    font-style: normal;
    font-weight: 700;
    background: ${({ theme }) => theme.sheet};
    flex: none;
  }
  &[data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
