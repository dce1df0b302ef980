import { nanoid } from 'nanoid';
import { useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { formatArea, formatSize, inches } from '../../../core/length';
import { drawShape, type Shape, type ShapeKind } from '../../../core/shapes';
import type { MorePiece, Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { ShapeDrawing } from '../../ui/ShapeDrawing';
import { SHAPE_KINDS, shapeErrorWords, shapeName, shapingWords } from '../../ui/shapeWords';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { usePaperStanding } from '../../parts/usePaperStanding';
import { changePage } from '../../../core/making';
import { act } from '../../data/acts';

/** No face of hers is called so. */
const ANY_PAPER = 'any paper';

/** What a shape may be told by, and what it begins with. */
interface Measures {
  w: number;
  h: number;
  d: number;
  depth: number;
  corner: number;
  scallop: number;
  flap: number;
  border: number;
  end: 'dovetail' | 'point';
  corners: 'clipped' | 'round';
}
type Length = Exclude<keyof Measures, 'end' | 'corners'>;

const START: Measures = {
  w: inches(2),
  h: inches(4),
  d: inches(3),
  depth: inches(0.75),
  corner: inches(0.5),
  scallop: inches(0.5),
  flap: inches(0.5),
  border: inches(0.5),
  end: 'dovetail',
  corners: 'clipped',
};
/** Usual sizes to begin with. Common practice, no source. */
const USUAL: Partial<Record<ShapeKind, Partial<Measures>>> = {
  banner: { w: inches(1.5), h: inches(7) },
  'scallop-strip': { w: inches(12), h: inches(1.25) },
  pocket: { w: inches(3.25), h: inches(4) },
  frame: { w: inches(4.25), h: inches(6.25) },
  pennant: { w: inches(2), h: inches(3) },
};

const FIELDS: Record<ShapeKind, readonly (readonly [Length, string])[]> = {
  rectangle: [
    ['w', 'width'],
    ['h', 'height'],
  ],
  banner: [
    ['w', 'width'],
    ['h', 'length'],
    ['depth', 'depth of its end'],
  ],
  tag: [
    ['w', 'width'],
    ['h', 'height'],
    ['corner', 'off the corners'],
  ],
  circle: [['d', 'across']],
  hexagon: [['d', 'from flat to flat']],
  'half-circle': [['d', 'across']],
  pennant: [
    ['w', 'width'],
    ['h', 'length'],
  ],
  'scallop-strip': [
    ['w', 'length'],
    ['h', 'height'],
    ['scallop', 'a scallop'],
  ],
  pocket: [
    ['w', 'width inside'],
    ['h', 'height inside'],
    ['flap', 'flap'],
  ],
  frame: [
    ['w', 'width'],
    ['h', 'height'],
    ['border', 'border'],
  ],
};

/** A piece beyond the design: which shape, how large, from which paper. */
export function MoreSlip({ page }: { page: Page }) {
  const faces = useBench((b) => b.faces);
  const standing = usePaperStanding(page.id);
  const system = useSettings((s) => s.system);
  const [kind, setKind] = useState<ShapeKind>('tag');
  const [measures, setMeasures] = useState(START);
  const [name, setName] = useState('');
  const [face, setFace] = useState('');
  const [count, setCount] = useState('1');
  const set = (some: Partial<Measures>): void => setMeasures((now) => ({ ...now, ...some }));
  // The drawing takes what its kind knows of the measures.
  const shape = { kind, ...measures } as Shape;
  const drawn = drawShape(shape);
  const copies = /^[1-9]\d?$/.test(count) ? Number(count) : null;
  const add = (close: () => void): void => {
    if (!drawn.ok || copies === null) return;
    close();
    const piece: MorePiece = {
      id: nanoid(6),
      name: name.trim() === '' ? shapeName(kind) : name.trim(),
      shape: onlyItsOwn(shape),
      face: face === '' ? null : face,
      count: copies,
    };
    void act(
      changePage(
        page.id,
        (now) => ({ more: [...(now.more ?? []), piece] }),
        `Wants a ${shapeName(kind).toLowerCase()}`,
      ),
      { isQuiet: true },
    );
    setName('');
  };
  return (
    <DialogTrigger>
      <Button>Another piece</Button>
      <SlipOver title="Another piece for this page">
        {(close) => (
          <form
            onSubmit={(event) => {
              event.preventDefault();
              add(close);
            }}
          >
            <Stack $gap={14}>
              <Row $gap={14} style={{ alignItems: 'flex-start' }}>
                <Stack style={{ width: 300 }}>
                  <Choice<ShapeKind>
                    label="Shape"
                    options={SHAPE_KINDS.map((k) => [k, shapeName(k)])}
                    value={kind}
                    onChange={(to) => {
                      setKind(to);
                      set(USUAL[to] ?? { w: START.w, h: START.h });
                    }}
                  />
                  <Row>
                    {FIELDS[kind].map(([field, label]) => (
                      <div key={`${kind} ${field}`} style={{ width: 92 }}>
                        <MeasureField
                          label={label}
                          value={measures[field]}
                          system={system}
                          onChange={(length) => {
                            if (length !== null) set({ [field]: length });
                          }}
                        />
                      </div>
                    ))}
                  </Row>
                  {kind === 'banner' && (
                    <Choice
                      label="End"
                      options={[
                        ['dovetail', 'dovetail'],
                        ['point', 'point'],
                      ]}
                      value={measures.end}
                      onChange={(end) => set({ end })}
                    />
                  )}
                  {kind === 'tag' && (
                    <Choice
                      label="Corners"
                      options={[
                        ['clipped', 'upper two clipped'],
                        ['round', 'all four round'],
                      ]}
                      value={measures.corners}
                      onChange={(corners) => set({ corners })}
                    />
                  )}
                  <PaperChoice
                    label="Paper"
                    options={[
                      { id: ANY_PAPER, name: 'whichever is left', face: null, about: '' },
                      ...[...faces.values()].map(({ id, name: called }) => ({
                        id,
                        name: called,
                        face: id,
                        about: standing(id),
                      })),
                    ]}
                    value={face === '' ? ANY_PAPER : face}
                    onChange={(id) => setFace(id === ANY_PAPER ? '' : id)}
                  />
                  <Row>
                    <div style={{ width: 92 }}>
                      <TextField
                        label="How many"
                        value={count}
                        onChange={setCount}
                        inputMode="numeric"
                        error={copies === null ? '1 to 99' : null}
                      />
                    </div>
                    <div style={{ flex: 1 }}>
                      <TextField
                        label="What for"
                        value={name}
                        onChange={setName}
                        placeholder={shapeName(kind).toLowerCase()}
                      />
                    </div>
                  </Row>
                </Stack>
                {drawn.ok && (
                  <ShapeDrawing
                    shape={drawn.value}
                    face={face === '' ? null : face}
                    scale={Math.min(34, 220 / (drawn.value.blank.w / 8128), 260 / (drawn.value.blank.h / 8128))}
                    label={`${shapeName(kind)} in its blank`}
                  />
                )}
              </Row>
              {drawn.ok ? (
                <Soft>
                  Cut from {formatSize(drawn.value.blank, system)}
                  {drawn.value.waste > 1 ? `, of which ${formatArea(drawn.value.waste, system)} fall off` : ''}
                  {drawn.value.givesBack ? `; ${formatSize(drawn.value.givesBack, system)} come back whole` : ''}.{' '}
                  {shapingWords(shape, system)}
                </Soft>
              ) : (
                <Wrong role="alert">{shapeErrorWords(drawn.error, system)}</Wrong>
              )}
              <Row>
                <Button look="main" type="submit" isDisabled={!drawn.ok || copies === null}>
                  Put it on the cut list
                </Button>
                <Button slot="close" look="quiet">
                  Never mind
                </Button>
              </Row>
            </Stack>
          </form>
        )}
      </SlipOver>
    </DialogTrigger>
  );
}

/** A shape without the measures that its kind does not know. */
function onlyItsOwn(shape: Shape): Shape {
  const known = new Set<string>([
    'kind',
    ...FIELDS[shape.kind].map(([field]) => field),
    ...(shape.kind === 'banner' ? ['end'] : shape.kind === 'tag' ? ['corners'] : []),
  ]);
  return Object.fromEntries(Object.entries(shape).filter(([key]) => known.has(key))) as unknown as Shape;
}
