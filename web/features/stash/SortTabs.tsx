import { Tabs } from '../../ui/Tabs';
import { SORTS, type Sort } from './sorts';

export interface SortTabsProps {
  sort: Sort;
  counts: ReadonlyMap<Sort, number>;
  onSort: (sort: Sort) => void;
}

/** What she looks for, with how much of it there is. */
export function SortTabs({ sort, counts, onSort }: SortTabsProps) {
  return (
    <Tabs
      label="What to look at"
      options={SORTS.map(
        ([id, words]) =>
          [
            id,
            <>
              {words} <small>{counts.get(id) ?? 0}</small>
            </>,
          ] as const,
      )}
      value={sort}
      onChange={onSort}
    />
  );
}
