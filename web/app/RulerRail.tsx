import { CircleHelp, Redo2, Search, Settings as Cog, Undo2 } from 'lucide-react';
import { Button, Tooltip, TooltipTrigger } from 'react-aria-components';
import { NavLink } from 'react-router';
import styled from 'styled-components';
import { heading, inSmallWindow, mono } from '../ui/theme';
import { PLACES } from './places';
import { fetchScreen } from './screens';

export interface RulerRailProps {
  canUndo: string | null;
  canRedo: string | null;
  onUndo: () => void;
  onRedo: () => void;
  onHelp: () => void;
  onFind: () => void;
}

/** The main navigation: a ruler down the left edge, a screen at each inch. */
export function RulerRail({ canUndo, canRedo, onUndo, onRedo, onHelp, onFind }: RulerRailProps) {
  return (
    <Rail aria-label="Screens">
      <ol>
        {PLACES.map((place, i) => (
          <li key={i}>
            <Ticks />
            {place && (
              <Mark
                to={place.path}
                onPointerEnter={() => fetchScreen(place.path)}
                onFocus={() => fetchScreen(place.path)}
              >
                <small aria-hidden>{place.key}</small>
                {place.name}
              </Mark>
            )}
          </li>
        ))}
      </ol>
      <Foot>
        <Tool
          isLeft
          label={canUndo ? `Undo: ${canUndo}` : 'Nothing to undo'}
          hint="Ctrl Z"
          isDisabled={!canUndo}
          onPress={onUndo}
        >
          <Undo2 size={18} />
        </Tool>
        <Tool
          label={canRedo ? `Do again: ${canRedo}` : 'Nothing to do again'}
          hint="Ctrl Y"
          isDisabled={!canRedo}
          onPress={onRedo}
        >
          <Redo2 size={18} />
        </Tool>
        <Tool isLeft label="Find" hint="F" onPress={onFind}>
          <Search size={18} />
        </Tool>
        <Tool label="Keys" hint="?" onPress={onHelp}>
          <CircleHelp size={18} />
        </Tool>
        <NavLink to="/settings" aria-label="Settings" title="Settings">
          <Cog size={18} />
        </NavLink>
      </Foot>
    </Rail>
  );
}

/** Beyond the other tools, none of which is covered, px. */
const BESIDE = 6;
const PAST_ANOTHER = 56;

function Tool({
  label,
  hint,
  onPress,
  isDisabled = false,
  isLeft = false,
  children,
}: {
  label: string;
  hint: string;
  onPress: () => void;
  isDisabled?: boolean;
  /** Another stands to its right. */
  isLeft?: boolean;
  children: React.ReactNode;
}) {
  return (
    <TooltipTrigger delay={400}>
      <Button aria-label={label} onPress={onPress} isDisabled={isDisabled}>
        {children}
      </Button>
      <Tip placement="right" offset={isLeft ? PAST_ANOTHER : BESIDE}>
        {label} ({hint})
      </Tip>
    </TooltipTrigger>
  );
}

/** Quarter marks of one inch. */
const Ticks = () => (
  <svg width={36} height="100%" preserveAspectRatio="none" viewBox="0 0 36 80" aria-hidden>
    {[0, 10, 20, 30, 40, 50, 60, 70].map((y) => (
      <line
        key={y}
        x1={y === 0 ? 2 : y === 40 ? 15 : y % 20 === 0 ? 21 : 26}
        x2={36}
        y1={y + 1}
        y2={y + 1}
        stroke="currentColor"
        strokeWidth={y === 0 ? 2 : 1.2}
        vectorEffect="non-scaling-stroke"
      />
    ))}
  </svg>
);

const Tip = styled(Tooltip)`
  background: ${({ theme }) => theme.ink};
  color: ${({ theme }) => theme.ground};
  font-size: 14px;
  padding: 5px 10px;
  border-radius: 4px;
  pointer-events: none;
`;
const Rail = styled.nav`
  width: 112px;
  flex: none;
  display: flex;
  flex-direction: column;
  color: ${({ theme }) => theme.woodInk};
  background: linear-gradient(90deg, ${({ theme }) => theme.wood}, ${({ theme }) => theme.woodDeep});
  border-right: 1.5px solid ${({ theme }) => theme.woodInk}55;
  ol {
    flex: 1;
    display: flex;
    flex-direction: column;
    padding-top: 8px;
    min-height: 0;
  }
  li {
    position: relative;
    flex: 1;
    min-height: 0;
    max-height: 80px;
  }
  li > svg {
    position: absolute;
    right: 0;
    top: 0;
    opacity: 0.65;
  }
`;
const Mark = styled(NavLink)`
  position: absolute;
  inset: 3px 0 9px 0;
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding-left: 12px;
  text-decoration: none;
  font: 620 15.5px/1.15 ${heading};
  color: ${({ theme }) => theme.woodInk};
  small {
    font: 400 11px/1.2 ${mono};
  }
  ${inSmallWindow} {
    inset: 1px 0;
    padding-left: 8px;
    small {
      display: none;
    }
  }
  &:hover {
    background: ${({ theme }) => theme.ground}88;
  }
  &.active {
    color: ${({ theme }) => theme.onBeet};
    background: ${({ theme }) => theme.beet};
    clip-path: polygon(0 0, 88% 0, 100% 50%, 88% 100%, 0 100%);
  }
  &.active:focus-visible {
    outline-color: ${({ theme }) => theme.onBeet};
    outline-offset: -5px;
  }
`;
const Foot = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 2px;
  padding: 6px 8px 8px;
  button,
  a {
    display: grid;
    place-items: center;
    height: 36px;
    border: 0;
    background: none;
    color: ${({ theme }) => theme.woodInk};
    border-radius: 5px;
    cursor: pointer;
  }
  button[data-hovered],
  a:hover {
    background: ${({ theme }) => theme.ground};
  }
  button[data-disabled] {
    opacity: 0.35;
    cursor: default;
  }
  a.active {
    background: ${({ theme }) => theme.beet};
    color: ${({ theme }) => theme.onBeet};
  }
`;
