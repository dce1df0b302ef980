import { useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import type { ListItem } from '../../../core/listing';
import { keepRule } from '../../../core/making';
import type { Correction, LotKind } from '../../../core/things';
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

/** A thing of the list put right where it stands; from then on so on every list, where she wants it. */
export function LineEdit({ item, onDone }: LineEditProps) {
  const { count, kind, name, size, front } = item;
  const system = useSettings((s) => s.system);
  const state = useThingSaid({ count, kind, name, size, colours: front?.colours ?? [] }, system);
  const [isAlways, setAlways] = useState(false);
  const [words, setWords] = useState(item.name.toLowerCase());
  const finish = (correction: Correction, rule: LotKind | null): void => {
    if (isAlways) void act(keepRule(words, rule));
    onDone(correction);
  };
  const take = (): void => {
    const said = state.said();
    if (said) finish(said, state.kind);
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    onDone(null);
  };
  return (
    <Fields onSend={take} onKeyDown={press} aria-label={`Put ${item.name} right`}>
      <ThingFields state={state} />
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
  > div:nth-of-type(6) {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    padding-top: 20px;
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
