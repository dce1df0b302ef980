import { useMemo } from 'react';
import { Link } from 'react-router';
import { thicknessOf } from '../../../core/kit/album';
import { formatLength, inches, mm, ticks, type MeasureSystem } from '../../../core/ground/length';
import type { Album } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { MeasureField } from '../../ui/MeasureField';
import { Soft } from '../../ui/Screen';

/** To a sixteenth, or a millimetre: more would say too much. */
function roundly(length: number, system: MeasureSystem): string {
  const step = system === 'in' ? inches(1 / 16) : mm(1);
  return formatLength(ticks(Math.max(1, Math.round(length / step)) * step), system);
}

/** How thick the album lies, and whether it still closes. */
export function HowThick({ album, onChange }: { album: Album; onChange: (to: (now: Album) => Album) => void }) {
  const { pages, lots, faces, ledger } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const { most, quarter, page } = useMemo(
    () => thicknessOf(album, { pages, lots, faces, ledger }),
    [album, pages, lots, faces, ledger],
  );
  if (page === null) return null;
  const limit = album.closesAt;
  return (
    <section aria-label="How thick it lies">
      <h2>How thick it lies</h2>
      <p>
        About {roundly(most, system)}, most at the {quarter}.{' '}
        {limit !== undefined && most > limit && (
          <strong>
            It closes at {formatLength(limit, system)}: take something off{' '}
            <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>, or lay raised things elsewhere.
          </strong>
        )}
        {limit !== undefined && most <= limit && `Room for ${roundly(limit - most, system)} more.`}
      </p>
      <MeasureField
        label="It closes at, thick"
        value={limit ?? null}
        onChange={(closesAt) => onChange((now) => ({ ...now, closesAt: closesAt ?? undefined }))}
        system={system}
        isOptional
        isKeptOnLeaving
      />
      <Soft>By usual papers and things; yours may be thicker.</Soft>
    </section>
  );
}
