import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '../../ui/Button';
import { Form } from '../../ui/Form';
import { TextField } from '../../ui/TextField';

export interface InsteadOfProps {
  name: string;
  /** Null: nothing did after all. */ onDone: (line: string | null) => void;
}

/** Asks what came instead of a thing. */
export function InsteadOf({ name, onDone }: InsteadOfProps) {
  const [line, setLine] = useState('');
  return (
    <Asked
      onSend={() => onDone(line.trim() || null)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') onDone(null);
      }}
    >
      <TextField
        label={`What came instead of ${name}?`}
        value={line}
        onChange={setLine}
        autoFocus
        placeholder="1 x 12x12 rows, slate"
      />
      <Button type="submit">Put it on the list</Button>
    </Asked>
  );
}

const Asked = styled(Form)`
  grid-column: 2 / -1;
  display: flex;
  gap: 10px;
  align-items: flex-end;
  padding-bottom: 6px;
  > div {
    flex: 1;
  }
`;
