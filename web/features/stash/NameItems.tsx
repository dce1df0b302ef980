import { readItems } from '../../../core/stock/listing';
import { nameItems } from '../../../core/acts';
import { pouredOut } from '../../../core/page/placing';
import type { Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { useUnsent } from '../../data/unsent';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { ItemDrawing } from '../../ui/ItemFigure';
import { Row, Soft } from '../../ui/Screen';
import { SIZE_TYPED } from '../../ui/sizeTyped';
import { TextField } from '../../ui/TextField';

/** What may be told at once is drawn up to so many. */
const DRAWN = 8;

/** Tells apart what is in a pack, in one line: what is not named stays mixed. Of a sheet nobody counted, all of it. */
export function NameItems({ lot, mixed }: { lot: Lot; mixed: number }) {
  const system = useSettings((s) => s.system);
  const [text, setText] = useUnsent(`in ${lot.id}, ${system}`);
  const example = `3 cards ${SIZE_TYPED[system]}, 2 jars`;
  const isCounted = lot.measure === 'count';
  const { items, unread } = readItems(text, system);
  const total = items.reduce((sum, { count }) => sum + count, 0);
  const error =
    unread.length > 0
      ? `Not read: ${unread.join(', ')}. Write a number and a name: ${example}.`
      : isCounted && total > mixed
        ? `That is ${total}, and ${mixed} are not named.`
        : null;
  const drawn = { ...lot, items: items.map((item, i) => ({ ...item, id: String(i) })) };
  const amounts = Object.fromEntries(items.map(({ count }, i) => [String(i), count]));
  return (
    <section aria-label="What is in it">
      <TextField
        label={isCounted ? 'What is in it, as far as you like' : 'What is left on it, all of it'}
        value={text}
        onChange={setText}
        error={error}
        placeholder={`${example}, 1 label "night shift"`}
      />
      {total > 0 && error === null && (
        <>
          <Row $gap={6} style={{ padding: '8px 0' }}>
            {pouredOut(drawn, amounts, [], DRAWN).map((thing, i) => (
              <ItemDrawing key={i} thing={thing} scale={22} />
            ))}
          </Row>
          <Row>
            <Button onPress={() => void act(nameItems(lot.id, items)).then((isDone) => isDone && setText(''))}>
              Tell {countWords(total, 'thing')} apart
            </Button>
            {isCounted && mixed > total && <Soft>{mixed - total} stay mixed</Soft>}
          </Row>
        </>
      )}
    </section>
  );
}
