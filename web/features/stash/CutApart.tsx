import { useMemo, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import type { PieceState } from '../../../core/ledger';
import { formatLength, formatSize, inches } from '../../../core/length';
import { brandingStripOf, cutApartEvent, readParts, stripOffEvent, type Edge } from '../../../core/making';
import type { Lot } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { useFill } from '../../ui/facesInSight';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { cutInStash } from '../../../core/making';
import { act } from '../../data/acts';

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

function Parts({ piece, lot, onDone }: CutApartProps) {
  const fill = useFill(lot.front);
  const { system, longestCut } = useSettings();
  const [text, setText] = useState(() => (readParts(lot.note).ok ? lot.note : ''));
  const [width, setWidth] = useState<number | null>(() => brandingStripOf(lot).width);
  const [edge, setEdge] = useState<Edge>('foot');
  const parts = useMemo(() => readParts(text), [text]);
  const found = useMemo(
    () =>
      parts.ok && parts.value.length > 0
        ? cutApartEvent(piece, lot, parts.value, { keepAtLeast: LEAST, longestCut })
        : null,
    [piece, lot, parts, longestCut],
  );
  const into = found?.event?.type === 'cut' ? found.event.into : [];
  const kept = into.filter(({ role }) => role === 'nubbin');
  const depth = edge === 'foot' || edge === 'head' ? piece.h : piece.w;
  const isStrip = width !== null && width > 0 && width < depth;
  const inch = (n: number): number => n / 8128;
  const scale = Math.min(26, 300 / inch(piece.w), 340 / inch(piece.h));
  return (
    <Row $gap={24} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
      <Stack $gap={14} style={{ flex: 1 }}>
        <TextField
          label="What is printed on it, or what you want"
          value={text}
          onChange={setText}
          autoFocus
          placeholder="6 x 3x4, 4 x 2x2"
          error={parts.ok ? null : `“${parts.error.text}” is no size. Write 6 x 3x4, 4 x 2x2.`}
        />
        {found && (
          <Soft role="status">
            {found.event
              ? `${kept.length} pieces go to the stash${found.notCut > 0 ? `; ${found.notCut} of these have no room on it` : ''}.`
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
          {found?.event ? `Cut into ${kept.length}` : 'Cut apart'}
        </Button>
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
            void act(cutInStash('cut-strips', [stripOffEvent(piece, edge, width)])).then((isDone) => {
              if (isDone) onDone();
            });
          }}
        >
          {isStrip ? `Cut ${formatLength(width, system)} off` : 'Cut it off'}
        </Button>
        <Soft>Blade away from the hand.</Soft>
        <Button slot="close" look="quiet">
          Not now
        </Button>
      </Stack>
      <svg
        width={inch(piece.w) * scale}
        height={inch(piece.h) * scale}
        viewBox={`0 0 ${inch(piece.w)} ${inch(piece.h)}`}
        role="img"
        aria-label={`${formatSize(piece, system)}, cut into ${kept.length === 0 ? 'nothing yet' : kept.map((part) => formatSize(part, system)).join(', ')}`}
        style={{ flex: 'none' }}
      >
        <rect width={inch(piece.w)} height={inch(piece.h)} fill={fill} />
        {into.map(({ id, x, y, w, h, role }) => (
          <rect
            key={id}
            x={inch(x)}
            y={inch(y)}
            width={inch(w)}
            height={inch(h)}
            fill={role === 'waste' ? 'rgba(40,20,30,.45)' : 'none'}
            stroke="#fff"
            strokeWidth={0.09}
          />
        ))}
        {into.map(({ id, x, y, w, h, role }) => (
          <rect
            key={`${id} line`}
            x={inch(x)}
            y={inch(y)}
            width={inch(w)}
            height={inch(h)}
            fill="none"
            stroke={role === 'waste' ? 'none' : '#3b2436'}
            strokeWidth={0.05}
            strokeDasharray=".18 .12"
          />
        ))}
      </svg>
    </Row>
  );
}
