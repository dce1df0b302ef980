import { useState } from 'react';
import type { ShareWishes } from '../../../core/kit/sharing';
import type { Sharing } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useTrimmer } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { shareInWorker } from '../../workers/sharingClient';
import { jobOf, layForSharing } from '../../../core/acts';
import { pageName } from '../../data/didWords';
import { heldIn } from '../../../core/ground/heldIn';
import { agreeing } from '../../words/countWords';

/** More are not asked for: a kit seldom gives so many. */
const MOST = 9;
const WORK = 150_000;
const ANY: ShareWishes = { mode: 'spend', must: [], pins: {}, forbidden: {} };

/**
 * How many pages like one of these are still in the box: as many copies as can really be cut from what is left of its
 * kits.
 */
export function PagesLeft({ sharing }: { sharing: Sharing }) {
  const bench = useBench((b) => b);
  const trimmer = useTrimmer();
  const [found, setFound] = useState<string | null>(null);
  const [isLooking, setLooking] = useState(false);
  // The one that takes the least paper; in whatever papers are left.
  const least = [...sharing.pages].filter(({ page }) => bench.pages.has(page)).sort((a, b) => sum(a) - sum(b))[0];
  if (!least) return null;
  const like = heldIn(bench.pages, least.page);
  const look = async (): Promise<void> => {
    setLooking(true);
    const copies = layForSharing(
      Array.from({ length: MOST }, (_, n) => ({ ...like, id: `more-${n}`, papers: {}, more: [] })),
      bench,
    );
    const { stats } = await shareInWorker(
      jobOf(copies, bench, { kits: new Set(sharing.kits), never: [] }, ANY, trimmer),
      [],
      WORK,
      () => undefined,
    );
    setFound(
      stats.complete === 0
        ? `Not one more like ${pageName(like)}.`
        : `${stats.complete === MOST ? 'At least ' : ''}${agreeing(stats.complete, 'One more page', `${stats.complete} more pages`)} like ${pageName(like)}.`,
    );
    setLooking(false);
  };
  return (
    <Row>
      <Button isDisabled={isLooking} onPress={() => void look()}>
        How many more pages are in the box?
      </Button>
      <Soft role="status">{isLooking ? 'looking …' : found}</Soft>
    </Row>
  );
}

const sum = ({ papers }: Sharing['pages'][number]): number => papers.reduce((total, { area }) => total + area, 0);
