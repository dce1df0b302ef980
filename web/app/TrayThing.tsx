import { lazy, Suspense, useState } from 'react';
import { Button as AriaButton, Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { nextOf, type Chosen } from '../../core/acts';
import type { Lot, Page } from '../../core/stock/things';
import { dragThing } from '../ui/draggedThing';
import { MenuList } from '../ui/MenuList';

const trayActs = () => import('./trayActs');
const SomeOfSlip = lazy(async () => ({ default: (await import('./SomeOfSlip')).SomeOfSlip }));

export interface TrayThingProps {
  page: Page;
  /** What it is called. */
  label: string;
  chosen: Chosen;
  /** A paper still to be cut cannot be used as it is. */
  canBeUsed: boolean;
  /** Of a counted or measured thing: what it is, so that some of it can be chosen. */
  lot?: Lot;
  children: React.ReactNode;
}

type Way = 'lay' | 'use' | 'use-some' | 'away' | 'away-some';

/** One thing on the bench: used on the page, in part or whole, or put away by itself. */
export function TrayThing({ page, label, chosen, canBeUsed, lot, children }: TrayThingProps) {
  const [isOpen, setOpen] = useState(false);
  const [some, setSome] = useState<'use' | 'away' | null>(null);
  const carryOut = (way: 'use' | 'away', what: Chosen): void => {
    void trayActs().then(({ use, putBack }) => (way === 'use' ? use : putBack)(page.id, [what]));
  };
  const what = canBeUsed ? nextOf(chosen, page, lot?.measure) : null;
  const choose = (way: Way): void => {
    if (way === 'lay') {
      if (what) void trayActs().then(({ layAtPlace }) => layAtPlace(page, what));
    } else if (way === 'use' || way === 'away') carryOut(way, chosen);
    else setSome(way === 'use-some' ? 'use' : 'away');
  };
  return (
    <div
      draggable={what !== null}
      onDragStart={(event) => {
        if (what) dragThing(event, what);
      }}
    >
      {/* Opened when it is let go, so that it can be dragged. */}
      <MenuTrigger
        isOpen={isOpen}
        onOpenChange={(to) => {
          if (!to) setOpen(false);
        }}
      >
        <Thing aria-label={`${label}: use it or put it away`} onPress={() => setOpen(true)}>
          {children}
        </Thing>
        <MenuList>
          <Menu onAction={(key) => choose(key as Way)}>
            {what && <MenuItem id="lay">Lay {lot?.measure === 'count' ? 'one' : 'it'} on the page</MenuItem>}
            {canBeUsed && <MenuItem id="use">Use {lot ? 'all of it' : 'it'} on the page</MenuItem>}
            {canBeUsed && lot && <MenuItem id="use-some">Use some of it …</MenuItem>}
            <MenuItem id="away">Put {lot ? 'all of it' : 'it'} away</MenuItem>
            {lot && <MenuItem id="away-some">Put some of it away …</MenuItem>}
          </Menu>
        </MenuList>
      </MenuTrigger>
      {some !== null && lot && 'amounts' in chosen && (
        <Suspense fallback={null}>
          <SomeOfSlip
            title={some === 'away' ? `How much of ${label} goes back?` : `How much of ${label} goes on the page?`}
            lot={lot}
            does={some === 'away' ? 'Put it away' : 'Use it on the page'}
            most={chosen.amounts}
            onChoose={(amounts) => {
              carryOut(some, { lot: lot.id, amounts });
              setSome(null);
            }}
            onClose={() => setSome(null)}
          />
        </Suspense>
      )}
    </div>
  );
}

const Thing = styled(AriaButton)`
  all: unset;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-items: flex-start;
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.beet};
    outline-offset: 2px;
  }
`;
