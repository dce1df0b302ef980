import { formatLength } from '../../../core/length';
import { moveLaid, resizeLaid, takeOff } from '../../../core/making';
import type { Layout } from '../../../core/design';
import type { Page, Placed } from '../../../core/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import type { LaidThing } from '../../ui/LaidFigure';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Slip } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Choice } from '../../ui/Choice';
import { layerName } from './layerName';
import { Measures, MovePad, Moves, useMoveKeys, type Moving } from './MovePad';

export interface LaidMovesProps {
  page: Page;
  layout: Layout;
  thing: LaidThing;
  /** It lies there no longer. */
  onGone: () => void;
}

/** Degrees that one press turns a small thing. */
const TURN = 5;
const ABOVE = '';

/** Of a strip of a roll, how long it is. */
function StripLength({ page, placed: { id, what } }: { page: Page; placed: Placed }) {
  const system = useSettings((s) => s.system);
  if (!('length' in what)) return null;
  return (
    <MeasureField
      label="Length of the strip"
      value={what.length}
      onChange={(length) => {
        if (length !== null) void act(resizeLaid(page.id, id, length), { isQuiet: true });
      }}
      system={system}
      isKeptOnLeaving
    />
  );
}

/** Moves the chosen thing by keys or buttons, the distances of its middle shown; turns, lifts, tucks it under, takes it off. */
export function LaidMoves({ page, layout, thing: { placed, looks }, onGone }: LaidMovesProps) {
  const system = useSettings((s) => s.system);
  const at = (page.placed ?? []).findIndex(({ id }) => id === placed.id);
  const change = (moved: (now: Placed) => Placed, to?: number): void => {
    void act(moveLaid(page.id, placed.id, moved, to), { isQuiet: true });
  };
  const foam = (): void => change((now) => ({ ...now, isOnFoam: !(now.isOnFoam ?? false) }));
  const off = (): void => {
    void act(takeOff(page.id, [placed.id]), { isQuiet: page.glued === null }).then((done) => {
      if (done) onGone();
    });
  };
  const moving: Moving = {
    push: (dx, dy) => change((now) => ({ ...now, x: now.x + dx, y: now.y + dy })),
    turn: (by) => change((now) => ({ ...now, turn: (now.turn + by * TURN + 360) % 360 })),
    over: () => change((now) => now, at + 1),
    under: () => change((now) => now, at - 1),
  };
  useMoveKeys(moving);
  useKeys({ foam, 'take-off': off });
  return (
    <Slip aria-label="Move the thing">
      <Moves>
        <Measures
          name={looks.name}
          measures={[
            ['middle, from the left', formatLength(placed.x, system)],
            ['from the head', formatLength(placed.y, system)],
            ['turned', `${placed.turn}°`],
          ]}
        />
        <MovePad {...moving} what="thing" />
        <Button aria-pressed={placed.isOnFoam ?? false} onPress={foam}>
          on foam
        </Button>
        <StripLength page={page} placed={placed} />
        <Row $gap={14} style={{ alignItems: 'flex-end' }}>
          <Choice
            label="Tucked under"
            options={[
              [ABOVE, 'nothing: it lies above'],
              ...layout.layers.map((layer) => [layer.id, layerName(layout, layer)] as const).toReversed(),
            ]}
            value={placed.under ?? ABOVE}
            onChange={(layer) => change(({ under: _, ...now }) => (layer === ABOVE ? now : { ...now, under: layer }))}
          />
          <Button onPress={off} hint="Del">
            {page.glued === null ? 'Take it off' : 'Peel it off, it goes back'}
          </Button>
        </Row>
      </Moves>
    </Slip>
  );
}
