import { useState } from 'react';
import styled from 'styled-components';
import { coloursIn } from '../../../core/ground/colour';
import type { Size } from '../../../core/ground/geometry';
import { formatSize, parseSize, TICKS_PER_INCH } from '../../../core/ground/length';
import { changeItem } from '../../../core/acts';
import { smallThing } from '../../../core/page/placing';
import type { Item, Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { ItemDrawing } from '../../ui/ItemFigure';
import { Form } from '../../ui/Form';
import { Row, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { ThingPicture } from './ThingPicture';

type Raised = 'told' | 'flat' | 'raised';
type Looks = 'told' | NonNullable<Item['looks']>;
const RAISED: readonly (readonly [Raised, string])[] = [
  ['told', 'as its name says'],
  ['flat', 'flat'],
  ['raised', 'raised'],
];
const LOOKS: readonly (readonly [Looks, string])[] = [
  ['told', 'as it is drawn'],
  ['left', 'to the left'],
  ['right', 'to the right'],
  ['straight', 'neither way'],
];

/** What she says of a kind of thing, until it is kept. */
function useItemSaid(item: Item, size: Size) {
  const system = useSettings((s) => s.system);
  const was = formatSize(size, system);
  const [name, setName] = useState(item.name);
  const [typed, setSize] = useState<string | null>(null);
  // A picture may give another size meanwhile.
  const sizeSaid = typed ?? was;
  const [words, setWords] = useState(item.words ?? '');
  const [colours, setColours] = useState('');
  const [raised, setRaised] = useState<Raised>(
    item.isRaised === undefined ? 'told' : item.isRaised ? 'raised' : 'flat',
  );
  const [looks, setLooks] = useState<Looks>(item.looks ?? 'told');
  const read = parseSize(sizeSaid, system);
  const hexes = coloursIn(colours).map(({ hex }) => hex);
  return {
    ...{ name, setName, sizeSaid, setSize, words, setWords, colours, setColours, raised, setRaised, looks, setLooks },
    isSize: read.ok && read.value.w > 0 && read.value.h > 0,
    isColour: colours.trim() === '' || hexes.length > 0,
    said: () => ({
      name: name.trim() === '' ? item.name : name.trim(),
      ...(typed === null || !read.ok ? {} : { size: read.value }),
      words: words.trim() === '' ? undefined : words.trim(),
      ...(hexes.length > 0 ? { colours: hexes } : {}),
      isRaised: raised === 'told' ? undefined : raised === 'raised',
      looks: looks === 'told' ? undefined : looks,
    }),
  };
}

/** One kind of thing in a pack, put right: what it is, how it lies, and a picture of it. */
export function ItemFields({ lot, item, onDone }: { lot: Lot; item: Item; onDone: () => void }) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  const thing = smallThing(lot, item.id, faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []);
  const told = useItemSaid(item, thing.size);
  const keep = async (): Promise<void> => {
    if (await act(changeItem(lot.id, item.id, told.said()))) onDone();
  };
  return (
    <Row $gap={22} style={{ alignItems: 'flex-start', width: '100%' }}>
      <Fields onSend={keep}>
        <TextField label="Name" value={told.name} onChange={told.setName} autoFocus />
        <TextField
          label="Size"
          value={told.sizeSaid}
          onChange={told.setSize}
          isMeasure
          error={told.isSize ? null : 'Write width x height, such as 2 x 1 1/2.'}
        />
        <TextField label="Words on it" value={told.words} onChange={told.setWords} />
        <TextField
          label="Other colours"
          value={told.colours}
          onChange={told.setColours}
          placeholder="ink, amber"
          error={told.isColour ? null : 'No colour is known by that name.'}
        />
        <Choice<Raised> label="It lies" options={RAISED} value={told.raised} onChange={told.setRaised} />
        <Choice<Looks> label="It looks or points" options={LOOKS} value={told.looks} onChange={told.setLooks} />
        <Row>
          <Button type="submit" look="main" isDisabled={!told.isSize || !told.isColour}>
            So it is
          </Button>
          <Button slot="close" look="quiet">
            Leave it as it is
          </Button>
        </Row>
      </Fields>
      <Stack $gap={10} style={{ flex: '0 1 auto' }}>
        <ItemDrawing thing={thing} scale={Math.min(80, 150 / (thing.size.w / TICKS_PER_INCH))} />
        <Soft>{formatSize(thing.size, system)}</Soft>
        <ThingPicture lot={lot} item={item.id} thing={thing} />
      </Stack>
    </Row>
  );
}

const Fields = styled(Form)`
  flex: 0 0 230px;
  display: flex;
  flex-direction: column;
  gap: 10px;
`;
