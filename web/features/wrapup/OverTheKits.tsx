import { lazy, Suspense, useMemo } from 'react';
import styled, { useTheme } from 'styled-components';
import { AGES, gaveTo, paperByMonth, stashNow } from '../../../core/kit/closing';
import { FAMILIES, type Family } from '../../../core/ground/colour';
import { inches } from '../../../core/ground/length';
import { useBench } from '../../data/benchStore';
import { today } from '../../data/today';
import { monthWords } from '../../ui/dayWords';
import { Soft } from '../../ui/Screen';

const BarChart = lazy(() => import('../../ui/BarChart'));

/** What each family of hues is drawn in. */
const HUES: Record<Family, string> = {
  blues: '#3b6ea5',
  pinks: '#c7647d',
  ambers: '#d9961c',
  greens: '#5f8a4b',
  violets: '#7d5fa0',
  neutrals: '#b3a894',
};

/** Paper is told in sheets of 12 x 12 in, as many as would be as large. */
const inSheets = (area: number): number => area / inches(12) ** 2;
const saySheets = (sheets: number): string => String(Math.round(sheets * 10) / 10);

/** Over all kits: what came and went, how old and of what hues is what lies there, and what each kit gave. */
export function OverTheKits() {
  const bench = useBench((b) => b);
  const { beet, pond } = useTheme();
  const now = useMemo(() => stashNow(today().slice(0, 7), bench), [bench]);
  const kits = useMemo(
    () =>
      [...bench.kits.values()]
        .sort((a, b) => a.month.localeCompare(b.month))
        .map((kit): Bar => [kit.name, gaveTo(kit, bench).pages.length, beet]),
    [bench, beet],
  );
  const ages = useMemo(() => AGES.map((age): Bar => [age, inSheets(now.ages[age]), pond]), [now, pond]);
  const hues = useMemo(() => FAMILIES.map((one): Bar => [one, inSheets(now.hues[one]), HUES[one]]), [now]);
  return (
    <Suspense fallback={<Soft>Drawing the figures</Soft>}>
      <Figures tabIndex={0} aria-label="Over all kits">
        <CameAndWent />
        <Bars title="Pages that each kit gave to" unit="pages" bars={kits} />
        <Bars title="How long it has lain, in sheets" unit="sheets" bars={ages} />
        <Bars title="Its hues, in sheets" unit="sheets" bars={hues} />
      </Figures>
    </Suspense>
  );
}

/** The last so many months are shown. */
const MONTHS = 18;

/** Paper month by month, and how much lay there at the end of each. */
function CameAndWent() {
  const ledger = useBench((b) => b.ledger);
  const { beet, pond, brick, marigold } = useTheme();
  const { labels, series, last } = useMemo(() => {
    const months = paperByMonth(ledger).slice(-MONTHS);
    return {
      labels: months.map(({ month }) => monthWords(month).replace(/(\w{3})\w* /, '$1 ')),
      series: [
        { name: 'came', values: months.map(({ came }) => inSheets(came)), colour: pond },
        { name: 'went on pages', values: months.map(({ onPages }) => -inSheets(onPages)), colour: beet },
        { name: 'went away or to waste', values: months.map(({ away }) => -inSheets(away)), colour: brick },
        {
          name: 'there at its end',
          values: months.map(({ stash }) => inSheets(stash)),
          colour: marigold,
          isLine: true,
        },
      ],
      last: inSheets(months.at(-1)?.stash ?? 0),
    };
  }, [ledger, pond, beet, brick, marigold]);
  return (
    <section>
      <h2>Paper that came and went, in 12 × 12 sheets</h2>
      <BarChart
        label={`Paper by month; there now: ${saySheets(last)} sheets`}
        labels={labels}
        series={series}
        height={230}
        say={saySheets}
      />
      <Key>
        {series.map(({ name, colour }) => (
          <li key={name}>
            <i style={{ background: colour }} /> {name}
          </li>
        ))}
      </Key>
    </section>
  );
}

/** A bar's name, how long it is, and its colour. */
type Bar = readonly [name: string, value: number, colour: string];

/** Room for the figures beneath, and for each bar. */
const FOOT = 40;
const EACH = 30;

function Bars({ title, unit, bars }: { title: string; unit: string; bars: readonly Bar[] }) {
  const { labels, series } = useMemo(
    () => ({
      labels: bars.map(([name]) => name),
      series: [{ name: unit, values: bars.map(([, value]) => value), colour: bars.map(([, , colour]) => colour) }],
    }),
    [bars, unit],
  );
  return (
    <section>
      <h2>{title}</h2>
      <BarChart
        label={bars.map(([name, value]) => `${name}: ${saySheets(value)} ${unit}`).join(', ')}
        labels={labels}
        series={series}
        isLying
        height={FOOT + EACH * bars.length}
        say={saySheets}
      />
    </section>
  );
}

const Figures = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(440px, 100%), 1fr));
  gap: 20px 40px;
  align-content: start;
  h2 {
    padding-bottom: 6px;
  }
`;
const Key = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  font-size: 14px;
  i {
    display: inline-block;
    width: 12px;
    height: 12px;
  }
`;
