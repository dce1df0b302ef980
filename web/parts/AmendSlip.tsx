import { useState } from 'react';
import styled from 'styled-components';
import { totalOf } from '../../core/stock/ledger';
import { parseSize } from '../../core/ground/length';
import { amendLot, isUntouched, joinLots, partLot } from '../../core/acts';
import { type Bench } from '../../core/stock/bench';
import type { Lot } from '../../core/stock/things';
import { act } from '../data/acts';
import { useSettings } from '../data/settings';
import { useBench } from '../data/benchStore';
import { Button } from '../ui/Button';
import { kitWords } from '../ui/dayWords';
import { Form } from '../ui/Form';
import { Row, Soft } from '../ui/Screen';
import { SlipOver } from '../ui/SlipOver';
import { TextField } from '../ui/TextField';
import { inSmallWindow } from '../ui/theme';
import { ThingFields } from '../ui/ThingFields';
import { Tick } from '../ui/Tick';
import { hexesOf, useThingSaid } from '../ui/useThingSaid';
import { PaperChoice } from '../ui/PaperChoice';

export interface AmendSlipProps {
  lot: Lot;
  onClose: () => void;
}

/** How many of it came, where that can still be told. */
function cameOf(lot: Lot, { ledger }: Bench): number | null {
  if (lot.measure === 'sheets') return [...ledger.pieces.values()].filter((piece) => piece.lot === lot.id).length;
  const here = totalOf(ledger.lots.get(lot.id)?.here ?? {});
  return lot.measure === 'count' ? here : lot.measure === 'share' ? Math.ceil(here / 100) : null;
}

/** What a thing is, put right after it was put away; joined with another that is the same, or parted in two. */
export function AmendSlip({ lot, onClose }: AmendSlipProps) {
  const bench = useBench((b) => b);
  const untouched = isUntouched(bench, lot.id);
  return (
    <SlipOver title={`What ${lot.name} is`} isOpen isWide onClose={onClose}>
      {(close) => (
        <>
          <Fields lot={lot} isCounted={untouched && !lot.isLeftover} onDone={close} />
          {!untouched && (
            <Soft>
              Some of it is cut, out or used already: how many came, and how large, stays. All else can be changed.
            </Soft>
          )}
          {untouched && (
            <>
              <Join lot={lot} onDone={close} />
              {lot.measure !== 'letters' && lot.measure !== 'length' && <Part lot={lot} onDone={close} />}
            </>
          )}
          <Row>
            <Button slot="close" look="quiet">
              Leave it as it is
            </Button>
          </Row>
        </>
      )}
    </SlipOver>
  );
}

function Fields({ lot, isCounted, onDone }: { lot: Lot; isCounted: boolean; onDone: () => void }) {
  const bench = useBench((b) => b);
  const came = isCounted ? cameOf(lot, bench) : null;
  const { kind, name, size, front } = lot;
  const system = useSettings((s) => s.system);
  const state = useThingSaid(
    { count: came, kind, name, size, colours: hexesOf(bench.faces.get(front ?? '')?.colours) },
    system,
  );
  const [upright, setUpright] = useState(lot.upright);
  const [note, setNote] = useState(lot.note);
  const keep = async (): Promise<void> => {
    const said = state.said();
    if (!said) return;
    const { size: sizeSaid, ...some } = said;
    const read = sizeSaid === undefined || sizeSaid === '' ? null : parseSize(sizeSaid);
    const sizes = sizeSaid === undefined ? {} : { size: read?.ok ? read.value : null };
    if (await act(amendLot(lot.id, { ...some, ...sizes, upright, note: note.trim() }))) onDone();
  };
  return (
    <Told onSend={keep} aria-label={`Put ${lot.name} right`}>
      <ThingFields state={state} />
      <TextField label="Note and theme words" value={note} onChange={setNote} />
      {lot.measure === 'sheets' && (
        <Tick isSelected={upright} onChange={setUpright}>
          has one right way up
        </Tick>
      )}
      <Button type="submit" look="main">
        So it is
      </Button>
      {lot.measure === 'sheets' && <Soft>Both faces of a paper: moths / lamplight.</Soft>}
    </Told>
  );
}

/** The same thing twice: what is here of it goes to the other. */
function Join({ lot, onDone }: { lot: Lot; onDone: () => void }) {
  const { lots, kits } = useBench((b) => b);
  const alike = [...lots.values()].filter(
    ({ id, measure, isLeftover = false }) =>
      id !== lot.id && measure === lot.measure && isLeftover === (lot.isLeftover ?? false),
  );
  if (alike.length === 0) return null;
  return (
    <Section role="group" aria-label="The same thing twice">
      <PaperChoice
        label="It is the same as"
        placeholder="another thing …"
        options={alike.map(({ id, name, front, kit: of }) => {
          const kit = kits.get(of);
          return { id, name, face: front, about: kit ? kitWords(kit) : '' };
        })}
        value={null}
        onChange={(into) => {
          void act(joinLots(lot.id, into)).then((isDone) => {
            if (isDone) onDone();
          });
        }}
      />
      <Soft>What is here of it is put with the other; this line goes. Undo brings it back.</Soft>
    </Section>
  );
}

/** One line that is two things. */
function Part({ lot, onDone }: { lot: Lot; onDone: () => void }) {
  const [count, setCount] = useState('1');
  const [name, setName] = useState('');
  const n = /^\d{1,5}$/.test(count.trim()) ? Number(count) : 0;
  return (
    <Section role="group" aria-label="Two things in one line">
      <TextField label="Of it, so many" value={count} onChange={setCount} isMeasure />
      <TextField label="are really" value={name} onChange={setName} placeholder="what they are called" />
      <Button
        isDisabled={n === 0 || name.trim() === ''}
        onPress={() => {
          void act(partLot(lot.id, n, name.trim())).then((isDone) => {
            if (isDone) onDone();
          });
        }}
      >
        Take them apart
      </Button>
    </Section>
  );
}

const Told = styled(Form)`
  display: grid;
  grid-template-columns: 84px 160px minmax(150px, 1.4fr) 90px minmax(130px, 1fr) minmax(130px, 1fr);
  gap: 12px;
  align-items: end;
  width: 100%;
  > button,
  > label {
    grid-column: span 2;
    justify-self: start;
  }
  > span {
    grid-column: span 2;
  }
  ${inSmallWindow} {
    grid-template-columns: 1fr 1fr;
  }
`;
const Section = styled.div`
  display: grid;
  grid-template-columns: 240px 1fr auto;
  gap: 12px;
  align-items: end;
  width: 100%;
  padding-top: 8px;
  border-top: 1px solid ${({ theme }) => theme.line};
`;
