import { useCallback, useMemo, useRef, useState, type ReactNode } from 'react';
import { isMonth, type Draft } from '../../../core/stock/things';
import { say } from '../../data/acts';
import { FacePatterns } from '../../ui/FacePatterns';
import { Columns, Row, Screen, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { BoxList } from './BoxList';
import { DraftActions } from './DraftActions';
import { ListEditor, type ListEditorHandle } from './ListEditor';
import { ListUnit } from './ListUnit';
import { useKeys } from '../../ui/useKeys';
import { useDraft, type DraftActs, type ReadDraft } from './useDraft';
import { YourRules } from './YourRules';

const errorsOf = ({ name, month }: Draft) => ({
  name: name.trim() === '' ? 'Which kit is it? Give it its name.' : null,
  month: isMonth(month) ? null : 'Which month is it of? As 2026-11, about a year as 2022, or nothing: not known.',
});

/** Why it cannot be put away; null: it can. */
const troubleOf = ({ draft, entries }: ReadDraft): string | null => {
  const { name, month } = errorsOf(draft);
  return entries.length === 0 ? 'Nothing to take in is on the list yet.' : (name ?? month);
};

/**
 * Undo and its opposite by their keys, for the list. What was done before on other screens is not taken back from here:
 * it would not be seen.
 */
function useTakingBack({ undo, redo }: DraftActs): void {
  useKeys({
    undo: () => {
      if (!undo()) say('Nothing was changed on this list since it was opened.');
    },
    redo: () => {
      if (!redo()) say('There is nothing to do again on this list.');
    },
  });
}

/** A parcel being unpacked: the list as it is typed, and what of it is in the box. Every stroke is kept. */
export function DraftBench({ draft: given, shelf }: { draft: Draft; shelf: ReactNode }) {
  const state = useDraft(given);
  const { draft, lines, entries } = state;
  const { save, setList } = state.acts;
  const faces = useMemo(() => entries.flatMap((entry) => entry.faces), [entries]);
  useTakingBack(state.acts);
  const [hasTried, setTried] = useState(false);
  const editor = useRef<ListEditorHandle>(null);
  const show = useCallback((line: number, from: number, to: number) => editor.current?.show(line, from, to), []);
  const errors = errorsOf(draft);
  const tryReady = (): boolean => {
    setTried(true);
    return troubleOf(state.asOfNow()) === null;
  };
  return (
    <Screen
      title={draft.name || 'New parcel'}
      about={draft.club}
      actions={<DraftActions state={state} tryReady={tryReady} />}
    >
      {shelf}
      <FacePatterns faces={faces} />
      <Columns $widths="minmax(270px, 34%) 1fr">
        <Stack>
          <Row style={{ flexWrap: 'nowrap' }}>
            <TextField
              label="Kit"
              value={draft.name}
              onChange={(name) => save({ name })}
              error={hasTried ? errors.name : null}
            />
            <TextField
              label="Month"
              value={draft.month}
              onChange={(month) => save({ month })}
              error={hasTried ? errors.month : null}
              isMeasure
            />
          </Row>
          <TextField label="Club" value={draft.club} onChange={(club) => save({ club })} />
          <Tick isSelected={draft.isOpened ?? false} onChange={(isOpened) => save({ isOpened })}>
            half used: what is here is what is left
          </Tick>
          <ListUnit state={state} />
          <ListEditor
            ref={editor}
            name={draft.name || 'packing list'}
            value={draft.list}
            lines={lines}
            entries={entries}
            onChange={setList}
          />
          <YourRules />
        </Stack>
        <BoxList state={state} trouble={hasTried ? troubleOf(state) : null} onShow={show} />
      </Columns>
    </Screen>
  );
}
