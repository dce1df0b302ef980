import { useState, type FocusEvent, type FormEvent, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { nameOfColour } from '../../../core/colour';
import { parseSize, toInches } from '../../../core/length';
import type { ListItem } from '../../../core/listing';
import type { Correction, LotKind } from '../../../core/things';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { KIND_CHOICES } from '../../ui/lotWords';
import { inSmallWindow } from '../../ui/theme';
import { TextField } from '../../ui/TextField';

export interface LineEditProps {
  item: ListItem;
  /** Null: it stays as it was. */
  onDone: (correction: Correction | null) => void;
}

const selectAll = ({ target }: FocusEvent): void => {
  if (target instanceof HTMLInputElement) target.select();
};

const side = (length: number): string => String(Math.round(toInches(length) * 1e4) / 1e4);
const sizeText = ({ size }: ListItem): string => (size ? `${side(size.w)}x${side(size.h)}` : '');

/** A thing of the list put right where it stands: how many, what kind, its name, size and colours. */
export function LineEdit({ item, onDone }: LineEditProps) {
  const colourText = item.front?.colours.map(nameOfColour).join(' + ') ?? '';
  const [count, setCount] = useState(String(item.count));
  const [kind, setKind] = useState<LotKind>(item.kind);
  const [name, setName] = useState(item.name);
  const [size, setSize] = useState(sizeText(item));
  const [colours, setColours] = useState(colourText);
  const n = /^\d{1,5}$/.test(count.trim()) ? Number(count) : 0;
  const read = size.trim() === '' ? null : parseSize(size);
  const errors = {
    count: n >= 1 && n <= 10_000 ? null : 'From 1 to 10,000',
    name: name.trim() === '' ? 'What is it called?' : null,
    size: read === null || (read.ok && read.value.w > 0 && read.value.h > 0) ? null : 'As 12x12',
  };
  const take = (event: FormEvent): void => {
    event.preventDefault();
    if (Object.values(errors).some((error) => error !== null)) return;
    onDone({
      kind,
      ...(n === item.count ? {} : { count: n }),
      ...(name.trim() === item.name ? {} : { name: name.trim() }),
      ...(size.trim() === sizeText(item) ? {} : { size: size.trim() }),
      ...(colours.trim() === colourText ? {} : { colours: colours.trim() }),
    });
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    onDone(null);
  };
  return (
    <Form onSubmit={take} onKeyDown={press} aria-label={`Put ${item.name} right`}>
      <TextField
        label="How many"
        value={count}
        onChange={setCount}
        error={errors.count}
        isMeasure
        autoFocus
        onFocus={selectAll}
      />
      <Choice label="Kind" options={KIND_CHOICES} value={kind} onChange={setKind} />
      <TextField label="Name" value={name} onChange={setName} error={errors.name} />
      <TextField label="Size" value={size} onChange={setSize} error={errors.size} isMeasure />
      <TextField label="Colours" value={colours} onChange={setColours} placeholder="ink + amber" />
      <div>
        <Button type="submit" look="main">
          So it is
        </Button>
        <Button look="quiet" onPress={() => onDone({ isLeftOut: true })}>
          leave it out
        </Button>
      </div>
    </Form>
  );
}

const Form = styled.form`
  grid-column: 1 / -1;
  display: grid;
  grid-template-columns: 84px 150px minmax(120px, 1fr) 90px minmax(100px, 0.7fr) auto;
  gap: 8px;
  align-items: start;
  padding: 4px 0 8px;
  > div:last-child {
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
