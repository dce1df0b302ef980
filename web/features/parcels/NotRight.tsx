import { Menu, MenuItem, MenuTrigger, Popover } from 'react-aria-components';
import styled from 'styled-components';
import { SmallButton } from './SmallButton';

export interface NotRightProps {
  name: string;
  /** Whether there can be several of it. */
  isCounted: boolean;
  onDamaged: () => void;
  onTooMany: () => void;
  onInstead: () => void;
  onMissing: () => void;
  /** It was understood otherwise than it is. */
  onEdit: () => void;
}

/** What may be the matter with a thing in the box. */
export function NotRight({ name, isCounted, onDamaged, onTooMany, onInstead, onMissing, onEdit }: NotRightProps) {
  return (
    <MenuTrigger>
      <SmallButton aria-label={`Something is not right with ${name}`} data-quiet>
        ⋯
      </SmallButton>
      <Choices>
        <Menu>
          <MenuItem onAction={onEdit}>Put right how it was understood</MenuItem>
          {isCounted && <MenuItem onAction={onDamaged}>One is damaged: keep it, another is owed</MenuItem>}
          {isCounted && <MenuItem onAction={onTooMany}>There is one too many</MenuItem>}
          <MenuItem onAction={onInstead}>Something else came instead</MenuItem>
          <MenuItem onAction={onMissing}>It is not here: it is owed</MenuItem>
        </Menu>
      </Choices>
    </MenuTrigger>
  );
}

const Choices = styled(Popover)`
  background: ${({ theme }) => theme.sheet};
  color: ${({ theme }) => theme.ink};
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 6px;
  padding: 4px;
  box-shadow: 0 6px 18px ${({ theme }) => theme.shade};
  .react-aria-MenuItem {
    padding: 8px 12px;
    border-radius: 4px;
    cursor: pointer;
    outline: none;
    &[data-focused] {
      background: ${({ theme }) => theme.wood};
    }
  }
`;
