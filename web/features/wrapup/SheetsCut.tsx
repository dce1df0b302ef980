import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { sheetsOf, type SheetCut, type SheetPart } from '../../../core/kit/closing';
import { toInches } from '../../../core/ground/length';
import type { Kit } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { fillOf, useFacesInSight } from '../../ui/facesInSight';
import { Row, Soft } from '../../ui/Screen';

/** Pixels to an inch. */
const SCALE = 8;

const WORDS: Partial<Record<SheetPart['where'], string>> = {
  used: 'on pages',
  here: 'left',
  claimed: 'on the bench',
  waste: 'waste',
  given: 'given',
  sold: 'sold',
  lent: 'lent',
  recycled: 'recycled',
  missed: 'not found',
};

/** Every sheet of a kit, as it was cut: what went on pages shows its paper, what is left is pale, waste is hatched. */
export function SheetsCut({ kit }: { kit: Kit }) {
  const { lots, ledger } = useBench((b) => b);
  const sheets = useMemo(
    () => sheetsOf(kit, { lots, ledger }).filter(({ parts }) => parts.some(({ where }) => where !== 'here')),
    [kit, lots, ledger],
  );
  useFacesInSight(sheets.flatMap(({ lot }) => lot.front ?? []));
  if (sheets.length === 0) return null;
  return (
    <section aria-label="Sheet by sheet">
      <h2>Sheet by sheet</h2>
      <Soft>
        What went on pages or to the bench in its paper, what is left pale, waste hatched, what went away dark.
      </Soft>
      <Sheets>
        {sheets.map((sheet) => (
          <li key={sheet.id}>
            <Drawn sheet={sheet} />
            <Link to={`/stash/${sheet.id}`}>{sheet.lot.name}</Link>
          </li>
        ))}
      </Sheets>
    </section>
  );
}

/** What became of a sheet, in words: how many pieces of each. */
const toldOf = ({ lot, parts }: SheetCut): string => {
  const counts = new Map<string, number>();
  for (const { where } of parts) counts.set(WORDS[where] ?? where, (counts.get(WORDS[where] ?? where) ?? 0) + 1);
  return `${lot.name}: ${[...counts].map(([words, n]) => `${n} ${words}`).join(', ')}`;
};

function Drawn({ sheet }: { sheet: SheetCut }) {
  const [w, h] = [toInches(sheet.w), toInches(sheet.h)];
  return (
    <Sheet viewBox={`0 0 ${w} ${h}`} width={w * SCALE} height={h * SCALE} role="img" aria-label={toldOf(sheet)}>
      <defs>
        <pattern
          id={`waste-${sheet.id}`}
          width="0.5"
          height="0.5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="0.18" height="0.5" />
        </pattern>
      </defs>
      {sheet.parts.map((part) => (
        <g key={part.id} data-where={part.where}>
          <rect
            x={toInches(part.x)}
            y={toInches(part.y)}
            width={toInches(part.w)}
            height={toInches(part.h)}
            {...(part.where === 'used' || part.where === 'claimed' ? { fill: fillOf(sheet.lot.front) } : {})}
            {...(part.where === 'waste' ? { fill: `url(#waste-${sheet.id})` } : {})}
          />
        </g>
      ))}
    </Sheet>
  );
}

const Sheets = styled(Row).attrs({ as: 'ul', $gap: 18 })`
  align-items: flex-end;
  padding: 10px 0;
  li {
    display: flex;
    flex-direction: column;
    gap: 4px;
    max-width: 130px;
    font-size: 14px;
  }
`;
const Sheet = styled.svg`
  background: ${({ theme }) => theme.sheet};
  rect {
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 0.06;
  }
  pattern rect {
    fill: ${({ theme }) => theme.brick};
    stroke: none;
  }
  g[data-where='here'] rect {
    fill: ${({ theme }) => theme.paper};
  }
  g[data-where='given'] rect,
  g[data-where='sold'] rect,
  g[data-where='lent'] rect,
  g[data-where='recycled'] rect,
  g[data-where='missed'] rect {
    fill: ${({ theme }) => theme.woodDeep};
  }
`;
