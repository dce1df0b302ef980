import { useMemo } from 'react';
import styled from 'styled-components';
import { formatArea } from '../../../core/length';
import { pageRecord, type KitOnPage } from '../../../core/making';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { rollWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { countWords } from '../../ui/countWords';
import { keepFile } from '../../ui/keepFile';

/** What a finished page is made of, by kit: things, papers with their area, rolls, letters. */
export function OnThisPage({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const record = useMemo(() => pageRecord(page.id, bench), [page.id, bench]);
  const keep = async (): Promise<void> => {
    const { recordCsv } = await import('./recordCsv');
    keepFile(`page-${page.id}.csv`, recordCsv(record), 'text/csv');
  };
  if (record.length === 0) return null;
  const lines = ({ things, papers, rolls, letters }: KitOnPage): string[] =>
    [
      things.map(({ name, count }) => `${count} × ${name}`),
      papers.map(({ name, area }) => `${name} ${formatArea(area, system)}`),
      rolls.map(({ name, length }) => `${name} ${rollWords(length, system)}`),
      letters > 0 ? [countWords(letters, 'letter')] : [],
    ].flatMap((list) => (list.length > 0 ? [list.join(', ')] : []));
  return (
    <section aria-label="On this page, by kit">
      <h2>On this page, by kit</h2>
      <Kits>
        {record.map((one) => (
          <div key={one.kit.id}>
            <dt>{one.kit.name}</dt>
            {lines(one).map((line) => (
              <dd key={line}>{line}</dd>
            ))}
          </div>
        ))}
      </Kits>
      <Button
        look="quiet"
        onPress={() => {
          void keep();
        }}
      >
        As a table (CSV)
      </Button>
    </section>
  );
}

const Kits = styled.dl`
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
  font-size: 15px;
  line-height: 1.4;
  dt {
    font-weight: 650;
  }
  dd {
    margin: 0;
  }
`;
