import { useMemo } from 'react';
import { Label, Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { inches } from '../../../core/length';
import { DESIGNS, layOut } from '../../../core/page';
import type { Page, PageFormat } from '../../../core/things';
import { changePage } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { PageDrawing } from '../../ui/PageDrawing';
import { FORMATS, NOTEBOOK } from '../../ui/pageWords';
import { Row, Stack } from '../../ui/Screen';
import { PhotoPicker } from './PhotoPicker';

const SAMPLE = { format: { w: inches(12), h: inches(12), spread: false }, photos: [{ photo: null, w: inches(4), h: inches(6) }], mat: inches(1 / 8) };

const formatKey = (format: PageFormat): string => FORMATS.find(([, , f]) => f.w === format.w && f.h === format.h && f.spread === format.spread)?.[0] ?? 'own';

/** What a page is made of: its photos, its size, its design, its mats. */
export function PageMaking({ page }: { page: Page }) {
  const { system, change } = useSettings();
  const samples = useMemo(() => DESIGNS.map((design) => ({ design, layout: layOut(design, SAMPLE) })), []);
  const key = formatKey(page.format);
  const setFormat = (to: string): void => {
    const format = FORMATS.find(([id]) => id === to)?.[2] ?? { ...NOTEBOOK, spread: page.format.spread };
    void changePage(page, { format }, 'Changed the page size');
  };
  const resize = (some: Partial<PageFormat>): void => { void changePage(page, (now) => ({ format: { ...now.format, ...some } }), 'Changed the page size'); };
  return (
    <Stack $gap={14}>
      <PhotoPicker page={page} />
      <Choice label="Page" options={[...FORMATS.map(([id, name]): [string, string] => [id, name]), ['own', 'a notebook of my own size']]} value={key} onChange={setFormat} />
      {key === 'own' && (
        <Row>
          <Narrow><MeasureField label="Page width" value={page.format.w} onChange={(w) => { if (w) resize({ w }); }} system={system} isKeptOnLeaving /></Narrow>
          <Narrow><MeasureField label="Page height" value={page.format.h} onChange={(h) => { if (h) resize({ h }); }} system={system} isKeptOnLeaving /></Narrow>
          <Choice label="Opened" options={[['single', 'one page'], ['spread', 'both pages']]} value={page.format.spread ? 'spread' : 'single'} onChange={(to) => resize({ spread: to === 'spread' })} />
        </Row>
      )}
      <Designs value={page.design} onChange={(design) => { void changePage(page, { design, papers: {} }, 'Chose another design'); }}>
        <Label>Design</Label>
        {samples.map(({ design, layout }) => (
          <Radio key={design.id} value={design.id} aria-label={design.name}>
            {layout.ok && <PageDrawing layout={layout.value} papers={{}} pictures={[]} scale={5} label={`${design.name}, drawn`} />}
            <span>{design.name}</span>
          </Radio>
        ))}
      </Designs>
      <Narrow><MeasureField label="Mat, each side" value={page.mat} onChange={(mat) => { if (mat !== null) { void changePage(page, { mat }, 'Changed the mats'); change({ mat }); } }} system={system} isKeptOnLeaving /></Narrow>
    </Stack>
  );
}

const Narrow = styled.div`width: 108px;`;
const Designs = styled(RadioGroup)`
  display: grid; grid-template-columns: repeat(3, 1fr); gap: 8px;
  > .react-aria-Label { grid-column: 1 / -1; font-size: 14px; color: ${({ theme }) => theme.soft}; }
  .react-aria-Radio { display: flex; flex-direction: column; gap: 4px; align-items: center; font-size: 13px; line-height: 1.2; text-align: center; padding: 6px 2px; border: 2px solid ${({ theme }) => theme.line}; border-radius: 4px; cursor: pointer; }
  .react-aria-Radio[data-selected] { border-color: ${({ theme }) => theme.beet}; font-weight: 700; background: ${({ theme }) => theme.paper}; }
  .react-aria-Radio[data-focus-visible] { outline: 3px solid ${({ theme }) => theme.beet}; outline-offset: 2px; }
`;
