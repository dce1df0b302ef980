import { useMemo } from 'react';
import { Link, Navigate, useParams } from 'react-router';
import styled from 'styled-components';
import { balanceOf, sumOfBalances, type Balance } from '../../../core/ledger';
import { formatArea, type MeasureSystem } from '../../../core/length';
import type { Lot } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { rollWords } from '../../ui/amountWords';
import { monthWords } from '../../ui/dayWords';
import { Columns, Empty, Row, Screen, Stack } from '../../ui/Screen';
import { mono } from '../../ui/theme';
import { PaperBand } from './PaperBand';
import { pageName } from '../../data/didWords';

type Parts = readonly (readonly [keyof Balance, string])[];

const PARTS: Parts = [
  ['onPages', 'on pages'],
  ['onBench', 'on the bench'],
  ['left', 'left'],
  ['wasted', 'wasted'],
  ['given', 'given away'],
  ['sold', 'sold'],
  ['lent', 'lent'],
  ['recycled', 'recycled'],
];

/** Columns that few kits fill: shown only where there is something in them. */
const SELDOM: readonly (keyof Balance)[] = ['sold', 'lent'];
const partsOf = (balances: readonly Balance[], without?: keyof Balance): Parts =>
  PARTS.filter(
    ([part]) => part !== without && (!SELDOM.includes(part) || balances.some((balance) => balance[part] !== 0)),
  );

