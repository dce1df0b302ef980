import { amendLaid } from '../../../core/acts';
import type { Page, Placed, PlacedDrawn, PlacedItem, PlacedWhat } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';

const STACKS = [
  ['1', 'one'],
  ['2', 'two'],
  ['3', 'three'],
] as const;
const INKS = [
  ['#2b1d33', 'ink'],
  ['#fffaf0', 'white'],
  ['#6b4a2b', 'brown'],
  ['#8a1c4f', 'beet'],
  ['#1a5f6b', 'pond'],
  ['#c98a1b', 'amber'],
] as const;

/** Of a strip or line, how long it is; of a line its colour; of a thing, how many lie one on another. */
export function LaidMeasures({ page, placed: { id, what, isTitle } }: { page: Page; placed: Placed }) {
  const system = useSettings((s) => s.system);
  const say = (now: PlacedWhat): void => {
    void act(amendLaid(page.id, id, now), { isQuiet: true });
  };
  return (
    <>
      {'length' in what && (
        <MeasureField
          label={'drawn' in what ? 'Length of the line' : 'Length of the strip'}
          value={what.length}
          onChange={(length) => {
            if (length !== null) say({ ...what, length });
          }}
          system={system}
          isKeptOnLeaving
        />
      )}
      {'drawn' in what && <Colour of={what} onSay={say} />}
      {'part' in what && !isTitle && <Stack item={what} onSay={say} />}
    </>
  );
}

function Colour({ of, onSay }: { of: PlacedDrawn; onSay: (now: PlacedDrawn) => void }) {
  return <Choice label="In" options={INKS} value={of.colour} onChange={(colour) => onSay({ ...of, colour })} />;
}

function Stack({ item: { count = 1, ...one }, onSay }: { item: PlacedItem; onSay: (now: PlacedItem) => void }) {
  return (
    <Choice
      label="One on another"
      options={STACKS}
      value={String(count)}
      onChange={(n) => onSay(n === '1' ? one : { ...one, count: Number(n) })}
    />
  );
}
