import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import { SORTS, type Sort } from './sorts';

export interface SortTabsProps {
  sort: Sort;
  counts: ReadonlyMap<Sort, number>;
  onSort: (sort: Sort) => void;
}

/** What she looks for, with how much of it there is: one click, or the arrow keys. */
export function SortTabs({ sort, counts, onSort }: SortTabsProps) {
  return (
    <Tabs aria-label="What to look at" orientation="horizontal" value={sort} onChange={(to) => onSort(to as Sort)}>
      {SORTS.map(([id, words]) => (
        <Tab key={id} value={id}>
          {words} <small>{counts.get(id) ?? 0}</small>
        </Tab>
      ))}
    </Tabs>
  );
}

const Tabs = styled(RadioGroup)`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  flex: none;
  padding: 2px 0;
`;
const Tab = styled(Radio)`
  padding: 3px 2px;
  cursor: pointer;
  border-bottom: 3px solid transparent;
  color: ${({ theme }) => theme.soft};
  small {
    font-size: 13px;
  }
  &[data-hovered] {
    border-color: ${({ theme }) => theme.line};
  }
  &[data-selected] {
    color: ${({ theme }) => theme.beetInk};
    font-weight: 650;
    border-color: ${({ theme }) => theme.beet};
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.beet};
    outline-offset: 2px;
  }
`;
