import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { sharedPapers, type Layout } from '../../../core/page';
import type { SharePlan } from '../../../core/shareout';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useImageUrls } from '../../data/images';
import { pageName } from '../../data/pageActs';
import { PageDrawing } from '../../ui/PageDrawing';
import { Soft, Wrong } from '../../ui/Screen';
import { lackingOnPage } from './lackingOnPage';

export interface SharedPageFigureProps { page: Page; layout: Layout; plan: SharePlan | null }

const WIDE = 180;

/** A page in the papers that a share-out gives it, or why it gets none. */
export function SharedPageFigure({ page, layout, plan }: SharedPageFigureProps) {
  const photos = useBench((b) => b.photos);
  const images = useMemo(() => page.photos.map(({ photo }) => photos.get(photo ?? '')?.image ?? ''), [page.photos, photos]);
  const urls = useImageUrls(images);
  const shared = plan?.pages.find(({ id }) => id === page.id);
  const papers = plan ? sharedPapers(plan, page.id) : null;
  return (
    <Figure>
      <PageDrawing layout={layout} papers={papers ?? {}} pictures={images.map((image) => urls.get(image))} scale={Math.min(WIDE / (layout.size.w / 8128), 170 / (layout.size.h / 8128))} title={page.title} label={`${pageName(page)} as it will look`} />
      <figcaption>
        <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>{shared?.complete && <Soft> · can be made</Soft>}
        {shared && !shared.complete && <Wrong>{lackingOnPage(shared.why, layout)}</Wrong>}
      </figcaption>
    </Figure>
  );
}

const Figure = styled.figure`margin: 0;`;
