import styled from 'styled-components';
import type { Page, PageFormat } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { FORMATS, NOTEBOOK } from '../../ui/pageWords';
import { Row, Stack } from '../../ui/Screen';
import { DesignChooser } from './DesignChooser';
import { PhotoPicker } from './PhotoPicker';
import { PhotoPlaces } from './PhotoPlaces';
import type { PageWork } from './usePageWork';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';

const formatKey = (format: PageFormat): string =>
  FORMATS.find(([, , f]) => f.w === format.w && f.h === format.h && f.spread === format.spread)?.[0] ?? 'own';

/** Its size: one of those that albums have, or her own. */
function PageSize({ page }: { page: Page }) {
  const key = formatKey(page.format);
  const setFormat = (to: string): void => {
    const format = FORMATS.find(([id]) => id === to)?.[2] ?? { ...NOTEBOOK, spread: page.format.spread };
    void act(changePage(page.id, { format }, 'Changed the page size'), { isQuiet: true });
  };
  return (
    <>
      <Choice
        label="Page"
        options={[...FORMATS.map(([id, name]): [string, string] => [id, name]), ['own', 'a notebook of my own size']]}
        value={key}
        onChange={setFormat}
      />
      {key === 'own' && <OwnSize page={page} />}
    </>
  );
}

function OwnSize({ page }: { page: Page }) {
  const system = useSettings((s) => s.system);
  const resize = (some: Partial<PageFormat>): void => {
    void act(
      changePage(page.id, (now) => ({ format: { ...now.format, ...some } }), 'Changed the page size'),
      { isQuiet: true },
    );
  };
  return (
    <Row>
      <Narrow>
        <MeasureField
          label="Page width"
          value={page.format.w}
          onChange={(w) => {
            if (w) resize({ w });
          }}
          system={system}
          isKeptOnLeaving
        />
      </Narrow>
      <Narrow>
        <MeasureField
          label="Page height"
          value={page.format.h}
          onChange={(h) => {
            if (h) resize({ h });
          }}
          system={system}
          isKeptOnLeaving
        />
      </Narrow>
      <Choice
        label="Opened"
        options={[
          ['single', 'one page'],
          ['spread', 'both pages'],
        ]}
        value={page.format.spread ? 'spread' : 'single'}
        onChange={(to) => resize({ spread: to === 'spread' })}
      />
    </Row>
  );
}

/** What a page is made of: its photos, its size, its design, its mats. */
export function PageMaking({ page, work }: { page: Page; work: PageWork }) {
  const { system, change } = useSettings();
  return (
    <Stack $gap={14}>
      <PhotoPicker page={page} />
      <PhotoPlaces page={page} />
      <PageSize page={page} />
      <DesignChooser page={page} work={work} />
      <Narrow>
        <MeasureField
          label="Mats, each side (0: none)"
          value={page.mat}
          mayBeNothing
          onChange={(mat) => {
            if (mat !== null) {
              void act(changePage(page.id, { mat }, 'Changed the mats'), { isQuiet: true });
              change({ mat });
            }
          }}
          system={system}
          isKeptOnLeaving
        />
      </Narrow>
    </Stack>
  );
}

const Narrow = styled.div`
  width: 108px;
`;
