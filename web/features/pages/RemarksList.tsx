import { useMemo } from 'react';
import styled from 'styled-components';
import { formatLength, type MeasureSystem } from '../../../core/length';
import { lookOver, type Layout, type Remark } from '../../../core/design';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { inSentence } from '../../ui/inSentence';
import { layerName } from './layerName';

function words(remark: Remark, layout: Layout, system: MeasureSystem): string {
  const name = (id: string): string =>
    layerName(
      layout,
      layout.layers.find((layer) => layer.id === id)!,
    );
  switch (remark.kind) {
    case 'covered':
      return `${name(remark.by)} covers what must show of photo ${remark.photo + 1}.`;
    case 'looks-off':
      return `Photo ${remark.photo + 1} looks ${remark.to}, off the page: let it look in from the other side.`;
    case 'over-edge':
      return `${name(remark.layer)} hangs over the page's edge; what is over is trimmed.`;
    case 'nearly-meet':
      return `${name(remark.layer)} and ${inSentence(name(remark.other))} nearly meet, ${formatLength(remark.by, system)} apart: let them meet, or clearly miss.`;
  }
}

/** What a second pair of eyes would say of a page. */
export function RemarksList({ page, layout }: { page: Page; layout: Layout }) {
  const photos = useBench((b) => b.photos);
  const system = useSettings((s) => s.system);
  const remarks = useMemo(
    () =>
      lookOver(
        layout,
        page.photos.map(({ photo }) => photos.get(photo ?? '') ?? null),
        new Set(Object.keys(page.moves ?? {})),
      ),
    [layout, page, photos],
  );
  if (remarks.length === 0) return null;
  return (
    <Remarks aria-label="Worth a look">
      {[...new Set(remarks.map((remark) => words(remark, layout, system)))].map((text) => (
        <li key={text}>{text}</li>
      ))}
    </Remarks>
  );
}

const Remarks = styled.ul`
  align-self: stretch;
  border-left: 4px solid ${({ theme }) => theme.marigold};
  padding-left: 12px;
  font-size: 15px;
  li {
    padding: 2px 0;
  }
`;
