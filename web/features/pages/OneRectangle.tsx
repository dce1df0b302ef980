import { useState } from 'react';
import styled from 'styled-components';
import { formatLength, inches } from '../../../core/ground/length';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { TextField } from '../../ui/TextField';

/** One more rectangle by its measures, written as a line. */
export function OneRectangle({ onLay }: { onLay: (line: string) => void }) {
  const system = useSettings((s) => s.system);
  const [name, setName] = useState('box');
  const [[w, h, x, y], set] = useState<readonly (number | null)[]>([inches(3), inches(3), inches(1), inches(1)]);
  const is = (length: number): string => formatLength(length, system).replace('″', '');
  const field = (label: string, at: number, value: number | null | undefined) => (
    <MeasureField
      label={label}
      value={value ?? null}
      onChange={(to) => set((now) => now.map((one, i) => (i === at ? to : one)))}
      system={system}
      isOptional
    />
  );
  const lay = (): void => {
    if (w && h)
      onLay(`${name.trim()} ${is(w)} x ${is(h)}, ${is(x ?? 0)} from the left, ${is(y ?? 0)} down from the head`);
  };
  return (
    <Form onSend={lay}>
      <Fields role="group" aria-label="Lay one more rectangle">
        <TextField label="One more" value={name} onChange={setName} />
        {field('wide', 0, w)}
        {field('high', 1, h)}
        {field('from the left', 2, x)}
        {field('from the head', 3, y)}
        <Button type="submit" isDisabled={!w || !h || name.trim() === ''}>
          Lay it
        </Button>
      </Fields>
    </Form>
  );
}

const Fields = styled.div`
  display: grid;
  grid-template-columns: 1.2fr repeat(4, 1fr) auto;
  gap: 8px;
  align-items: end;
`;
