import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { pageLayout } from '../../../core/page/design';
import { moveLaid } from '../../../core/acts';
import { toSixteenths } from '../../../core/page/placing';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { usePictures } from '../../data/images';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { inkedEdges, usePageWriting } from '../../parts/pageWriting';
import type { LaidThing } from '../../ui/LaidFigure';
import { PageDrawing } from '../../ui/PageDrawing';
import { Ruler } from '../../ui/Ruler';
import { Soft } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useWidth } from '../../ui/useWidth';
import { CannotBe } from './CannotBe';
import { EmptyPage } from './EmptyPage';
import { LayerActs } from './LayerActs';
import { LayerMoves } from './LayerMoves';
import { PageTarget } from './PageTarget';
import { RealPage } from './RealPage';
import { EyeMarks, SecondEyes } from './SecondEyes';
import type { ChosenOn } from './useChosenOn';
import type { PageWork } from './usePageWork';
import { useSecondEyes } from './useSecondEyes';
import { Versions } from './Versions';

export interface PageMiddleProps {
  page: Page;
  work: PageWork;
  laid: readonly LaidThing[];
  chosen: ChosenOn;
}

/** The page itself, under its rulers, with what is wrong of it and what can be done with what is chosen. */
export function PageMiddle({ page, work, laid, chosen }: PageMiddleProps) {
  const { layout } = work;
  const [middle, room] = useWidth<HTMLDivElement>();
  const [withAccents, setAccents] = useState(false);
  const isOpen = page.glued === null;
  const isEmpty = page.photos.length === 0 && (page.placed ?? []).length === 0 && isOpen;
  return (
    <Middle ref={middle}>
      <Versions page={page} />
      <CannotBe page={page} work={work} />
      {!layout && <WithoutPhotos page={page} room={room} />}
      {layout && <Drawn {...{ page, work, laid, chosen, room, withAccents, isEmpty }} />}
      {isEmpty && <EmptyPage page={page} />}
      {layout && !isEmpty && (
        <Tick isSelected={withAccents} onChange={setAccents}>
          places for clusters, in a triangle round the photos
        </Tick>
      )}
      {page.glued !== null && <RealPage page={page} />}
      {layout && isOpen && chosen.layer === null && chosen.thing === null && !isEmpty && (
        <Soft>Choose a layer to move it, give it another paper, or leave it out.</Soft>
      )}
    </Middle>
  );
}

/** Of a page whose photos cannot be laid out, what there is without them. */
function WithoutPhotos({ page, room }: { page: Page; room: number }) {
  const laid = useMemo(() => pageLayout({ ...page, photos: [] }), [page]);
  if (!laid.ok) return null;
  const { w, h } = laid.value.size;
  const scale = Math.max(4, Math.min((room - 64) / (w / 8128), 380 / (h / 8128)));
  return (
    <div style={{ opacity: 0.45 }}>
      <PageDrawing
        layout={laid.value}
        papers={page.papers}
        pictures={[]}
        scale={scale}
        label="The page without its photos"
      />
    </div>
  );
}

function Drawn({
  page,
  work,
  laid,
  chosen,
  room,
  withAccents,
  isEmpty,
}: PageMiddleProps & { room: number; withAccents: boolean; isEmpty: boolean }) {
  const { layout, papers, covers } = work;
  const system = useSettings((s) => s.system);
  const writing = usePageWriting(page);
  const pictures = usePictures(page.photos);
  const eyes = useSecondEyes(page, layout, papers);
  const width = page.format.spread ? 2 * page.format.w : page.format.w;
  const scale = Math.max(4, Math.min((room - 64) / (width / 8128), (isEmpty ? 300 : 450) / (page.format.h / 8128)));
  const cover = covers.find(({ id }) => id === chosen.layer);
  const drag = (id: string, dx: number, dy: number): void => {
    void act(
      moveLaid(page.id, id, (now) => ({ ...now, x: toSixteenths(now.x + dx), y: toSixteenths(now.y + dy) })),
      { isQuiet: true },
    );
  };
  if (!layout) return null;
  return (
    <>
      <UnderRulers data-true-page>
        <span />
        <Ruler length={layout.size.w} scale={scale} axis="x" system={system} />
        <Ruler length={layout.size.h} scale={scale} axis="y" system={system} />
        <PageTarget page={page} scale={scale}>
          <PageDrawing
            layout={layout}
            papers={papers}
            pictures={pictures}
            places={page.photos}
            scale={scale}
            writing={writing}
            edges={inkedEdges(page)}
            withAccents={withAccents}
            shown={chosen.layer === null ? null : { layer: chosen.layer, window: cover?.window ?? null }}
            onChoose={chosen.chooseLayer}
            laid={laid}
            laying={{ chosen: chosen.thing, onChoose: chosen.chooseThing, onDrag: drag }}
            label={`${pageName(page)} as it will look`}
          />
          <EyeMarks eyes={eyes} layout={layout} scale={scale} />
        </PageTarget>
      </UnderRulers>
      <SecondEyes page={page} layout={layout} eyes={eyes} laid={laid} />
      {page.glued === null && chosen.layer !== null && <LayerMoves page={page} layout={layout} layer={chosen.layer} />}
      {chosen.layer !== null && (
        <LayerActs page={page} work={work} layer={chosen.layer} onGone={() => chosen.chooseLayer(null)} />
      )}
    </>
  );
}

const Middle = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: center;
`;
const UnderRulers = styled.div`
  display: grid;
  grid-template-columns: 30px auto;
  gap: 4px;
  justify-content: center;
`;
