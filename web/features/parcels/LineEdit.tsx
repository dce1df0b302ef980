import { useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { readLetters, type ListItem } from '../../../core/stock/listing';
import { keepRule } from '../../../core/acts';
import { isPaperKind, type Correction, type LotKind } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { TextField } from '../../ui/TextField';
import { inSmallWindow } from '../../ui/theme';
import { ThingFields } from '../../ui/ThingFields';
import { useThingSaid } from '../../ui/useThingSaid';
import { Tick } from '../../ui/Tick';

export interface LineEditProps {
  item: ListItem;
  /** Null: it stays as it was. */
  onDone: (correction: Correction | null) => void;
}

interface MoreFieldsProps {
  kind: LotKind;
  other: string;
  setOther: (name: string) => void;
  letters: string;
  setLetters: (letters: string) => void;
  isLettersWrong: boolean;
}

/** What only some kinds have: of paper its other face, of letters how many of each. */
function MoreFields({ kind, other, setOther, letters, setLetters, isLettersWrong }: MoreFieldsProps) {
  if (isPaperKind(kind))
    return <TextField label="Back" value={other} onChange={setOther} placeholder="its other face" />;
  if (kind !== 'alpha') return null;
  return (
    <TextField
      label="Its letters"
      value={letters}
      onChange={setLetters}
      placeholder="A3 E4 N2, or later"
      error={isLettersWrong ? 'As A3 E4 N2' : null}
    />
  );
}

/** A thing of the list put right where it stands; from then on so on every list, where she wants it. */
export function LineEdit({ item, onDone }: LineEditProps) {
  const { count, kind, size, front, back } = item;
  const name = back ? (front?.name ?? item.name) : item.name;
  const system = useSettings((s) => s.system);
  const state = useThingSaid({ count, kind, name, size, colours: front?.colours ?? [] }, system);
  const [other, setOther] = useState(back?.name ?? '');
  const [letters, setLetters] = useState('');
  const isLettersWrong = letters.trim() !== '' && readLetters(letters.trim()) === null;
  const [isAlways, setAlways] = useState(false);
  const [words, setWords] = useState(item.name.toLowerCase());
  const finish = (correction: Correction, rule: LotKind | null): void => {
    if (isAlways) void act(keepRule(words, rule));
    onDone(correction);
  };
  const take = (): void => {
    const said = state.said();
    if (!said || isLettersWrong) return;
    const isOther = other.trim() !== (back?.name ?? '');
    const both = `${said.name ?? name}${other.trim() === '' ? '' : ` / ${other.trim()}`}`;
    finish(
      {
        ...said,
        ...(isOther || (back && said.name !== undefined) ? { name: both } : {}),
        ...(state.kind === 'alpha' && letters.trim() !== '' ? { letters: letters.trim() } : {}),
      },
      state.kind,
    );
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    onDone(null);
  };
  return (
    <Fields onSend={take} onKeyDown={press} aria-label={`Put ${item.name} right`}>
      <ThingFields state={state} />
      <MoreFields kind={state.kind} {...{ other, setOther, letters, setLetters, isLettersWrong }} />
      <div>
        <Button type="submit" look="main">
          So it is
        </Button>
        <Button look="quiet" onPress={() => finish({ isLeftOut: true }, null)}>
          leave it out
        </Button>
      </div>
      <Always>
        <Tick isSelected={isAlways} onChange={setAlways}>
          so on every list
        </Tick>
        {isAlways && <TextField label="for lines with the words" value={words} onChange={setWords} />}
      </Always>
    </Fields>
  );
}

const Fields = styled(Form)`
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 84px 150px minmax(120px, 1fr) 90px minmax(100px, 0.7fr) auto;
  gap: 8px;
  align-items: start;
  padding: 4px 0 8px;
  > div:has(> button[type='submit']) {
    grid-column: 1 / -1;
    display: flex;
    gap: 8px;
  }
  @media (max-width: 1150px) {
    grid-template-columns: 84px 150px 1fr;
  }
  ${inSmallWindow} {
    grid-template-columns: 1fr 1fr;
  }
`;
const Always = styled.div`
  grid-column: 1 / -1;
  display: flex;
  gap: 16px;
  align-items: end;
`;
