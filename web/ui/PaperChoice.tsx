import { ListBox } from 'react-aria-components';
import styled from 'styled-components';
import { Item, OpeningList } from './OpeningList';
import { Paper } from './Paper';

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
    <OpeningList
      label={label}
      value={value}
      onChange={onChange}
      isDisabled={isDisabled}
      shown={chosen?.name ?? placeholder}
      height={420}
      width={290}
    >
      <ListBox items={options} aria-label={label}>
        {({ id, name, face, about }) => (
          <PaperItem id={id} textValue={`${name} ${about}`}>
            <Paper size={SWATCH} face={face} scale={17} />
            <span>
              {name}
              {about !== '' && <small>{about}</small>}
            </span>
          </PaperItem>
        )}
      </ListBox>
    </OpeningList>
  );
}

const PaperItem = styled(Item)`
  display: grid;
  grid-template-columns: 54px 1fr;
  gap: 10px;
  align-items: center;
  padding: 5px 10px;
  small {
    display: block;
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;
