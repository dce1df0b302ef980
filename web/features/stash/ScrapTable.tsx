import { countWords } from '../../words/countWords';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useCallback, useMemo, type ReactNode } from 'react';
import styled from 'styled-components';
import type { Found } from '../../../core/kit/finding';
import { formatArea, inches, TICKS_PER_INCH } from '../../../core/ground/length';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Ruler } from '../../ui/Ruler';
import { Row, Soft } from '../../ui/Screen';
import { useWidth } from '../../ui/useWidth';
import { packRows, type TableGroup } from './packRows';
import { ScrapPiece } from './ScrapPiece';
import { heldIn } from '../../../core/ground/heldIn';
import { nth } from '../../../core/ground/nth';

export interface ScrapTableProps {
  groups: readonly TableGroup<Found>[];
  scale: number;
  chosen: ReadonlySet<string>;
  onChoose: (id: string) => void;
  /** What follows the pieces. */
  children: ReactNode;
}

const GAP = 14;
const HEADING = 40;
/** Round a piece: its border and padding. */
const FRAME = 10;
const LEAST = 24;
/** A stash of so many lines is drawn whole; of more, so many beyond what is seen. */
const WHOLE = 60;
const BEYOND = 8;

/** The groups as lines of the table, as many pieces in each as it is wide. */
function useRows(groups: ScrapTableProps['groups'], scale: number, width: number) {
  const ledger = useBench((b) => b.ledger);
  return useMemo(
    () =>
      packRows(
        groups,
        ({ id }) => {
          const { w, h } = heldIn(ledger.pieces, id);
          return {
            width: Math.max(LEAST, (w / TICKS_PER_INCH) * scale + FRAME),
            height: Math.max(LEAST, (h / TICKS_PER_INCH) * scale + FRAME),
          };
        },
        Math.max(200, width - 24),
        GAP,
        HEADING,
      ),
    [groups, ledger, scale, width],
  );
}

interface TableRowProps extends Pick<ScrapTableProps, 'scale' | 'chosen' | 'onChoose'> {
  row: ReturnType<typeof useRows>[number];
}

/** A group's name with what it comes to, or pieces side by side. */
function TableRow({ row, scale, chosen, onChoose }: TableRowProps) {
  const { ledger, kits } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  return (
    <>
      {row.kind === 'heading' ? (
        <Row $gap={14}>
          <h3>{row.name}</h3>
          <Soft>
            {countWords(row.items.length, 'piece')} ·{' '}
            {formatArea(
              row.items.reduce((sum, { id }) => sum + heldIn(ledger.pieces, id).solid, 0),
              system,
            )}
          </Soft>
        </Row>
      ) : (
        <Scraps>
          {row.items.map(({ id, lot }) => (
            <ScrapPiece
              key={id}
              piece={heldIn(ledger.pieces, id)}
              lot={lot}
              kit={kits.get(lot.kit)}
              scale={scale}
              isChosen={chosen.has(id)}
              onChoose={onChoose}
            />
          ))}
        </Scraps>
      )}
    </>
  );
}

/** All pieces at one scale, line by line; only the lines near what is seen are drawn. */
export function ScrapTable({ groups, scale, chosen, onChoose, children }: ScrapTableProps) {
  const system = useSettings((s) => s.system);
  const [ref, width] = useWidth<HTMLDivElement>();
  const rows = useRows(groups, scale, width);
  // The same functions while the lines are the same: else all of them are measured anew at every step.
  const estimateSize = useCallback((i: number) => nth(rows, i).height, [rows]);
  const getItemKey = useCallback(
    (i: number) => `${scale} ${i} ${nth(rows, i).kind} ${nth(rows, i).items[0]?.id}`,
    [rows, scale],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- react-virtual 3 hands out functions that change (November 2026): they stay in this component, which no compiler touches
  const lines = useVirtualizer({
    count: rows.length,
    getScrollElement: () => ref.current,
    estimateSize,
    overscan: rows.length > WHOLE ? BEYOND : WHOLE,
    getItemKey,
  });
  return (
    <Table ref={ref} data-testid="scraps" tabIndex={0} role="group" aria-label="The stash, to scale">
      <Edge>
        <Ruler
          length={inches(Math.max(12, Math.min(48, Math.floor(740 / scale))))}
          scale={scale}
          axis="x"
          system={system}
        />
      </Edge>
      <div style={{ height: lines.getTotalSize(), position: 'relative', flex: 'none' }}>
        {lines.getVirtualItems().map(({ index, key, start }) => {
          const row = nth(rows, index);
          return (
            <Line key={key} style={{ transform: `translateY(${start}px)`, height: row.height }}>
              <TableRow row={row} scale={scale} chosen={chosen} onChoose={onChoose} />
            </Line>
          );
        })}
      </div>
      {children}
    </Table>
  );
}

const Table = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow: auto;
  min-height: 0;
  &:focus-visible {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
const Edge = styled.div`
  position: sticky;
  top: -4px;
  z-index: 2;
  background: ${({ theme }) => theme.ground};
  padding-top: 2px;
  flex: none;
`;
const Line = styled.div`
  position: absolute;
  top: 0;
  left: 0;
  right: 0;
  contain: layout style;
  h3 {
    padding-top: 8px;
  }
`;
const Scraps = styled.ul`
  display: flex;
  gap: ${GAP}px;
  align-items: flex-start;
`;
