import { useMemo } from 'react';
import type { CutStock } from '../../../core/trimmer/cutting';
import type { Layout } from '../../../core/page/design';
import { formatSize } from '../../../core/ground/length';
import { changePage } from '../../../core/acts';
import { bentToLeftovers } from '../../../core/page/papers';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';
import { Hint } from './Hint';
import { inSentence } from '../../ui/inSentence';
import { nameOfSlot } from './layerName';
import { agreeing } from '../../words/countWords';

export interface BendHintProps {
  page: Page;
  layout: Layout;
  papers: Readonly<Record<string, string>>;
  stock: readonly CutStock[];
}

/** Where leftovers are nearly of a piece's size: the design takes theirs, and fewer cuts are made. */
export function BendHint({ page, layout, papers, stock }: BendHintProps) {
  const system = useSettings((s) => s.system);
  const sizes = useMemo(() => bentToLeftovers(layout, papers, stock), [layout, papers, stock]);
  const bent = Object.entries(page.sizes ?? {});
  const bending = layout.layers.filter(({ id }) => sizes[id]);
  if (bending.length === 0 && bent.length === 0) return null;
  return (
    <Hint aria-label="Sizes of leftovers">
      {bending.length > 0 && (
        <>
          <p>
            Leftovers are nearly of these sizes:{' '}
            {bending
              .map(({ id, slot, w, h }) => {
                const size = sizes[id] ?? { w, h };
                return `the ${inSentence(nameOfSlot(layout, slot ?? ''))} ${formatSize(size, system)} in place of ${formatSize({ w, h }, system)}`;
              })
              .join(', ')}
            .
          </p>
          <Button
            onPress={() => {
              const take = ({ sizes: now = {} }: Page) => ({
                papers: { ...papers, ...page.papers },
                sizes: { ...now, ...sizes },
              });
              void act(changePage(page.id, take, 'Took the sizes of leftovers'));
            }}
          >
            Take the leftovers’ sizes
          </Button>
        </>
      )}
      {bent.length > 0 && (
        <>
          <Soft>{agreeing(bent.length, 'One piece has', `${bent.length} pieces have`)} the size of a leftover.</Soft>
          <Button look="quiet" onPress={() => void act(changePage(page.id, { sizes: {} }, 'As the design has it'))}>
            as the design has it
          </Button>
        </>
      )}
    </Hint>
  );
}