/** Wrap-up: what became of a kit, in figures that add up. */
export function WrapUpScreen() {
  const { kit: id } = useParams();
  const { kits, lots, ledger, pages } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const inOrder = [...kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  const kit = kits.get(id ?? '');
  const own = useMemo(
    () =>
      [...lots.values()]
        .filter((lot) => lot.kit === id)
        .sort((a, b) => a.line - b.line)
        .map((lot) => ({ lot, ...balanceOf(ledger, lot.id) })),
    [lots, ledger, id],
  );
  const made = useMemo(() => {
    const mine = new Set(own.map(({ lot }) => lot.id));
    const used = new Set(
      [...ledger.pieces.values()].filter(({ where, lot }) => where === 'used' && mine.has(lot)).map(({ page }) => page),
    );
    for (const state of ledger.lots.values())
      if (mine.has(state.lot)) Object.keys(state.used).forEach((page) => used.add(page));
    return [...pages.values()].filter((page) => used.has(page.id));
  }, [own, ledger, pages]);
  if (!kit)
    return inOrder[0] ? (
      <Navigate to={`/wrap-up/${inOrder[0].id}`} replace />
    ) : (
      <Screen title="Wrap-up">
        <Empty>
          <h2>No kit to wrap up</h2>
          <p>When a kit has been unpacked and used, what became of it is added up here.</p>
        </Empty>
      </Screen>
    );
  const paper = sumOfBalances(own.filter(({ lot }) => lot.measure === 'sheets').map(({ area }) => area));
  const counted = own.filter(({ lot }) => lot.measure !== 'sheets');
  const paperParts = partsOf([paper]);
  const countedParts = partsOf(
    counted.map(({ count }) => count),
    'wasted',
  );
  return (
    <Screen title="Wrap-up" about={`${kit.name} · ${monthWords(kit.month)}`}>
      <Shelf aria-label="Kits">
        {inOrder.map((k) => (
          <Link key={k.id} to={`/wrap-up/${k.id}`} aria-current={k.id === id ? 'page' : undefined}>
            {k.name}
          </Link>
        ))}
      </Shelf>
      <Columns $widths="1fr">
        <Stack $gap={20} tabIndex={0} aria-label="The account">
          <section aria-label="Paper">
            <h2>Paper</h2>
            {paper.received > 0 && <PaperBand balance={paper} parts={paperParts} system={system} />}
            <p>
              {made.length === 0 ? (
                'No page has been made from it yet.'
              ) : (
                <>
                  It gave to {made.length === 1 ? 'one page' : `${made.length} pages`}:{' '}
                  {made.map((page, i) => (
                    <span key={page.id}>
                      {i > 0 && ', '}
                      <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
                    </span>
                  ))}
                  .
                </>
              )}
            </p>
          </section>
          <Account>
            <caption>Each paper, by area. Across, what came is what became of it.</caption>
            <Head parts={paperParts} first="Paper" />
            <tbody>
              {own
                .filter(({ lot }) => lot.measure === 'sheets')
                .map(({ lot, area }) => (
                  <Line
                    key={lot.id}
                    name={lot.name}
                    balance={area}
                    parts={paperParts}
                    say={(n) => (n === 0 ? '·' : formatArea(n, system).replace(/ sq.*/, ''))}
                  />
                ))}
              <Line
                name={`All paper, ${system === 'in' ? 'sq in' : 'sq cm'}`}
                balance={paper}
                parts={paperParts}
                say={(n) => (n === 0 ? '·' : formatArea(n, system).replace(/ sq.*/, ''))}
                isSum
              />
            </tbody>
          </Account>
          {counted.length > 0 && (
            <Account>
              <caption>Each other thing, by count or length.</caption>
              <Head parts={countedParts} first="Thing" />
              <tbody>
                {counted.map(({ lot, count }) => (
                  <Line
                    key={lot.id}
                    name={lot.name}
                    balance={count}
                    parts={countedParts}
                    say={(n) => sayCount(lot, n, system)}
                  />
                ))}
              </tbody>
            </Account>
          )}
        </Stack>
      </Columns>
    </Screen>
  );
}

const sayCount = (lot: Lot, n: number, system: MeasureSystem): string =>
  n === 0 ? '·' : lot.measure === 'length' ? rollWords(n, system) : lot.measure === 'share' ? `${n} %` : String(n);

const Head = ({ parts, first }: { parts: Parts; first: string }) => (
  <thead>
    <tr>
      <th scope="col">{first}</th>
      <th scope="col">came</th>
      <th scope="col">counted anew</th>
      {parts.map(([part, words]) => (
        <th key={part} scope="col">
          {words}
        </th>
      ))}
    </tr>
  </thead>
);

function Line({
  name,
  balance,
  say,
  parts,
  isSum = false,
}: {
  name: string;
  balance: Balance;
  parts: Parts;
  say: (n: number) => string;
  isSum?: boolean;
}) {
  return (
    <tr data-sum={isSum || undefined}>
      <th scope="row">{name}</th>
      <td>{say(balance.received)}</td>
      <td>{balance.corrected === 0 ? '·' : (balance.corrected > 0 ? '+' : '−') + say(Math.abs(balance.corrected))}</td>
      {parts.map(([part]) => (
        <td key={part}>{say(balance[part])}</td>
      ))}
    </tr>
  );
}

const Shelf = styled(Row).attrs({ as: 'nav', $gap: 18 })`
  padding-bottom: 10px;
  flex: none;
  a {
    color: ${({ theme }) => theme.ink};
    text-decoration: none;
    font-weight: 600;
    padding: 4px 2px;
    border-bottom: 3px solid transparent;
  }
  a[aria-current] {
    border-color: ${({ theme }) => theme.beet};
  }
`;
const Account = styled.table`
  border-collapse: collapse;
  width: 100%;
  max-width: 1020px;
  font-size: 15px;
  caption {
    text-align: left;
    color: ${({ theme }) => theme.soft};
    padding-bottom: 6px;
    font-size: 14px;
  }
  th,
  td {
    padding: 5px 10px;
    text-align: right;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    font-weight: 400;
  }
  thead th {
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
    vertical-align: bottom;
  }
  th:first-child {
    text-align: left;
  }
  td {
    font-family: ${mono};
    font-size: 14px;
  }
  tr[data-sum] > * {
    border-top: 2px solid ${({ theme }) => theme.ink};
    font-weight: 700;
  }
`;
