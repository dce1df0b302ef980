import { useState } from 'react';
import type { LeftThing } from '../../../core/kit/closing';
import type { Kit } from '../../../core/stock/things';
import { Aims } from '../../parts/Aims';
import { Notes } from '../../parts/Notes';
import { Columns, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { AllDecided } from './AllDecided';
import { LastPage } from './LastPage';
import { LeftStrip } from './LeftStrip';
import { nextUndecided } from './nextUndecided';
import { ThisThing } from './ThisThing';
import { WhatItGave } from './WhatItGave';

/** Everything left of a kit, drawn, in one pass; and what else could be made of it. */
export function ThingByThing({ kit, left }: { kit: Kit; left: readonly LeftThing[] }) {
  const [chosen, setChosen] = useState<string | null>(null);
  const current = left.find(({ keys }) => chosen !== null && keys.includes(chosen)) ?? null;
  const shown = current ?? left.find(({ fate }) => fate === null) ?? null;
  const step = (by: 1 | -1): void => {
    const at = left.findIndex(({ key }) => key === shown?.key);
    setChosen(left.at((at + by) % Math.max(1, left.length))?.key ?? null);
  };
  useKeys({ 'left-next': () => step(1), 'left-before': () => step(-1) });
  return (
    <Columns $widths="minmax(0, 1fr) 380px">
      <Stack $gap={16}>
        {shown ? (
          <ThisThing
            key={shown.key}
            kit={kit}
            thing={shown}
            at={left.indexOf(shown) + 1}
            of={left.length}
            onNext={(rest) => setChosen(rest ?? nextUndecided(left, shown.key))}
            onBack={() => setChosen(shown.key)}
          />
        ) : (
          <AllDecided kit={kit} isEmpty={left.length === 0} />
        )}
        {left.length > 0 && <LeftStrip left={left} shown={shown?.key ?? null} onChoose={setChosen} />}
      </Stack>
      <Stack $gap={18}>
        <LastPage kit={kit} left={left} />
        <WhatItGave kit={kit} />
        <Aims kit={kit} />
        <Notes table="kits" record={kit} />
      </Stack>
    </Columns>
  );
}
