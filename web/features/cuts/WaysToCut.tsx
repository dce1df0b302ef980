import { countWords } from '../../words/countWords';
import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import type { CutPlan, Preference } from '../../../core/trimmer/cutting';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import { mono } from '../../ui/theme';

export interface WaysToCutProps {
  plans: ReadonlyMap<Preference, CutPlan>;
  chosen: Preference;
  onChoose: (prefer: Preference) => void;
  system: MeasureSystem;
}

const NAMES: Record<Preference, string> = {
  fresh: 'Save fresh sheets',
  cuts: 'Fewest cuts',
  whole: 'Keep large pieces whole',
};

const figures = ({ stats }: CutPlan): string => [stats.fresh, stats.cuts, stats.largestNubbin, stats.wasteArea].join();

/** Plans that differ, side by side with their figures: what saves sheets may cost cuts. */
export function WaysToCut({ plans, chosen, onChoose, system }: WaysToCutProps) {
  const ways = [...plans].filter(
    ([prefer, plan], i, all) =>
      prefer === chosen ||
      !all.some(
        ([other, same], j) => (j < i || other === chosen) && other !== prefer && figures(same) === figures(plan),
      ),
  );
  if (ways.length < 2) return null;
  return (
    <Ways aria-label="Ways to cut it" value={chosen} onChange={(value) => onChoose(value as Preference)}>
      {ways.map(([prefer, { stats }]) => (
        <Radio key={prefer} value={prefer}>
          <strong>{NAMES[prefer]}</strong>
          <span>{stats.fresh} fresh</span>
          <span>{countWords(stats.cuts, 'cut')}</span>
          <span>largest left {formatArea(stats.largestNubbin, system)}</span>
        </Radio>
      ))}
    </Ways>
  );
}

const Ways = styled(RadioGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  .react-aria-Radio {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 12px;
    flex: 1 1 200px;
    max-width: 300px;
    padding: 8px 12px;
    border-left: 5px solid ${({ theme }) => theme.line};
    background: ${({ theme }) => theme.paper};
    cursor: pointer;
  }
  .react-aria-Radio[data-selected] {
    border-left-color: ${({ theme }) => theme.beet};
  }
  .react-aria-Radio[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
  strong {
    flex-basis: 100%;
  }
  span {
    font: 500 14px ${mono};
    color: ${({ theme }) => theme.soft};
    white-space: nowrap;
  }
`;
