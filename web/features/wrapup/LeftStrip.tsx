import styled from 'styled-components';
import type { LeftThing } from '../../../core/kit/closing';
import { useSettings } from '../../data/settings';
import { StockDrawing } from '../../parts/StockDrawing';
import { fateWords } from './fateWords';
import { thingWords } from '../../ui/thingWords';

export interface LeftStripProps {
  left: readonly LeftThing[];
  shown: string | null;
  onChoose: (key: string) => void;
}

/** Pixels to an inch: the largest sheet is no wider than a thing's place. */
const SCALE = 7;

/** Everything that is left, small, at one scale, with what was decided of it. */
export function LeftStrip({ left, shown, onChoose }: LeftStripProps) {
  const system = useSettings((s) => s.system);
  return (
    <section aria-label="What is left">
      <h2>What is left</h2>
      <Strip>
        {left.map((thing) => {
          const { key, lot, pieces, amounts, fate } = thing;
          const [piece] = pieces;
          return (
            <li key={key}>
              <Pick
                type="button"
                aria-pressed={key === shown}
                aria-label={`${thingWords(thing, system)}: ${fateWords(fate)}`}
                onClick={() => onChoose(key)}
              >
                <span>
                  <StockDrawing lot={lot} piece={piece ?? null} amounts={amounts} scale={SCALE} />
                </span>
                {thingWords(thing, system)}
                <em data-open={fate === null || undefined}>{fateWords(fate)}</em>
              </Pick>
            </li>
          );
        })}
      </Strip>
    </section>
  );
}

const Strip = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: flex-end;
`;
const Pick = styled.button`
  width: 124px;
  text-align: left;
  padding: 6px 8px;
  border: 2px solid transparent;
  background: none;
  color: inherit;
  font: inherit;
  font-size: 14px;
  line-height: 1.25;
  cursor: pointer;
  span {
    display: block;
    max-height: 92px;
    overflow: hidden;
    padding-bottom: 4px;
  }
  em {
    display: block;
    font-style: normal;
    font-weight: 650;
    color: ${({ theme }) => theme.pond};
  }
  em[data-open] {
    color: ${({ theme }) => theme.soft};
    font-weight: 400;
  }
  &:hover {
    border-color: ${({ theme }) => theme.line};
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
`;
