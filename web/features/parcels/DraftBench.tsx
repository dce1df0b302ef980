import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { alreadyOwn } from '../../../core/finding';
import { readLine, readList, unpack, type ReadLine } from '../../../core/listing';
import { dropDraft, putParcelAway } from '../../../core/making';
import { act, keepDraft } from '../../data/acts';
import { type Draft } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { FacePatterns } from '../../ui/FacePatterns';
import { Columns, Row, Screen, Soft, Stack, Wrong } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { BoxLine } from './BoxLine';
import { ListEditor } from './ListEditor';
import { moveTicks } from './moveTicks';
import { UnreadLine } from './UnreadLine';

/** A parcel being unpacked: the list as it is typed, and what of it is in the box. Every stroke is kept. */
export function DraftBench({ draft, shelf }: { draft: Draft; shelf: ReactNode }) {
  const go = useNavigate();
  // Typing is shown at once and written behind it.
  const [own, setOwn] = useState(draft);
  const [hasTried, setTried] = useState(false);
  const [isAsking, setAsking] = useState(false);
  const save = (some: Partial<Draft>): void => {
    const next = { ...own, ...some };
    setOwn(next);
    void keepDraft(next);
  };
  const { kits, lots, ledger, faces } = useBench((b) => b);
  const lines = useMemo(() => readList(own.list), [own.list]);
  const sketches = useMemo(() => sketchAll(lines), [lines]);
  const owned = useMemo(
    () =>
      sketches.map((sketch) =>
        sketch
          ? alreadyOwn(
              { kind: sketch.lots[0]!.kind, size: sketch.lots[0]!.size, colours: sketch.faces[0]?.colours ?? [] },
              { ledger, lots, kits },
              faces,
            )
          : null,
      ),
    [sketches, ledger, lots, kits, faces],
  );
  const read = lines.filter((line) => line.status === 'read').length;
  const wrong = lines.filter((line) => line.status === 'not-read').length;
  const checked = lines.filter((line, i) => line.status === 'read' && own.here[i] !== undefined).length;
  const errors = {
    name: own.name.trim() === '' ? 'Which kit is it? Give it its name.' : null,
    month: /^\d{4}-(0[1-9]|1[0-2])$/.test(own.month) ? null : 'Which month is it of? Write it as 2026-11.',
  };
  const trouble =
    read === 0
      ? 'Nothing on the list is understood yet.'
      : wrong > 0
        ? wrong === 1
          ? 'One line is not understood. Put it right, or begin it with # to leave it out.'
          : `${wrong} lines are not understood. Put them right, or begin them with # to leave them out.`
        : (errors.name ?? errors.month);

  const putAwayAs = async (draft: Draft): Promise<void> => {
    setAsking(false);
    if (await act(putParcelAway(draft, lines))) await go(`/parcels/${own.id}`);
  };
  const putAway = (): void => {
    setTried(true);
    if (trouble !== null) return;
    // Nothing is ticked: everything would be put down as owed without a word.
    if (checked === 0) setAsking(true);
    else void putAwayAs(own);
  };
  const allHere = (): Draft['here'] =>
    Object.fromEntries(
      lines.flatMap((line, i) => (line.status === 'read' ? [[i, own.here[i] ?? line.item.count]] : [])),
    );
  const setHere = (i: number, n: number): void => save({ here: { ...own.here, [i]: n } });
  /** Damaged ones are here; a line not looked at yet has all of them. */
  const setDamaged = (i: number, n: number): void => {
    const line = lines[i]!;
    const all = line.status === 'read' ? line.item.count : 0;
    save({ here: { ...own.here, [i]: Math.max(own.here[i] ?? all, n) }, damaged: { ...own.damaged, [i]: n } });
  };
  /** What came instead stands below, and is here; what should have come is owed. */
  const putInstead = (i: number, text: string): void => {
    const list = own.list
      .split('\n')
      .toSpliced(i + 1, 0, text)
      .join('\n');
    const came = readLine(text);
    const moved = moveTicks(own, list);
    save({
      list,
      ...moved,
      damaged: { ...moved.damaged, [i]: 0 },
      here: { ...moved.here, [i]: 0, ...(came.status === 'read' ? { [i + 1]: came.item.count } : {}) },
    });
  };
  const tickAll = (): void => save({ here: allHere() });

  return (
    <Screen
      title={own.name || 'New parcel'}
      about={own.club}
      actions={
        <>
          <Button
            onPress={() => {
              void act(dropDraft(own.id)).then((done) => {
                if (done) void go('/parcels');
              });
            }}
          >
            Drop this list
          </Button>
          <Button look="main" onPress={putAway}>
            Put all away
          </Button>
          <SlipOver title="Nothing is ticked yet" isOpen={isAsking} onClose={() => setAsking(false)}>
            {() => (
              <>
                <Soft>What is not ticked is put down as owed.</Soft>
                <Row>
                  <Button
                    look="main"
                    onPress={() => {
                      void putAwayAs({ ...own, here: allHere() });
                    }}
                  >
                    All of it has come
                  </Button>
                  <Button
                    onPress={() => {
                      void putAwayAs(own);
                    }}
                  >
                    None of it has: all is owed
                  </Button>
                  <Button slot="close" look="quiet">
                    Back to the box
                  </Button>
                </Row>
              </>
            )}
          </SlipOver>
        </>
      }
    >
      {shelf}
      <FacePatterns faces={sketches.flatMap((sketch) => sketch?.faces ?? [])} />
      <Columns $widths="minmax(270px, 36%) 1fr">
        <Stack>
          <Row style={{ flexWrap: 'nowrap' }}>
            <TextField
              label="Kit"
              value={own.name}
              onChange={(name) => save({ name })}
              error={hasTried ? errors.name : null}
            />
            <TextField
              label="Month"
              value={own.month}
              onChange={(month) => save({ month })}
              error={hasTried ? errors.month : null}
              isMeasure
            />
          </Row>
          <TextField label="Club" value={own.club} onChange={(club) => save({ club })} />
          <ListEditor
            name={own.name || 'packing list'}
            value={own.list}
            lines={lines}
            onChange={(list) => save({ list, ...moveTicks(own, list) })}
          />
        </Stack>
        <Stack $gap={4}>
          <Row>
            <h2>What is really in the box</h2>
            <Soft style={{ marginLeft: 'auto' }}>
              Space: here · 0: not here · 2…9: so many · +: one too many · D: damaged · W: the wrong thing
            </Soft>
          </Row>
          {hasTried && trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
          <Lines aria-label="What is in the box">
            {lines.map((line, i) => {
              if (line.status === 'blank') return null;
              if (line.status === 'not-read')
                return (
                  <UnreadLine
                    key={i}
                    line={line}
                    onReplace={(text) => save({ list: replaceLine(own.list, i, text) })}
                  />
                );
              const {
                lots: [lot],
                faces: sketched,
              } = sketches[i]!;
              return (
                <BoxLine
                  key={i}
                  item={line.item}
                  lot={lot!}
                  faces={sketched}
                  owned={owned[i] ?? null}
                  here={own.here[i] ?? null}
                  damaged={own.damaged?.[i] ?? 0}
                  onHere={(n) => setHere(i, n)}
                  onDamaged={(n) => setDamaged(i, n)}
                  onInstead={(text) => putInstead(i, text)}
                />
              );
            })}
          </Lines>
          {read > 0 && (
            <Row>
              <Count>
                {checked} of {read} lines checked
              </Count>
              <Button look="quiet" onPress={tickAll}>
                the rest is all here
              </Button>
              <Soft>What is not ticked is put down as owed.</Soft>
            </Row>
          )}
          {read + wrong === 0 && <Soft>Each line of the list appears here as it is understood.</Soft>}
        </Stack>
      </Columns>
    </Screen>
  );
}

const sketchAll = (lines: readonly ReadLine[]) =>
  lines.map((line, i) => {
    let n = 0;
    return line.status === 'read' ? unpack(line.item, i + 1, 'draft', [], () => `draft-${i}-${++n}`) : null;
  });

const replaceLine = (list: string, at: number, text: string): string =>
  list
    .split('\n')
    .map((line, i) => (i === at ? text : line))
    .join('\n');

const Lines = styled.ul`
  display: flex;
  flex-direction: column;
`;
const Count = styled.strong`
  color: ${({ theme }) => theme.pond};
`;
