import { Button, Label, ListBox, ListBoxItem, Popover, Select, SelectValue, type Key } from 'react-aria-components';
import styled from 'styled-components';
import { Paper } from './Paper';
import { fieldLook } from './TextField';

/** A paper to choose: what it looks like, how it is called, and what else must be known of it. */
export interface PaperOption {
  readonly id: string;
  readonly name: string;
  /** What it shows; null: plain. */
  readonly face: string | null;
  /** How much is left, who has claimed it, whether it goes. */
  readonly about: string;
}

export interface PaperChoiceProps {
  label: string;
  options: readonly PaperOption[];
  /** Null: none yet. */
  value: string | null;
  onChange: (id: string) => void;
  placeholder?: string;
  isDisabled?: boolean;
}

const SWATCH = { w: 8128 * 3, h: 8128 * 2 };

/** One of some papers, by what they look like. */
export function PaperChoice({
  label,
  options,
  value,
  onChange,
  placeholder = 'choose a paper …',
  isDisabled = false,
}: PaperChoiceProps) {
  const chosen = options.find(({ id }) => id === value);
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
        <SelectValue>{() => chosen?.name ?? placeholder}</SelectValue>
        <span aria-hidden>▾</span>
      </Open>
      <List>
        <ListBox items={options} aria-label={label}>
          {({ id, name, face, about }) => (
            <Item id={id} textValue={`${name} ${about}`}>
              <Paper size={SWATCH} face={face} scale={17} />
              <span>
                {name}
                {about !== '' && <small>{about}</small>}
              </span>
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
  min-width: max(var(--trigger-width), 290px);
  max-height: 420px;
  overflow: auto;
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.ink};
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 6px;
  box-shadow: 0 6px 18px ${({ theme }) => theme.shade};
  padding: 4px;
`;
const Item = styled(ListBoxItem)`
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 10px;
  align-items: center;
  padding: 5px 10px;
  border-radius: 4px;
  cursor: pointer;
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  &[data-focused] {
    background: ${({ theme }) => theme.wood};
    outline: none;
  }
  &[data-selected] {
    font-weight: 700;
  }
`;
