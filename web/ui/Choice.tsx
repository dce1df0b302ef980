import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue, type Key } from 'react-aria-components';
import styled from 'styled-components';
import { fieldLook } from './TextField';

export interface ChoiceProps<K extends string> {
  label: string;
  /** Keys with the words for them, in order. */
  options: readonly (readonly [K, string])[];
  value: K;
  onChange: (key: K) => void;
  isDisabled?: boolean;
}

/** One of a few, from a list that opens. */
export function Choice<K extends string>({ label, options, value, onChange, isDisabled = false }: ChoiceProps<K>) {
  return (
    <Box
      value={value}
      onChange={(key: Key | Key[] | null) => {
        if (typeof key === 'string') onChange(key as K);
      }}
      isDisabled={isDisabled}
    >
      <Label>{label}</Label>
      <Open>
        <SelectValue />
        <span aria-hidden>▾</span>
      </Open>
      <List>
        <ListBox items={options.map(([id, name]) => ({ id, name }))}>
          {(item) => (
            <Item id={item.id} textValue={item.name}>
              {item.name}
            </Item>
          )}
        </ListBox>
      </List>
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
  min-width: var(--trigger-width);
  max-height: 320px;
  overflow: auto;
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.ink};
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 6px;
  box-shadow: 0 6px 18px ${({ theme }) => theme.shade};
  padding: 4px;
`;
const Item = styled(ListBoxItem)`
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
