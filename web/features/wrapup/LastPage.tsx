import { useMemo, useState } from 'react';
import { pageLayout, designOf } from '../../../core/design';
import type { LeftThing } from '../../../core/kits';
import { toInches } from '../../../core/length';
import type { Kit } from '../../../core/things';
import type { Proposal } from '../../../core/busting';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { startProposed, useProposals } from '../../parts/useProposals';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { countWords } from '../../ui/countWords';
import { PageDrawing } from '../../ui/PageDrawing';
import { formatWords } from '../../ui/pageWords';
import { Row, Soft, Stack } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';

const SIDE = 180;

/** A last page that can be made from exactly what is left of a kit; another, until none is left. */
export function LastPage({ kit, left }: { kit: Kit; left: readonly LeftThing[] }) {
  const { proposals, done, trouble, again, stop } = useProposals(kit.id);
  const [at, setAt] = useState(0);
  const shown = proposals[at % Math.max(1, proposals.length)];
  const hasPaper = left.some(({ pieces }) => pieces.length > 0);
  return (
    <section aria-label="A last page from these">
      <h2>A last page from these</h2>
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      {done !== null && hasPaper && (
        <Working done={done} onStop={stop}>
          Looking through what is left
        </Working>
      )}
      {shown ? (
        <ProposedPage
          key={shown.id}
          proposal={shown}
          left={left}
          others={proposals.length - 1}
          onAnother={() => setAt(at + 1)}
        />
      ) : (
        done === null &&
        trouble === null && <Soft>{hasPaper ? 'No page can be made of this paper alone.' : 'No paper is left.'}</Soft>
      )}
    </section>
  );
}

interface ProposedPageProps {
  proposal: Proposal;
  left: readonly LeftThing[];
  others: number;
  onAnother: () => void;
}

function ProposedPage({ proposal, left, others, onAnother }: ProposedPageProps) {
  const { photos, stories } = useBench((b) => b);
  const { system, mat, change } = useSettings();
  const go = useGoAfter();
  const design = designOf(proposal.design);
  const layout = useMemo(() => pageLayout({ ...proposal, mat }), [proposal, mat]);
  const pictures = usePictures(proposal.photos);
  const make = async (): Promise<void> => {
    await go(
      startProposed(proposal, { photos, stories }, mat).then((id) => {
        if (id !== null) change({ pageInHand: id });
        return id === null ? null : `/pages/${id}`;
      }),
    );
  };
  useKeys({
    'last-page': () => {
      void make();
    },
  });
  const taken = new Set(proposal.plan.sheets.map(({ stock }) => stock));
  const used = left.filter(({ keys }) => keys.some((key) => taken.has(key))).length;
  const waiting = proposal.photos.filter(({ photo }) => photo !== null).length;
  if (!layout.ok || !design) return null;
  const { w, h } = layout.value.size;
  return (
    <Row $gap={16} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
      <PageDrawing
        layout={layout.value}
        papers={proposal.papers}
        pictures={pictures}
        scale={SIDE / toInches(Math.max(w, h))}
        label={`${design.name}, drawn`}
      />
      <Stack $gap={4}>
        <strong>{design.name}</strong>
        <Soft>{formatWords(proposal.format, system)}</Soft>
        <span>
          From {used} of the {countWords(left.length, 'thing')}
        </span>
        <span>{waiting > 0 ? `With ${countWords(waiting, 'photo')} that waits` : 'A place is kept for a photo'}</span>
        <Row $gap={6}>
          <Button
            hint="P"
            onPress={() => {
              void make();
            }}
          >
            Make it
          </Button>
          {others > 0 && (
            <Button look="quiet" onPress={onAnother}>
              another
            </Button>
          )}
        </Row>
      </Stack>
    </Row>
  );
}
