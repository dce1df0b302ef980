import styled from 'styled-components';
import { inches, mm } from '../../../core/ground/length';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';

/** How something on a page is moved: by ticks, by presses of its own, up and down among what lies there. */
export interface Moving {
  readonly push: (dx: number, dy: number) => void;
  readonly turn: (by: 1 | -1) => void;
  readonly over: () => void;
  readonly under: () => void;
}

/** A sixteenth and half an inch, or a millimetre and a centimetre. */
function useSteps(): readonly [small: number, large: number] {
  const system = useSettings((s) => s.system);
  return system === 'in' ? [inches(1 / 16), inches(1 / 2)] : [mm(1), mm(10)];
}

/** Moves by the arrow keys and their neighbours. */
export function useMoveKeys({ push, turn, over, under }: Moving): void {
  const [small, large] = useSteps();
  useKeys({
    'push-left': () => push(-small, 0),
    'push-right': () => push(small, 0),
    'push-up': () => push(0, -small),
    'push-down': () => push(0, small),
    'far-left': () => push(-large, 0),
    'far-right': () => push(large, 0),
    'far-up': () => push(0, -large),
    'far-down': () => push(0, large),
    'turn-left': () => turn(-1),
    'turn-right': () => turn(1),
    lift: over,
    lower: under,
  });
}

/** The same as buttons. @param what it is called in their names: a layer, a thing */
export function MovePad({ push, turn, over, under, what }: Moving & { what: string }) {
  const [small] = useSteps();
  return (
    <Pad>
      <Button isRepeatable aria-label="Left" onPress={() => push(-small, 0)}>
        ←
      </Button>
      <Button isRepeatable aria-label="Right" onPress={() => push(small, 0)}>
        →
      </Button>
      <Button isRepeatable aria-label="Up" onPress={() => push(0, -small)}>
        ↑
      </Button>
      <Button isRepeatable aria-label="Down" onPress={() => push(0, small)}>
        ↓
      </Button>
      <Button isRepeatable aria-label="Turn left" onPress={() => turn(-1)}>
        ↺
      </Button>
      <Button isRepeatable aria-label="Turn right" onPress={() => turn(1)}>
        ↻
      </Button>
      <Button isRepeatable aria-label={`Over the next ${what}`} onPress={over}>
        over
      </Button>
      <Button isRepeatable aria-label={`Under the next ${what}`} onPress={under}>
        under
      </Button>
    </Pad>
  );
}

/** What is moved, with its measures. */
export function Measures({ name, measures }: { name: string; measures: readonly (readonly [string, string])[] }) {
  return (
    <>
      <strong>{name}</strong>
      <dl>
        {measures.map(([of, is]) => (
          <div key={of}>
            <dt>{of}</dt>
            <dd>{is}</dd>
          </div>
        ))}
      </dl>
    </>
  );
}

const Pad = styled(Row)`
  gap: 5px;
  button {
    min-height: 36px;
    padding: 4px 9px;
  }
`;
/** Holds both. */
export const Moves = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
  font-size: 15px;
  dl {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
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
