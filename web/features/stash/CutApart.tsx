import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import type { PieceState } from '../../../core/stock/ledger';
import { formatLength, formatSize, inches, type MeasureSystem } from '../../../core/ground/length';
import { brandingStripOf, cutApartEvent, readParts, stripOffEvent, type Edge } from '../../../core/acts';
import type { Lot } from '../../../core/stock/things';
import { useSettings, useTrimmer } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SIZE_TYPED } from '../../ui/sizeTyped';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { CutApartDrawing } from './CutApartDrawing';
import { cutInStash } from '../../../core/acts';
import { act } from '../../data/acts';
import { agreeing, countWords } from '../../words/countWords';

export interface CutApartProps {
  piece: PieceState;
  lot: Lot;
  onDone: () => void;
}

const LEAST = { w: inches(1), h: inches(1) };
const EDGES: readonly (readonly [Edge, string])[] = [
  ['foot', 'foot'],
  ['head', 'head'],
  ['left', 'left side'],
  ['right', 'right side'],
];

/** A sheet in the stash cut apart: into what is printed on it, or the maker's strip off its edge. */
export function CutApart(props: CutApartProps) {
  return (
    <DialogTrigger>
      <Button>Cut apart</Button>
      <SlipOver title={`Cut apart: ${props.lot.name}`}>
        {(close) => (
          <Parts
            {...props}
            onDone={() => {
              close();
              props.onDone();
            }}
          />
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

interface IntoPartsProps extends Pick<CutApartProps, 'onDone'> {
  text: string;
  onText: (text: string) => void;
  found: ReturnType<typeof useParts>['found'];
}

/** Cuts it into the parts that are told. */
function IntoParts({ text, onText, found, onDone }: IntoPartsProps) {
  const system = useSettings((s) => s.system);
  const parts = readParts(text, system);
  const example = `6 x ${SIZE_TYPED[system]}`;
  const count = found?.event?.type === 'cut' ? found.event.into.filter(({ role }) => role === 'nubbin').length : 0;
  return (
    <>
      <TextField
        label="What is printed on it, or what you want"
        value={text}
        onChange={onText}
        autoFocus
        placeholder={example}
        error={parts.ok ? null : `“${parts.error.text}” is no size. Write ${example}.`}
      />
      {found && (
        <Soft role="status">
          {found.event
            ? `${countWords(count, 'piece goes', 'pieces go')} to the stash${found.notCut > 0 ? `; ${found.notCut} of these ${agreeing(found.notCut, 'has', 'have')} no room on it` : ''}.`
            : 'None of these has room on it.'}
        </Soft>
      )}
      <Button
        look="main"
        isDisabled={!found?.event}
        onPress={() => {
          if (!found?.event) return;
          void act(cutInStash('cut-in-stash', [found.event])).then((isDone) => {
            if (isDone) onDone();
          });
        }}
      >
        {found?.event ? `Cut into ${count}` : 'Cut apart'}
      </Button>
    </>
  );
}

/** Cuts the maker's strip off an edge. */
function OffAnEdge({ piece, lot, onDone }: CutApartProps) {
  const { system, kerf } = useSettings();
  const [width, setWidth] = useState<number | null>(() => brandingStripOf(lot).width);
  const [edge, setEdge] = useState<Edge>('foot');
  const depth = edge === 'foot' || edge === 'head' ? piece.h : piece.w;
  const isStrip = width !== null && width > 0 && width < depth;
  return (
    <>
      <h3>The maker’s strip</h3>
      <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
        <div style={{ width: 96 }}>
          <MeasureField label="wide" value={width} onChange={setWidth} system={system} />
        </div>
        <div style={{ flex: 1 }}>
          <Choice<Edge> label="along the" options={EDGES} value={edge} onChange={setEdge} />
        </div>
      </Row>
      <Button
        isDisabled={!isStrip}
        onPress={() => {
          if (!width) return;
          void act(cutInStash('cut-strips', [stripOffEvent(piece, edge, width, kerf)])).then((isDone) => {
            if (isDone) onDone();
          });
        }}
      >
        {isStrip ? `Cut ${formatLength(width, system)} off` : 'Cut it off'}
      </Button>
    </>
  );
}

/** What a note tells of parts, as a list does in inches, in her measures; empty: it tells of none. */
function notedParts(note: string, system: MeasureSystem): string {
  const noted = readParts(note).value ?? [];
  if (system === 'in') return noted.length > 0 ? note : '';
  return noted.map(({ count, ...size }) => `${count} x ${formatSize(size, system)}`).join(', ');
}

/** What is told to be cut, and what comes of it. */
function useParts({ piece, lot }: CutApartProps) {
  const trimmer = useTrimmer();
  const system = useSettings((s) => s.system);
  const [text, setText] = useState(() => notedParts(lot.note, system));
  const parts = useMemo(() => readParts(text, system), [text, system]);
  const found = useMemo(
    () =>
      parts.ok && parts.value.length > 0
        ? cutApartEvent(piece, lot, parts.value, { keepAtLeast: LEAST, ...trimmer })
        : null,
    [piece, lot, parts, trimmer],
  );
  const into = found?.event?.type === 'cut' ? found.event.into : [];
  return { text, setText, found, into };
}

function Parts(props: CutApartProps) {
  const { text, setText, found, into } = useParts(props);
  return (
    <Row $gap={24} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
      <Stack $gap={14} style={{ flex: 1 }}>
        <IntoParts onDone={props.onDone} text={text} onText={setText} found={found} />
        <OffAnEdge {...props} />
        <Soft>Blade away from the hand.</Soft>
        <Button slot="close" look="quiet">
          Not now
        </Button>
      </Stack>
      <CutApartDrawing piece={props.piece} face={props.lot.front} into={into} />
    </Row>
  );
}
