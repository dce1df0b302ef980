import { Radio, RadioGroup } from 'react-aria-components';
import styled from 'styled-components';
import type { ReactNode } from 'react';

export interface TabsProps<K extends string> {
  label: string;
  /** Keys with what stands on their tabs, in order. */
  options: readonly (readonly [K, ReactNode])[];
  value: K;
  onChange: (key: K) => void;
}

/** One of a few, in sight all at once: one click, or the arrow keys. */
export function Tabs<K extends string>({ label, options, value, onChange }: TabsProps<K>) {
  return (
    <Group aria-label={label} orientation="horizontal" value={value} onChange={(to) => onChange(to as K)}>
      {options.map(([id, words]) => (
        <Tab key={id} value={id}>
          {words}
        </Tab>
      ))}
    </Group>
  );
}

const Group = styled(RadioGroup)`
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
