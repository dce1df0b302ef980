import { lazy } from 'react';
import type { Findable, Found } from '../../../core/kit/finding';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { SlipButton } from '../../ui/SlipButton';
import { CsvButton } from './CsvButton';

/** Loaded when they are first wanted. */
const ScrapsSlip = lazy(async () => ({ default: (await import('./ScrapsSlip')).ScrapsSlip }));
const StockTake = lazy(async () => ({ default: (await import('./StockTake')).StockTake }));
const PaletteSlip = lazy(async () => ({ default: (await import('./PaletteSlip')).PaletteSlip }));

export interface StashActionsProps {
  found: readonly Found[];
  onHand: readonly Findable[];
  isMany: boolean;
  onMany: () => void;
  onColour: (hex: string) => void;
}

/** What can be done with the whole stash. */
export function StashActions({ found, onHand, isMany, onMany, onColour }: StashActionsProps) {
  const bench = useBench((b) => b);
  const keepCsv = async (): Promise<void> => {
    const { stashCsv } = await import('./stashCsv');
    keepFile('stash.csv', stashCsv(found, bench), 'text/csv;charset=utf-8');
  };
  return (
    <>
      <SlipButton label="Add scraps">{(close) => <ScrapsSlip onClose={close} />}</SlipButton>
      <Button aria-pressed={isMany} onPress={onMany}>
        {isMany ? 'One at a time' : 'Several at once'}
      </Button>
      <SlipButton label="Take stock">{(close) => <StockTake onClose={close} />}</SlipButton>
      <SlipButton label="A palette">
        {(close) => <PaletteSlip things={onHand} onPick={onColour} onClose={close} />}
      </SlipButton>
      <Button isDisabled={found.length === 0} onPress={() => void keepCsv()}>
        As CSV
      </Button>
      <CsvButton />
    </>
  );
}
