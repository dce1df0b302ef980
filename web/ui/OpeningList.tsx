import type { ReactNode } from 'react';
import { Button, Label, ListBoxItem, Popover, Select, SelectValue, type Key } from 'react-aria-components';
import styled from 'styled-components';
import { fieldLook } from './TextField';

export interface OpeningListProps {
  label: string;
  /** Null: nothing is chosen yet. */
  value: string | null;
  onChange: (id: string) => void;
  isDisabled: boolean;
  /** What stands in the field; absent: the chosen item. */
  shown?: string;
  /** Pixels. */
  height: number;
  width?: number;
  /** The list that opens. */
  children: ReactNode;
}

/** A field from which a list opens, of which one item is chosen. */
export function OpeningList({
  label,
  value,
  onChange,
  isDisabled,
  shown,
  height,
  width = 0,
  children,
}: OpeningListProps) {
  return (
    <Box
      value={value}
      onChange={(key: Key | Key[] | null) => {
        if (typeof key === 'string') onChange(key);
      }}
      isDisabled={isDisabled}
    >
      <Label>{label}</Label>
      <Open>
        {shown === undefined ? <SelectValue /> : <SelectValue>{() => shown}</SelectValue>}
        <span aria-hidden>▾</span>
      </Open>
      <List style={{ maxHeight: height, minWidth: `max(var(--trigger-width), ${width}px)` }}>{children}</List>
    </Box>
  );
}

const Box = styled(Select)`
  display: flex;
  flex-direction: column;
  gap: 3px;
  min-width: 0;
  .react-aria-Label {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
const Open = styled(Button)`
  ${fieldLook} display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.sheet};
  border: 1.5px solid ${({ theme }) => theme.soft};
  .react-aria-SelectValue {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
`;
const List = styled(Popover)`
  overflow: auto;
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.ink};
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 6px;
  box-shadow: 0 6px 18px ${({ theme }) => theme.shade};
  padding: 4px;
`;
export const Item = styled(ListBoxItem)`
  padding: 7px 10px;
  border-radius: 4px;
  cursor: pointer;
  &[data-focused] {
    background: ${({ theme }) => theme.wood};
    outline: none;
  }
  &[data-selected] {
    font-weight: 700;
  }
`;
