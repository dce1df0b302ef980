import { useState } from 'react';
import type { Amounts } from '../../core/stock/ledger';
import { lettersBut, lettersInRows, readLetters } from '../../core/stock/listing';
import { countLetters } from '../../core/acts';
import type { Lot } from '../../core/stock/things';
import { act } from '../data/acts';
import { useSettings } from '../data/settings';
import { useUnsent } from '../data/unsent';
import { amountWords } from '../ui/amountWords';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Row, Soft } from '../ui/Screen';
import { TextField } from '../ui/TextField';

type Way = 'gone' | 'sets' | 'rows';
const WAYS: readonly (readonly [Way, string])[] = [
  ['gone', 'only those that are gone'],
  ['sets', 'by sets'],
  ['rows', 'row by row, as they stand'],
];

const HELP: Record<Way, string> = {
  gone: 'EEOT: two E, an O and a T are gone',
  sets: '2 sets A to Z plus vowels',
  rows: 'AAABBCC …',
};

/** What the letters come to; null: it cannot be read. */
function lettersSaid(way: Way, text: string, sets: string, isLower: boolean): Amounts | null {
  const n = /^\d{1,3}$/.test(sets.trim()) ? Number(sets) : 0;
  if (way === 'gone') return n === 0 ? null : lettersBut(n, text, isLower);
  return way === 'sets' ? readLetters(text.trim()) : lettersInRows(text);
}

/** The letters of a sheet that was taken in uncounted, counted in whichever way is least work. */
export function CountLetters({ lot }: { lot: Lot }) {
  const system = useSettings((s) => s.system);
  const [isOpen, setOpen] = useState(false);
  const [way, setWay] = useState<Way>('gone');
  const [text, setText] = useUnsent(`letters of ${lot.id} ${way}`);
  const [sets, setSets] = useState('1');
  const [height, setHeight] = useState<'upper' | 'lower'>('upper');
  if (!isOpen)
    return (
      <Row>
        <Soft>A to Z, not counted.</Soft>
        <Button onPress={() => setOpen(true)}>Count its letters</Button>
      </Row>
    );
  const letters = lettersSaid(way, text, sets, height === 'lower');
  const isSome = letters !== null && Object.keys(letters).length > 0;
  const count = async (): Promise<void> => {
    if (!letters || !(await act(countLetters(lot.id, letters)))) return;
    setText('');
    setOpen(false);
  };
  const words = isSome ? amountWords({ kind: 'alpha', measure: 'letters' }, letters, system) : '';
  return (
    <>
      <Choice<Way> label="Count them" options={WAYS} value={way} onChange={setWay} />
      {way === 'gone' && (
        <Row style={{ flexWrap: 'nowrap', alignItems: 'flex-end' }}>
          <TextField label="Of each there were" value={sets} onChange={setSets} isMeasure />
          <Choice
            label="They are"
            options={[
              ['upper', 'A to Z'],
              ['lower', 'a to z'],
            ]}
            value={height}
            onChange={setHeight}
          />
        </Row>
      )}
      <TextField
        label={way === 'gone' ? 'Gone' : 'There are'}
        value={text}
        onChange={setText}
        placeholder={HELP[way]}
        {...(way === 'rows' ? { rows: 4 } : {})}
        error={letters === null && text !== '' ? 'That cannot be read as letters.' : null}
      />
      {isSome && <Soft>{words}</Soft>}
      <Row>
        <Button isDisabled={!isSome} onPress={() => void count()}>
          So many there are
        </Button>
        <Button look="quiet" onPress={() => setOpen(false)}>
          Leave it
        </Button>
      </Row>
    </>
  );
}
