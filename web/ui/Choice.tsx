import { ListBox } from 'react-aria-components';
import { Item, OpeningList } from './OpeningList';

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
    <OpeningList
      label={label}
      value={value}
      onChange={(key) => onChange(key as K)}
      isDisabled={isDisabled}
      height={320}
    >
      <ListBox items={options.map(([id, name]) => ({ id, name }))}>
        {(item) => (
          <Item id={item.id} textValue={item.name}>
            {item.name}
          </Item>
        )}
      </ListBox>
    </OpeningList>
  );
}
