import { useMemo } from 'react';
import styled from 'styled-components';
import { accountOf } from '../../../core/kit/closing';
import { sumOfBalances, type Balance } from '../../../core/stock/ledger';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import type { Kit, Lot } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { rollWords, shareWords } from '../../ui/amountWords';
import { Stack } from '../../ui/Screen';
import { mono } from '../../ui/theme';
import { PARTS } from './accountParts';
import { KeepAccount } from './KeepAccount';
import { SheetsCut } from './SheetsCut';
import { WhatItGave } from './WhatItGave';

type Parts = typeof PARTS;

/** Columns that few kits fill: shown only where there is something in them. */
const SELDOM: readonly (keyof Balance)[] = ['gathered', 'sold', 'lent'];
const partsOf = (balances: readonly Balance[], without?: keyof Balance): Parts =>
  PARTS.filter(
    ([part]) => part !== without && (!SELDOM.includes(part) || balances.some((balance) => balance[part] !== 0)),
  );

export interface AccountProps {
  kit: Kit;
}

/** The account of a kit: what came is what became of it, line by line. */
export function Account({ kit }: AccountProps) {
  const { lots, ledger } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const { papers, counted } = useMemo(() => accountOf(kit.id, { lots, ledger }), [kit.id, lots, ledger]);
  const paper = sumOfBalances(papers.map(({ balance }) => balance));
  const paperParts = partsOf([paper]);
  const countedParts = partsOf(
    counted.map(({ balance }) => balance),
    'wasted',
  );
  return (
    <Stack $gap={20} tabIndex={0} aria-label="The account">
      <KeepAccount kit={kit} />
      <WhatItGave kit={kit} />
      <SheetsCut kit={kit} />
      <Table>
        <caption>Each paper, by area. Across, what came is what became of it.</caption>
        <Head parts={paperParts} first="Paper" />
        <tbody>
          {papers.map(({ lot, balance }) => (
            <Line
              key={lot.id}
              name={lot.name}
              balance={balance}
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
      </Table>
      {counted.length > 0 && (
        <Table>
          <caption>Each other thing, by count or length.</caption>
          <Head parts={countedParts} first="Thing" />
          <tbody>
            {counted.map(({ lot, balance }) => (
              <Line
                key={lot.id}
                name={lot.name}
                balance={balance}
                parts={countedParts}
                say={(n) => sayCount(lot, n, system)}
              />
            ))}
          </tbody>
        </Table>
      )}
    </Stack>
  );
}

const sayCount = (lot: Lot, n: number, system: MeasureSystem): string =>
  n === 0
    ? '·'
    : lot.measure === 'length'
      ? rollWords(n, system)
      : lot.measure === 'share'
        ? shareWords(lot.kind, n)
        : String(n);

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

const Table = styled.table`
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
