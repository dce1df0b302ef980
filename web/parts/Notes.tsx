import { useState } from 'react';
import styled from 'styled-components';
import { dropNote, keepNote, markNote, type Noted } from '../../core/acts';
import type { Note } from '../../core/stock/things';
import { act } from '../data/acts';
import { Button } from '../ui/Button';
import { dayWords } from '../ui/dayWords';
import { Row, Soft, Stack } from '../ui/Screen';
import { TextField } from '../ui/TextField';
import { Tick } from '../ui/Tick';
import { useSentLine } from './useSentLine';

export interface NotesProps {
  table: Noted;
  /** What they are of. */
  record: { readonly id: string; readonly notes?: readonly Note[] };
}

/** What she noted of a page, a kit or a thing, with its day; ticked, it comes back when the next page is begun. */
export function Notes({ table, record: { id, notes = [] } }: NotesProps) {
  const [isForNext, setForNext] = useState(false);
  const { line, setLine, send } = useSentLine(`note of ${table} ${id}`, (words) => {
    setForNext(false);
    return act(keepNote(table, id, { words, isForNext }), { isQuiet: true });
  });
  return (
    <section aria-label="Notes">
      <h2>Notes</h2>
      <Stack $gap={8}>
        {notes.map((note) => (
          <Noting key={note.id}>
            <span>{note.words}</span>
            <Row>
              <Soft>{dayWords(note.day)}</Soft>
              <Tick
                isSelected={note.isForNext === true}
                onChange={(to) => void act(markNote(table, id, note.id, to), { isQuiet: true })}
              >
                use next time
              </Tick>
              <Button
                look="quiet"
                aria-label={`Drop the note: ${note.words}`}
                onPress={() => void act(dropNote(table, id, note.id))}
              >
                drop
              </Button>
            </Row>
          </Noting>
        ))}
        <TextField
          label="A note"
          value={line}
          onChange={setLine}
          onKeyDown={(event) => {
            event.continuePropagation();
            if (event.key === 'Enter') void send();
          }}
        />
        <Row>
          <Tick isSelected={isForNext} onChange={setForNext}>
            use next time
          </Tick>
          <Button isDisabled={line.trim() === ''} onPress={() => void send()}>
            Note it
          </Button>
        </Row>
      </Stack>
    </section>
  );
}

const Noting = styled.div`
  border-left: 4px solid ${({ theme }) => theme.marigold};
  padding-left: 10px;
`;
