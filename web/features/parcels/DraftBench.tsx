import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { readList, unpack, type ReadLine } from '../../../core/listing';
import { db, keepDraft } from '../../data/acts';
import type { Draft } from '../../data/bench';
import { Button } from '../../ui/Button';
import { FacePatterns } from '../../ui/FacePatterns';
import { Columns, Row, Screen, Soft, Stack, Wrong } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { BoxLine } from './BoxLine';
import { ListEditor } from './ListEditor';
import { moveTicks } from './moveTicks';
import { putParcelAway } from './putParcelAway';

/** A parcel being unpacked: the list as it is typed, and what of it is in the box. Every stroke is kept. */
export function DraftBench({ draft, shelf }: { draft: Draft; shelf: ReactNode }) {
  const go = useNavigate();
  // Typing is shown at once and written behind it.
  const [own, setOwn] = useState(draft);
  const [hasTried, setTried] = useState(false);
  const save = (some: Partial<Draft>): void => { const next = { ...own, ...some }; setOwn(next); void keepDraft(next); };
  const lines = useMemo(() => readList(own.list), [own.list]);
  const sketches = useMemo(() => sketchAll(lines), [lines]);
  const read = lines.filter((line) => line.status === 'read').length;
  const wrong = lines.filter((line) => line.status === 'not-read').length;
  const checked = lines.filter((line, i) => line.status === 'read' && own.here[i] !== undefined).length;
  const errors = {
    name: own.name.trim() === '' ? 'Which kit is it? Give it its name.' : null,
    month: /^\d{4}-(0[1-9]|1[0-2])$/.test(own.month) ? null : 'Which month is it of? Write it as 2026-11.',
  };
  const trouble = read === 0 ? 'Nothing on the list is understood yet.' : wrong > 0 ? `${wrong === 1 ? 'One line is' : `${wrong} lines are`} not understood. Put them right, or begin them with # to leave them out.` : errors.name ?? errors.month;

  const putAway = async (): Promise<void> => {
    setTried(true);
    if (trouble === null && await putParcelAway(own, lines)) await go(`/parcels/${own.id}`);
  };
  const setHere = (i: number, n: number): void => save({ here: { ...own.here, [i]: n } });
  const tickAll = (): void => save({ here: Object.fromEntries(lines.flatMap((line, i) => (line.status === 'read' ? [[i, own.here[i] ?? line.item.count]] : []))) });

  return (
    <Screen
      title={own.name || 'New parcel'} about={own.club}
      actions={<><Button onPress={() => { void db.drafts.delete(own.id).then(() => go('/parcels')); }}>Drop this list</Button><Button look="main" onPress={() => { void putAway(); }}>Put all away</Button></>}
    >
      {shelf}
      <FacePatterns faces={sketches.flatMap((sketch) => sketch?.faces ?? [])} />
      <Columns $widths="minmax(300px, 400px) 1fr">
        <Stack>
          <Row style={{ flexWrap: 'nowrap' }}>
            <TextField label="Kit" value={own.name} onChange={(name) => save({ name })} error={hasTried ? errors.name : null} />
            <TextField label="Month" value={own.month} onChange={(month) => save({ month })} error={hasTried ? errors.month : null} isMeasure />
          </Row>
          <TextField label="Club" value={own.club} onChange={(club) => save({ club })} />
          <ListEditor value={own.list} lines={lines} onChange={(list) => save({ list, here: moveTicks(own, list) })} />
        </Stack>
        <Stack $gap={4}>
          <Row><h2>What is really in the box</h2><Soft style={{ marginLeft: 'auto' }}>Space: here · 0: not here · 2…9: so many</Soft></Row>
          {hasTried && trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
          <Lines aria-label="What is in the box">
            {lines.map((line, i) => (line.status === 'blank' ? null : (
              <BoxLine key={i} line={line} lot={sketches[i]?.lot ?? null} faces={sketches[i]?.faces ?? []} here={own.here[i] ?? null} onHere={(n) => setHere(i, n)} onReplace={(text) => save({ list: replaceLine(own.list, i, text) })} />
            )))}
          </Lines>
          {read > 0 && <Row><Count>{checked} of {read} lines checked</Count><Button look="quiet" onPress={tickAll}>the rest is all here</Button><Soft>What is not ticked is put down as owed.</Soft></Row>}
          {read + wrong === 0 && <Soft>Each line of the list appears here as it is understood.</Soft>}
        </Stack>
      </Columns>
    </Screen>
  );
}

const sketchAll = (lines: readonly ReadLine[]) => lines.map((line, i) => {
  let n = 0;
  return line.status === 'read' ? unpack(line.item, i + 1, 'draft', [], () => `draft-${i}-${++n}`) : null;
});

const replaceLine = (list: string, at: number, text: string): string => list.split('\n').map((line, i) => (i === at ? text : line)).join('\n');

const Lines = styled.ul`display: flex; flex-direction: column;`;
const Count = styled.strong`color: ${({ theme }) => theme.pond};`;
