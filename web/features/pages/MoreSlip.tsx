import { nanoid } from 'nanoid';
import { useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { formatArea, formatSize, toInches } from '../../../core/ground/length';
import { drawShape, type Shape, type ShapeKind } from '../../../core/ground/shapes';
import type { MorePiece, Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { PaperChoice } from '../../ui/PaperChoice';
import { Form } from '../../ui/Form';
import { Row, Soft, Stack, Wrong } from '../../ui/Screen';
import { ShapeDrawing } from '../../ui/ShapeDrawing';
import { shapeErrorWords, shapeName, shapingWords } from '../../ui/shapeWords';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { ShapeFields } from './ShapeFields';
import { onlyItsOwn, START, type Measures } from './shapeMeasures';
import { usePaperStanding } from '../../parts/usePaperStanding';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';

/** No face of hers is called so. */
const ANY_PAPER = 'any paper';

/** A piece as it is told: its shape, paper, how many, what for. */
function useMorePiece(page: string) {
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
  const add = (): void => {
    if (!drawn.ok || copies === null) return;
    const piece: MorePiece = {
      id: nanoid(6),
      name: name.trim() === '' ? shapeName(kind) : name.trim(),
      shape: onlyItsOwn(shape),
      face: face === '' ? null : face,
      count: copies,
    };
    void act(
      changePage(page, (now) => ({ more: [...(now.more ?? []), piece] }), `Wants a ${shapeName(kind).toLowerCase()}`),
      { isQuiet: true },
    );
    setName('');
  };
  return { kind, setKind, measures, set, name, setName, face, setFace, count, setCount, shape, drawn, copies, add };
}
type Told = ReturnType<typeof useMorePiece>;

/** Which paper it is cut from. */
function Paper({ page, told: { face, setFace } }: { page: string; told: Told }) {
  const faces = useBench((b) => b.faces);
  const standing = usePaperStanding(page);
  return (
    <PaperChoice
      label="Paper"
      options={[
        { id: ANY_PAPER, name: 'whichever is left', face: null, about: '' },
        ...[...faces.values()].map(({ id, name: called }) => ({ id, name: called, face: id, about: standing(id) })),
      ]}
      value={face === '' ? ANY_PAPER : face}
      onChange={(id) => setFace(id === ANY_PAPER ? '' : id)}
    />
  );
}

/** How many of it, and what it is for. */
function CountAndName({ told: { kind, count, setCount, copies, name, setName } }: { told: Told }) {
  return (
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
        <TextField label="What for" value={name} onChange={setName} placeholder={shapeName(kind).toLowerCase()} />
      </div>
    </Row>
  );
}

/** What it is cut from, and what falls off. */
function WhatItTakes({ told: { shape, drawn } }: { told: Told }) {
  const system = useSettings((s) => s.system);
  return drawn.ok ? (
    <Soft>
      Cut from {formatSize(drawn.value.blank, system)}
      {drawn.value.waste > 1 ? `, of which ${formatArea(drawn.value.waste, system)} fall off` : ''}
      {drawn.value.givesBack ? `; ${formatSize(drawn.value.givesBack, system)} come back whole` : ''}.{' '}
      {shapingWords(shape, system)}
    </Soft>
  ) : (
    <Wrong role="alert">{shapeErrorWords(drawn.error, system)}</Wrong>
  );
}

/** A piece beyond the design: which shape, how large, from which paper. */
export function MoreSlip({ page }: { page: Page }) {
  const told = useMorePiece(page.id);
  const { kind, setKind, measures, set, face, drawn, copies, add } = told;
  return (
    <DialogTrigger>
      <Button>Another piece</Button>
      <SlipOver title="Another piece for this page">
        {(close) => (
          <Form
            onSend={() => {
              close();
              add();
            }}
          >
            <Stack $gap={14}>
              <Row $gap={14} style={{ alignItems: 'flex-start' }}>
                <Stack style={{ width: 300 }}>
                  <ShapeFields kind={kind} measures={measures} onKind={setKind} onMeasures={set} />
                  <Paper page={page.id} told={told} />
                  <CountAndName told={told} />
                </Stack>
                {drawn.ok && (
                  <ShapeDrawing
                    shape={drawn.value}
                    face={face === '' ? null : face}
                    scale={Math.min(34, 220 / toInches(drawn.value.blank.w), 260 / toInches(drawn.value.blank.h))}
                    label={`${shapeName(kind)} in its blank`}
                  />
                )}
              </Row>
              <WhatItTakes told={told} />
              <Row>
                <Button look="main" type="submit" isDisabled={!drawn.ok || copies === null}>
                  Put it on the cut list
                </Button>
                <Button slot="close" look="quiet">
                  Never mind
                </Button>
              </Row>
            </Stack>
          </Form>
        )}
      </SlipOver>
    </DialogTrigger>
  );
}
