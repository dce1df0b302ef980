import styled from 'styled-components';
import { formatArea, type MeasureSystem } from '../../core/ground/length';

export interface PlanFiguresProps {
  stats: {
    readonly fresh: number;
    readonly cuts: number;
    readonly pieceArea: number;
    readonly nubbinArea: number;
    readonly wasteArea: number;
  };
  /** Papers opened in all, fresh sheets and the others. */
  sheets: number;
  /** Shapes that are punched. */
  punched?: number;
  system: MeasureSystem;
}

/** What a plan takes, in figures. */
export function PlanFigures({ stats, sheets, punched = 0, system }: PlanFiguresProps) {
  return (
    <Figures>
      <li>
        <span>fresh sheets opened</span>
        <strong>{stats.fresh}</strong>
      </li>
      <li>
        <span>leftovers and small papers</span>
        <strong>{sheets - stats.fresh}</strong>
      </li>
      <li>
        <span>trimmer cuts</span>
        <strong>{stats.cuts}</strong>
      </li>
      {punched > 0 && (
        <li>
          <span>shapes to punch</span>
          <strong>{punched}</strong>
        </li>
      )}
      <li>
        <span>onto pages</span>
        <strong>{formatArea(stats.pieceArea, system)}</strong>
      </li>
      <li>
        <span>back to the stash</span>
        <strong>{formatArea(stats.nubbinArea, system)}</strong>
      </li>
      <li>
        <span>waste</span>
        <strong>{formatArea(stats.wasteArea, system)}</strong>
      </li>
    </Figures>
  );
}

/** Lines with a word on the left and a figure on the right. */
export const Figures = styled.ul`
  li {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    padding: 4px 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
