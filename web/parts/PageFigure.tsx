import { useMemo } from 'react';
import styled from 'styled-components';
import { designOfPage, pageLayout } from '../../core/page/design';
import { toInches } from '../../core/ground/length';
import type { Page } from '../../core/stock/things';
import { pageName } from '../data/didWords';
import { usePictures } from '../data/images';
import { PageDrawing } from '../ui/PageDrawing';
import { useLaidThings } from './laidThings';
import { inkedEdges, usePageWriting } from './pageWriting';
import { RealPicture } from './RealPicture';

/**
 * A page among others: as it is drawn, or the picture of one that was made without a plan.
 * @param scale pixels to an inch
 */
export function PageFigure({ page, scale }: { page: Page; scale: number }) {
  const writing = usePageWriting(page);
  const pictures = usePictures(page.photos);
  const layout = useMemo(() => pageLayout(page), [page]);
  const laid = useLaidThings(page);
  const { w, h, spread } = page.format;
  if (page.isTold && page.picture) return <RealPicture picture={page.picture} height={scale * toInches(h)} />;
  if (!layout.ok)
    return (
      <Blank style={{ width: scale * toInches(w) * (spread ? 2 : 1), height: scale * toInches(h) }}>
        {layout.error.kind === 'not-known' ? designOfPage(page).name : 'photos to be picked'}
      </Blank>
    );
  return (
    <PageDrawing
      layout={layout.value}
      papers={page.papers}
      pictures={pictures}
      places={page.photos}
      scale={scale}
      laid={laid}
      writing={writing}
      edges={inkedEdges(page)}
      label={`${pageName(page)}, drawn`}
    />
  );
}

const Blank = styled.div`
  display: grid;
  place-items: center;
  background: ${({ theme }) => theme.sheet};
  border: 2px dashed ${({ theme }) => theme.soft};
  color: ${({ theme }) => theme.soft};
  font-size: 14px;
  text-align: center;
`;
