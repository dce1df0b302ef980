import { useState } from 'react';
import { formatPlace } from '../../../core/ground/length';
import { moveLaid, takeOff } from '../../../core/acts';
import type { Layout } from '../../../core/page/design';
import { boundsOf, boundsOfLaid, stopAt } from '../../../core/page/placing';
import type { Page, Placed } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import type { LaidThing } from '../../ui/LaidFigure';
import { Row, Slip } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { Choice } from '../../ui/Choice';
import { LaidMeasures } from './LaidMeasures';
import { layerName } from './layerName';
import { MatSlip } from './MatSlip';
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

/** How far a push takes it one way: no farther than to the edges of layers and of what else lies there. */
function useStops(page: Page, layout: Layout, { placed, looks }: LaidThing) {
  const bench = useBench((b) => b);
  return (axis: 'x' | 'y', by: number): number => {
    const others = (page.placed ?? []).filter(
      ({ id, matOf, isTitle }) => id !== placed.id && matOf !== placed.id && !(isTitle && placed.isTitle),
    );
    const edges = [{ x: 0, y: 0, ...layout.size }, ...layout.layers, ...boundsOfLaid({ placed: others }, bench)];
    return stopAt(boundsOf(looks.size, placed, placed.turn), axis, by, edges);
  };
}

/** The layer that something is tucked under; null: none. */
function Tucked({
  layout,
  under = ABOVE,
  onTuck,
}: {
  layout: Layout;
  under: string | undefined;
  onTuck: (layer: string | null) => void;
}) {
  const layers = layout.layers.map((layer) => [layer.id, layerName(layout, layer)] as const).toReversed();
  return (
    <Choice
      label="Tucked under"
      options={[[ABOVE, 'nothing: it lies above'], ...layers]}
      value={under}
      onChange={(layer) => onTuck(layer === ABOVE ? null : layer)}
    />
  );
}

/** Where a thing's middle is, and how it is turned. */
function Where({ thing: { placed, looks } }: { thing: LaidThing }) {
  const system = useSettings((s) => s.system);
  return (
    <Measures
      name={looks.name}
      measures={[
        ['middle, from the left', formatPlace(placed.x, system)],
        ['from the head', formatPlace(placed.y, system)],
        ['turned', `${placed.turn}°`],
      ]}
    />
  );
}

/** Moves the chosen thing by keys or buttons, the distances of its middle shown; turns, lifts, tucks it under, takes it off. */
export function LaidMoves({ page, layout, thing, onGone }: LaidMovesProps) {
  const { placed } = thing;
  const [isAlone, setAlone] = useState(false);
  const at = (page.placed ?? []).findIndex(({ id }) => id === placed.id);
  const change = (moved: (now: Placed) => Placed, to?: number): void => {
    void act(moveLaid(page.id, placed.id, moved, { isAlone, ...(to === undefined ? {} : { at: to }) }), {
      isQuiet: true,
    });
  };
  const foam = (): void => change((now) => ({ ...now, isOnFoam: !(now.isOnFoam ?? false) }));
  const off = (): void => {
    void act(takeOff(page.id, [placed.id]), { isQuiet: page.glued === null }).then((done) => {
      if (done) onGone();
    });
  };
  const stops = useStops(page, layout, thing);
  const push = (dx: number, dy: number): void => {
    const [x, y] = [dx === 0 ? 0 : stops('x', dx), dy === 0 ? 0 : stops('y', dy)];
    change((now) => ({ ...now, x: now.x + x, y: now.y + y }));
  };
  const moving: Moving = {
    push,
    turn: (by) => change((now) => ({ ...now, turn: (now.turn + by * TURN + 360) % 360 })),
    over: () => change((now) => now, at + 1),
    under: () => change((now) => now, at - 1),
  };
  useMoveKeys(moving);
  useKeys({ foam, 'take-off': off });
  return (
    <Slip aria-label="Move the thing">
      <Moves>
        <Where thing={thing} />
        <MovePad {...moving} what="thing" />
        <Button aria-pressed={placed.isOnFoam ?? false} onPress={foam}>
          on foam
        </Button>
        {placed.isTitle && (
          <Tick isSelected={isAlone} onChange={setAlone}>
            this letter by itself
          </Tick>
        )}
        <LaidMeasures page={page} placed={placed} />
        <Row $gap={14} style={{ alignItems: 'flex-end' }}>
          <Tucked
            layout={layout}
            under={placed.under}
            onTuck={(layer) => change(({ under: _, ...now }) => (layer === null ? now : { ...now, under: layer }))}
          />
          {!('drawn' in placed.what) && <MatSlip page={page} placed={placed.id} />}
          <Button onPress={off} hint="Del">
            {page.glued === null ? 'Take it off' : 'Peel it off, it goes back'}
          </Button>
        </Row>
      </Moves>
    </Slip>
  );
}
