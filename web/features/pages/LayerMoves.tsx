import styled from 'styled-components';
import { formatLength, inches, mm } from '../../../core/length';
import { movedOn, movedWith, nudge, type Layout } from '../../../core/design';
import type { LayerMove, Page } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Slip } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { layerName } from './layerName';
import { changePage } from '../../../core/making';
import { act } from '../../data/acts';

export interface LayerMovesProps {
  page: Page;
  layout: Layout;
  /** The layer chosen. */ layer: string;
}

/**
 * Moves the chosen layer by keys or buttons, its distances from the page's edges shown; edges that come near meet
 * exactly.
 */
export function LayerMoves({ page, layout, layer: id }: LayerMovesProps) {
  const system = useSettings((s) => s.system);
  const layer = layout.layers.find((one) => one.id === id);
  const group = movedWith(layout, id);
  const [small, large] = system === 'in' ? [inches(1 / 16), inches(1 / 2)] : [mm(1), mm(10)];
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
  useKeys({
    'push-left': () => push('x', -small),
    'push-right': () => push('x', small),
    'push-up': () => push('y', -small),
    'push-down': () => push('y', small),
    'far-left': () => push('x', -large),
    'far-right': () => push('x', large),
    'far-up': () => push('y', -large),
    'far-down': () => push('y', large),
    'turn-left': () => move({ turn: -1 }),
    'turn-right': () => move({ turn: 1 }),
    lift: () => move({ lift: 1 }),
    lower: () => move({ lift: -1 }),
    'put-back': back,
  });
  if (!layer) return null;
  const is = (length: number): string => formatLength(length, system);
  const isMoved = page.moves?.[group] !== undefined;
  return (
    <Slip aria-label="Move the layer">
      <Moves>
        <strong>{layerName(layout, layer)}</strong>
        <dl>
          <div>
            <dt>left</dt>
            <dd>{is(layer.x)}</dd>
          </div>
          <div>
            <dt>head</dt>
            <dd>{is(layer.y)}</dd>
          </div>
          <div>
            <dt>right</dt>
            <dd>{is(layout.size.w - layer.x - layer.w)}</dd>
          </div>
          <div>
            <dt>foot</dt>
            <dd>{is(layout.size.h - layer.y - layer.h)}</dd>
          </div>
          <div>
            <dt>turned</dt>
            <dd>{layer.turn}°</dd>
          </div>
        </dl>
        <Row $gap={6}>
          <Button aria-label="Left" onPress={() => push('x', -small)}>
            ←
          </Button>
          <Button aria-label="Right" onPress={() => push('x', small)}>
            →
          </Button>
          <Button aria-label="Up" onPress={() => push('y', -small)}>
            ↑
          </Button>
          <Button aria-label="Down" onPress={() => push('y', small)}>
            ↓
          </Button>
          <Button aria-label="Turn left" onPress={() => move({ turn: -1 })}>
            ↺
          </Button>
          <Button aria-label="Turn right" onPress={() => move({ turn: 1 })}>
            ↻
          </Button>
          <Button aria-label="Over the next layer" onPress={() => move({ lift: 1 })}>
            over
          </Button>
          <Button aria-label="Under the next layer" onPress={() => move({ lift: -1 })}>
            under
          </Button>
          <Button look="quiet" isDisabled={!isMoved} onPress={back}>
            put back
          </Button>
        </Row>
      </Moves>
    </Slip>
  );
}

const Moves = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  font-size: 15px;
  dl {
    display: flex;
    gap: 14px;
    margin: 0;
  }
  dl div {
    display: flex;
    gap: 5px;
  }
  dt {
    color: ${({ theme }) => theme.soft};
  }
  dd {
    margin: 0;
    font-family: 'Atkinson Hyperlegible Mono Variable', monospace;
  }
`;
