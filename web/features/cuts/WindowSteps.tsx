import { useMemo } from 'react';
import styled from 'styled-components';
import { formatArea, formatLength, formatSize, TICKS_PER_INCH, type MeasureSystem } from '../../../core/ground/length';
import { coverOf, pageLayout, slotOfMore } from '../../../core/page/design';
import { framesOf, isScarce, windowsFor, windowsOf, type Window } from '../../../core/page/cutlist';
import type { Page } from '../../../core/stock/things';
import { shelfOf } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { useFill } from '../../ui/facesInSight';
import { Soft } from '../../ui/Screen';
import { slotName } from '../../parts/pieceName';
import { cutWindow } from '../../../core/acts';
import { act } from '../../data/acts';

const SCALE = 11;
const inch = (ticks: number): number => ticks / TICKS_PER_INCH;

/** The layer, what hides it left out, and the middle to cut out of it. */
function WindowDrawing({ window: { layer, at, face }, system }: { window: Window; system: MeasureSystem }) {
  const fill = useFill(face);
  const [w, h] = [inch(layer.w), inch(layer.h)];
  return (
    <Drawn
      width={w * SCALE}
      height={h * SCALE}
      viewBox={`0 0 ${w} ${h}`}
      role="img"
      aria-label={`${formatSize(at, system)} out of ${formatSize(layer, system)}`}
    >
      <rect width={w} height={h} fill={fill} />
      <rect
        className="middle"
        x={inch(at.x)}
        y={inch(at.y)}
        width={inch(at.w)}
        height={inch(at.h)}
        strokeWidth={2 / SCALE}
        strokeDasharray={`${6 / SCALE} ${4 / SCALE}`}
      />
    </Drawn>
  );
}

/** On which page of a spread it lies; a frame beyond the design lies on either. */
function sideOf({ format, more = [] }: Page, { layer }: Window): string {
  if (!format.spread || more.some((piece) => slotOfMore(piece) === layer.slot)) return '';
  return layer.x >= format.w ? ', on the right page' : ', on the left page';
}

/** Hidden middles to be cut out before glueing, as her school has it, each with its distances from two edges. */
export function WindowSteps({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const { system, hold, gut } = useSettings();
  const all = useMemo(() => {
    const layout = pageLayout(page);
    return layout.ok ? windowsOf(page, layout.value, coverOf(layout.value, hold), shelfOf(bench)) : [];
  }, [page, bench, hold]);
  const frames = useMemo(() => framesOf(page, shelfOf(bench)), [page, bench]);
  const windows = [...windowsFor(gut, all), ...frames];
  if (windows.length === 0) return null;
  return (
    <Steps aria-label="Before you glue">
      <h2>Before you glue: take the hidden paper back</h2>
      {windows.map((window) => (
        <article key={window.layer.id}>
          <WindowDrawing window={window} system={system} />
          <div>
            <h3>
              {slotName(page, window.layer.slot)}
              {sideOf(page, window)}
            </h3>
            <p>
              Measure <b>{formatLength(window.at.x, system)}</b> from its left and{' '}
              <b>{formatLength(window.at.y, system)}</b> from its head; cut out{' '}
              <b className="size">{formatSize(window.at, system)}</b>.
            </p>
            <Soft>
              {frames.includes(window)
                ? 'A frame gives its middle back.'
                : window.left === 0
                  ? 'None of this design is left in the stash.'
                  : isScarce(window)
                    ? `Only ${formatArea(window.left, system)} of this design is left in the stash.`
                    : 'You take hidden paper back always.'}
            </Soft>
            <Button onPress={() => void act(cutWindow(window))}>It is cut out</Button>
          </div>
        </article>
      ))}
      <Soft>
        Craft knife along a metal ruler, away from the hand, fresh blade; cap it after. Back the page with plain paper.
      </Soft>
    </Steps>
  );
}

const Drawn = styled.svg`
  flex: none;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  .middle {
    fill: ${({ theme }) => theme.paper};
    fill-opacity: 0.8;
    stroke: ${({ theme }) => theme.pond};
  }
`;
const Steps = styled.section`
  display: flex;
  flex-direction: column;
  gap: 16px;
  text-align: left;
  color: ${({ theme }) => theme.ink};
  align-items: center;
  article {
    display: grid;
    grid-template-columns: 150px 1fr;
    gap: 22px;
    align-items: start;
    justify-items: center;
    width: 640px;
  }
  .size {
    white-space: nowrap;
  }
  article > div {
    display: flex;
    flex-direction: column;
    gap: 6px;
    align-items: flex-start;
  }
  article > div {
    justify-self: start;
  }
  p {
    font-size: 18px;
    margin: 0;
  }
`;
