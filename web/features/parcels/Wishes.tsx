import { useMemo } from 'react';
import styled from 'styled-components';
import { alreadyOwn, type AlreadyOwned } from '../../../core/kit/finding';
import { entriesOf, readItem, readLine, unpack, type ListItem } from '../../../core/stock/listing';
import { shelfOf, type Bench } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { NothingNew } from '../../parts/NothingNew';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { Row, Slip, Soft } from '../../ui/Screen';
import { lotWords } from '../../ui/lotWords';
import { TextField } from '../../ui/TextField';
import { useSentLine } from '../../parts/useSentLine';
import { ownedWords } from './ownedWords';
import { dropWish, noteWish } from '../../../core/acts';
import { act } from '../../data/acts';
import { unpackWish } from '../../data/begin';

/** What she has already of something she would like to have; null: nothing. */
function ownedOf(item: ListItem | null, bench: Bench): AlreadyOwned | null {
  if (!item) return null;
  let n = 0;
  const {
    lots: [lot],
    faces,
  } = unpack(item, 1, 'wish', [], () => `wish-${++n}`);
  return alreadyOwn(
    { kind: lot!.kind, size: lot!.size, colours: faces[0]?.colours ?? [] },
    shelfOf(bench),
    bench.faces,
  );
}

/** One more, told as a line of a list. */
function NewWish() {
  const bench = useBench((b) => b);
  const { line: text, setLine: setText, send } = useSentLine('wish', (line) => act(noteWish(line.trim())));
  const system = useSettings((s) => s.system);
  const read = useMemo(() => entriesOf([readLine(text)]), [text]);
  const owned = useMemo(() => ownedOf(read[0]?.item ?? null, bench), [read, bench]);
  return (
    <>
      <Form
        onSend={() => {
          if (read.length > 0) void send();
        }}
      >
        <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
          <div style={{ flex: 1 }}>
            <TextField
              label="Something you would like to have"
              value={text}
              onChange={setText}
              placeholder="1 x 12x12 cardstock slate"
            />
          </div>
          <Button type="submit" isDisabled={read.length === 0}>
            Note it
          </Button>
        </Row>
      </Form>
      {text.trim() !== '' && read.length === 0 && <Soft>This tells of no thing yet.</Soft>}
      {read.map(({ key, item, doubts }) => (
        <div key={key}>
          <Soft>
            Read as {item.count > 1 && `${item.count} × `}
            {item.name}: {lotWords(item, system)}.
          </Soft>
          {doubts.map(({ words, why }) => (
            <Owns key={`${words} ${why}`}>
              {words}: {why}
            </Owns>
          ))}
        </div>
      ))}
      {owned && <Owns role="status">{ownedWords(owned)}</Owns>}
    </>
  );
}

/**
 * What she would like to have, told as a line of a list; what she has of it already is said at once. @param onUnpack
 * with the new draft's id
 */
export function Wishes({ onUnpack }: { onUnpack: (draft: string) => void }) {
  const bench = useBench((b) => b);
  const wishes = useMemo(
    () =>
      [...bench.wishes.values()]
        .sort((a, b) => a.noted.localeCompare(b.noted))
        .map((wish) => ({ wish, owned: ownedOf(readItem(wish.line), bench) })),
    [bench],
  );
  return (
    <Slip aria-label="Wishes">
      <h2>Wishes</h2>
      <NothingNew />
      <NewWish />
      <List aria-label="Noted wishes">
        {wishes.map(({ wish, owned: own }) => (
          <li key={wish.id}>
            <code>{wish.line}</code>
            {own && <Owns>{ownedWords(own)}</Owns>}
            <Row>
              <Button
                look="quiet"
                aria-label={`It is here: ${wish.line}`}
                onPress={() => {
                  void unpackWish(wish).then((draft) => {
                    if (draft !== null) onUnpack(draft);
                  });
                }}
              >
                It is here
              </Button>
              <Button look="quiet" aria-label={`Drop the wish: ${wish.line}`} onPress={() => void act(dropWish(wish))}>
                Drop it
              </Button>
            </Row>
          </li>
        ))}
      </List>
    </Slip>
  );
}

const Owns = styled.p`
  color: ${({ theme }) => theme.marigoldInk};
  font-weight: 600;
  font-size: 14px;
`;
const List = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 8px;
  &:not(:empty) {
    padding-top: 10px;
  }
  code {
    font-size: 14px;
  }
`;
