import { useMemo } from 'react';
import { formatArea, formatSize } from '../../../core/ground/length';
import { laidOnPlain, plainGrounds, type PlainGround } from '../../../core/page/papers';
import type { Layout } from '../../../core/page/design';
import type { Page } from '../../../core/stock/things';
import { shelfOf } from '../../../core/stock/bench';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';
import { Hint } from './Hint';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';
import { inSentence } from '../../ui/inSentence';

export interface PlainGroundHintProps {
  page: Page;
  layout: Layout;
  papers: Readonly<Record<string, string>>;
}

/** Where little of a good paper shows: strips of it on plain cardstock free the sheet. */
export function PlainGroundHint({ page, layout, papers }: PlainGroundHintProps) {
  const bench = useBench((b) => b);
  const { system, hold } = useSettings();
  const found = useMemo(() => plainGrounds(layout, papers, shelfOf(bench), hold), [layout, papers, bench, hold]);
  const nameOf = (slot: string): string => layout.slots.find(({ id }) => id === slot)?.name ?? slot;
  const edgeOf = (slot: string): string => `Edge of the ${inSentence(nameOf(slot))}`;
  const take = (ground: PlainGround): void => {
    const { slot } = ground;
    const paper = papers[slot];
    if (paper === undefined) return;
    void act(
      changePage(
        page.id,
        (now) => laidOnPlain({ ...now, papers: { ...papers, ...now.papers } }, ground, paper, edgeOf(slot)),
        'Laid plain cardstock under strips',
      ),
      { isQuiet: true },
    );
  };
  return (
    <>
      {found.map((ground) => (
        <Hint key={ground.slot} aria-label={`Less for the ${inSentence(nameOf(ground.slot))}`}>
          <p>
            Little of the <strong>{inSentence(nameOf(ground.slot))}</strong> shows. On plain{' '}
            {bench.lots.get(ground.lot)?.name},{' '}
            {ground.strips.map((strip) => `${strip.count} × ${formatSize(strip, system)}`).join(' and ')} of{' '}
            {bench.faces.get(papers[ground.slot]!)?.name} do: {formatArea(ground.then, system)} in place of{' '}
            {formatArea(ground.now, system)}.
          </p>
          <Button onPress={() => take(ground)}>Lay plain cardstock</Button>
          <Soft>The strips lie along its edges, under the rest.</Soft>
        </Hint>
      ))}
    </>
  );
}
