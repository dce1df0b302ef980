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
      onChange={(key) => {
        // The list's hidden field for autofill also has an empty choice.
        const chosen = options.find(([one]) => one === key);
        if (chosen) onChange(chosen[0]);
      }}
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
