import { useMemo, useRef } from 'react';
import styled from 'styled-components';
import { keyOf, type ReadLine } from '../../../core/stock/listing';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { BoxLine } from './BoxLine';
import { LeftOut, PassedOver } from './PassedOver';
import type { BoxEntry, DraftState } from './useDraft';

export interface BoxListProps {
  state: DraftState;
  /** Why it cannot be put away, once that was tried. */
  trouble: string | null;
  /** Shows a stretch of a line where it was typed. */
  onShow: (line: number, from: number, to: number) => void;
}

/** Goes to the tick of the next line that is in doubt, or the one before. */
function goToDoubt(list: HTMLElement | null, step: 1 | -1): void {
  const all = [...(list?.querySelectorAll<HTMLElement>('li') ?? [])];
  const at = all.findIndex((line) => line.contains(document.activeElement));
  const doubts = all.filter((line) => line.dataset['doubt'] !== undefined);
  const next =
    step === 1
      ? (doubts.find((line) => all.indexOf(line) > at) ?? doubts[0])
      : (doubts.findLast((line) => all.indexOf(line) < at) ?? doubts.at(-1));
  next?.querySelector<HTMLElement>('input[type=checkbox]')?.focus();
  next?.scrollIntoView({ block: 'nearest' });
}

/** Every line of the list as it is understood, against the box: ticked, put right in its place, or passed over. */
export function BoxList({ state, trouble, onShow }: BoxListProps) {
  const { draft, lines, entries, acts, allHere } = state;
  const list = useRef<HTMLUListElement>(null);
  const byLine = useMemo(() => Map.groupBy(entries, ({ line }) => line), [entries]);
  const doubtful = entries.filter(({ doubts }) => doubts.length > 0).length;
  const checked = entries.filter(({ key }) => draft.here[key] !== undefined).length;
  useKeys({ 'doubt-next': () => goToDoubt(list.current, 1), 'doubt-before': () => goToDoubt(list.current, -1) });
  return (
    <Stack $gap={4}>
      <Row>
        <h2>What is really in the box</h2>
        {doubtful > 0 && (
          <Button isRepeatable look="quiet" onPress={() => goToDoubt(list.current, 1)}>
            {countWords(doubtful, 'line')} in doubt
          </Button>
        )}
        <Soft style={{ marginLeft: 'auto' }}>
          Space: here · 0…9: so many · +: one too many · D: damaged · W: the wrong thing · E: put right · N: next doubt
        </Soft>
      </Row>
      {trouble !== null && <Wrong role="alert">{trouble}</Wrong>}
      <Lines aria-label="What is in the box" ref={list}>
        {lines.map((line, i) =>
          line.read === 'nothing' ? null : line.read === 'thing' || byLine.has(i) ? (
            <LineThings key={i} at={i} line={line} entries={byLine.get(i) ?? []} state={state} onShow={onShow} />
          ) : (
            <PassedOver
              key={i}
              at={i}
              text={line.text}
              isHeading={line.read === 'heading'}
              isOfAbove={line.isOfAbove === true}
              acts={acts}
            />
          ),
        )}
      </Lines>
      {entries.length > 0 ? (
        <Row>
          <Count>
            {checked} of {countWords(entries.length, 'line')} checked
          </Count>
          <Button look="quiet" onPress={() => acts.save({ here: allHere() })}>
            the rest is all here
          </Button>
          <Soft>
            {draft.isOpened ? 'What is not ticked was used up long since.' : 'What is not ticked is put down as owed.'}
          </Soft>
        </Row>
      ) : (
        <Soft>Each line of the list appears here as it is understood.</Soft>
      )}
    </Stack>
  );
}

interface LineThingsProps extends Pick<BoxListProps, 'state' | 'onShow'> {
  /** Its place on the list, from 0. */
  at: number;
  line: ReadLine;
  entries: readonly BoxEntry[];
}

/** What one line tells of, and what of it she left out. */
function LineThings({ at, line: { text, things }, entries, state: { draft, acts }, onShow }: LineThingsProps) {
  return (
    <>
      {entries.map((entry) => (
        <BoxLine
          key={entry.key}
          entry={entry}
          text={text}
          here={draft.here[entry.key] ?? null}
          damaged={draft.damaged?.[entry.key] ?? 0}
          acts={acts}
          isOpened={draft.isOpened ?? false}
          onShow={onShow}
        />
      ))}
      {things.map(({ label }, i) => {
        const key = keyOf(at, i);
        return (
          draft.corrected?.[key]?.isLeftOut && <LeftOut key={key} text={label} onTake={() => acts.correct(key, null)} />
        );
      })}
    </>
  );
}

const Lines = styled.ul`
  display: flex;
  flex-direction: column;
`;
const Count = styled.strong`
  color: ${({ theme }) => theme.pond};
`;
