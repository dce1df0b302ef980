import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { pageRecord } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { recordParts } from './recordLines';

/** What a finished page is made of: by kit, piece by piece, and what was borrowed for it. */
export function OnThisPage({ page }: { page: Page }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const parts = useMemo(() => recordParts({ ...page, notes: [] }, bench, system), [page, bench, system]);
  const kits = new Map([...bench.kits.values()].map(({ id, name }) => [name, id]));
  const keep = async (): Promise<void> => {
    const { recordCsv } = await import('./recordCsv');
    keepFile(`page-${page.id}.csv`, recordCsv(pageRecord(page.id, bench)), 'text/csv');
  };
  if (parts.length === 0) return null;
  return (
    <section aria-label="On this page, by kit">
      <h2>On this page, by kit</h2>
      <Parts>
        {parts.map(({ name, lines }) => {
          const kit = kits.get(name);
          return (
            <div key={name}>
              <dt>{kit === undefined ? name : <Link to={`/stash?kit=${kit}`}>{name}</Link>}</dt>
              {lines.map((line) => (
                <dd key={line}>{line}</dd>
              ))}
            </div>
          );
        })}
      </Parts>
      <Button look="quiet" onPress={() => void keep()}>
        As a table (CSV)
      </Button>
    </section>
  );
}

const Parts = styled.dl`
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
