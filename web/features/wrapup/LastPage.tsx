import { useMemo, useState } from 'react';
import { designOf } from '../../../core/page/design';
import type { LeftThing } from '../../../core/kit/closing';
import { toInches } from '../../../core/ground/length';
import type { Kit } from '../../../core/stock/things';
import type { Proposal } from '../../../core/kit/busting';
import { useSettings } from '../../data/settings';
import { PageFigure } from '../../parts/PageFigure';
import { useProposals } from '../../parts/useProposals';
import { useProposedPage } from '../../parts/useProposedPage';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { formatWords } from '../../ui/pageWords';
import { Row, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';

const SIDE = 180;

/** A last page that can be made from exactly what is left of a kit; another, until none is left. */
export function LastPage({ kit, left }: { kit: Kit; left: readonly LeftThing[] }) {
  const { proposals, done, trouble, again, stop } = useProposals({ kit: kit.id });
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
          kit={kit.id}
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
  kit: string;
  proposal: Proposal;
  left: readonly LeftThing[];
  others: number;
  onAnother: () => void;
}

function ProposedPage({ kit, proposal, left, others, onAnother }: ProposedPageProps) {
  const system = useSettings((s) => s.system);
  const sources = useMemo(() => ({ kits: new Set([kit]), withNewest: true }), [kit]);
  const { page, furnished, begin } = useProposedPage(proposal, sources);
  const design = designOf(proposal.design);
  useKeys({ 'last-page': begin });
  const taken = new Set(proposal.plan.sheets.map(({ stock }) => stock));
  const used = left.filter(({ keys }) => keys.some((key) => taken.has(key))).length;
  const waiting = proposal.photos.filter(({ photo }) => photo !== null).length;
  if (!design) return null;
  const { w, h, spread } = page.format;
  return (
    <Row $gap={16} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
      <PageFigure page={page} scale={SIDE / toInches(Math.max(w * (spread ? 2 : 1), h))} />
      <Stack $gap={4}>
        <strong>{design.name}</strong>
        <Soft>{formatWords(proposal.format, system)}</Soft>
        <span>
          From {used} of the {countWords(left.length, 'thing')}
        </span>
        {furnished.title !== null && <span>“{furnished.title.text}”</span>}
        <span>{waiting > 0 ? `With ${countWords(waiting, 'photo')} that waits` : 'A place is kept for a photo'}</span>
        <Row $gap={6}>
          <Button hint="P" onPress={begin}>
            Make it
          </Button>
          {others > 0 && (
            <Button isRepeatable look="quiet" onPress={onAnother}>
              another
            </Button>
          )}
        </Row>
      </Stack>
    </Row>
  );
}
