import { formatPlace } from '../../../core/ground/length';
import { movedOn, movedWith, nudge, type Layout } from '../../../core/page/design';
import type { LayerMove, Page } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Slip } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { layerName } from './layerName';
import { Measures, MovePad, Moves, useMoveKeys, type Moving } from './MovePad';
import { changePage, liftLayer } from '../../../core/acts';
import { act } from '../../data/acts';

export interface LayerMovesProps {
  page: Page;
  layout: Layout;
  /** The layer chosen. */ layer: string;
}

/** Moving a layer with what goes with it: pushed until edges meet, turned, lifted, put back. */
function useLayerMove(page: Page, layout: Layout, id: string) {
  const group = movedWith(layout, id, page.moves);
  const move = (more: Partial<LayerMove>): void => {
    void act(
      changePage(
        page.id,
        (now) => {
          const { [group]: before, ...rest } = now.moves ?? {};
          const after = movedOn(before, more);
          return { moves: after ? { ...rest, [group]: after } : rest };
        },
        'Moved a layer',
      ),
      { isQuiet: true },
    );
  };
  const push = (axis: 'x' | 'y', step: number): void => {
    const by = nudge(layout, group, axis, step);
    move(axis === 'x' ? { dx: by } : { dy: by });
  };
  const lift = (by: 1 | -1): void => void act(liftLayer(page.id, group, by), { isQuiet: true });
  const back = (): void => {
    void act(
      changePage(
        page.id,
        (now) => ({ moves: Object.fromEntries(Object.entries(now.moves ?? {}).filter(([key]) => key !== group)) }),
        'Put a layer back',
      ),
      { isQuiet: true },
    );
  };
  const moving: Moving = {
    push: (dx, dy) => {
      if (dx !== 0) push('x', dx);
      if (dy !== 0) push('y', dy);
    },
    turn: (by) => move({ turn: by }),
    over: () => lift(1),
    under: () => lift(-1),
  };
  return { moving, back, isMoved: page.moves?.[group] !== undefined };
}

/**
 * Moves the chosen layer by keys or buttons, its distances from the page's edges shown; edges that come near meet
 * exactly.
 */
export function LayerMoves({ page, layout, layer: id }: LayerMovesProps) {
  const system = useSettings((s) => s.system);
  const layer = layout.layers.find((one) => one.id === id);
  const { moving, back, isMoved } = useLayerMove(page, layout, id);
  useMoveKeys(moving);
  useKeys({ 'put-back': back });
  if (!layer) return null;
  const is = (length: number): string => formatPlace(length, system);
  return (
    <Slip aria-label="Move the layer">
      <Moves>
        <Measures
          name={layerName(layout, layer)}
          measures={[
            ['left', is(layer.x)],
            ['head', is(layer.y)],
            ['right', is(layout.size.w - layer.x - layer.w)],
            ['foot', is(layout.size.h - layer.y - layer.h)],
            ['turned', `${layer.turn}°`],
          ]}
        />
        <MovePad {...moving} what="layer" />
        <Button look="quiet" isDisabled={!isMoved} onPress={back}>
          put back
        </Button>
      </Moves>
    </Slip>
  );
}
