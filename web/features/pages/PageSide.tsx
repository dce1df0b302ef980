import type { Page } from '../../../core/stock/things';
import { Notes } from '../../parts/Notes';
import type { LaidThing } from '../../ui/LaidFigure';
import { Soft, Stack } from '../../ui/Screen';
import { Tabs } from '../../ui/Tabs';
import { ClusterSlip } from './ClusterSlip';
import { HiddenList } from './HiddenList';
import { LaidList } from './LaidList';
import { LaidMoves } from './LaidMoves';
import { LayerList } from './LayerList';
import { LeftOut } from './LeftOut';
import { RoundsHint } from './RoundsHint';
import { MorePieces } from './MorePieces';
import { OnThisPage } from './OnThisPage';
import { OrderOfWork } from './OrderOfWork';
import { PapersList } from './PapersList';
import { BendHint } from './BendHint';
import { KitLayout } from './KitLayout';
import { PlainGroundHint } from './PlainGroundHint';
import { ThingsToLay } from './ThingsToLay';
import type { ChosenOn } from './useChosenOn';
import type { PageWork } from './usePageWork';

const SIDES = [
  ['papers', 'papers'],
  ['things', 'things on it'],
  ['work', 'order of work'],
] as const;

export interface PageSideProps {
  page: Page;
  work: PageWork;
  laid: readonly LaidThing[];
  chosen: ChosenOn;
  /** One line of the cut list is to be cut now. */
  onCut: (wanted: string) => void;
}

/** The right side of the page bench: its papers, what lies on it, or what is done when. */
export function PageSide({ page, work, laid, chosen, onCut }: PageSideProps) {
  return (
    <Stack $gap={16}>
      <Tabs label="What to look at" options={SIDES} value={chosen.shows} onChange={chosen.show} />
      {!work.layout && chosen.shows === 'things' && (
        <Soft>Things are laid on the page once its photos can be laid out.</Soft>
      )}
      {chosen.shows === 'things' && <Things page={page} work={work} laid={laid} chosen={chosen} />}
      {chosen.shows === 'work' && <OrderOfWork page={page} />}
      {chosen.shows === 'work' && <Notes table="pages" record={page} />}
      {chosen.shows === 'papers' && <Papers page={page} work={work} chosen={chosen} onCut={onCut} />}
    </Stack>
  );
}

function Things({ page, work: { layout }, laid, chosen }: Omit<PageSideProps, 'onCut'>) {
  const onThing = laid.find(({ placed }) => placed.id === chosen.thing);
  if (!layout) return null;
  return (
    <>
      {onThing && (
        <LaidMoves
          key={onThing.placed.id}
          page={page}
          layout={layout}
          thing={onThing}
          onGone={() => chosen.chooseThing(null)}
        />
      )}
      {page.glued !== null && <OnThisPage page={page} />}
      {page.finished === null && <ClusterSlip page={page} layout={layout} />}
      <KitLayout page={page} />
      <LaidList page={page} laid={laid} chosen={chosen.thing} onChoose={chosen.chooseThing} />
      <ThingsToLay page={page} layout={layout} />
    </>
  );
}

function Papers({ page, work, chosen, onCut }: Omit<PageSideProps, 'laid'>) {
  const { layout, papers, covers } = work;
  const isOpen = page.glued === null;
  if (!layout) return null;
  return (
    <>
      <PapersList page={page} work={work} isOpen={isOpen} onCut={onCut} />
      {isOpen && <PlainGroundHint page={page} layout={layout} papers={papers} />}
      {isOpen && <BendHint page={page} layout={layout} papers={papers} stock={work.stock} />}
      {isOpen && <RoundsHint page={page} layout={layout} />}
      <MorePieces page={page} isOpen={isOpen} />
      {isOpen && <HiddenList layout={layout} covers={covers} chosen={chosen.layer} onChoose={chosen.chooseLayer} />}
      {isOpen && <LayerList layout={layout} papers={papers} chosen={chosen.layer} onChoose={chosen.chooseLayer} />}
      <LeftOut page={page} />
    </>
  );
}
