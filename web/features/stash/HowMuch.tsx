import type { Amounts } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { TextField } from '../../ui/TextField';
import type { AmountWanted, Share } from './useAmountWanted';

const partName = ({ items = [] }: Lot, part: string): string =>
  part === '' ? 'not named' : (items.find(({ id }) => id === part)?.name ?? part);

const SHARES: readonly (readonly [Share, string])[] = [
  ['little', 'a little'],
  ['quarter', 'a quarter'],
  ['half', 'half'],
  ['all', 'all there is'],
];

/** How much of a thing: letters, a count, a length or a share, as it is kept. */
export function HowMuch({ lot, here, amount }: { lot: Lot; here: Amounts; amount: AmountWanted }) {
  const system = useSettings((s) => s.system);
  const { word, setWord, count, setCount, share, setShare, length, setLength, parts, part, setPart, there, error } =
    amount;
  return (
    <>
      {lot.measure === 'letters' && (
        <TextField
          label="Letters for"
          value={word}
          onChange={setWord}
          error={error}
          placeholder="a word, as it will stand"
        />
      )}
      {lot.measure === 'count' && parts.length > 1 && (
        <Choice<string>
          label="Which of them"
          options={parts.map((one) => [one, `${here[one] ?? 0} ${partName(lot, one)}`] as const)}
          value={part}
          onChange={setPart}
        />
      )}
      {lot.measure === 'count' && (
        <TextField label="How many" value={count} onChange={setCount} error={error} isMeasure />
      )}
      {lot.measure === 'length' && (
        <MeasureField label="How much" value={length} onChange={setLength} system={system} isOfRoll />
      )}
      {lot.measure === 'share' && there > 0 && (
        <Choice<Share> label="How much of one" options={SHARES} value={share} onChange={setShare} />
      )}
    </>
  );
}
