import { CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import { pageState } from '../../../core/page/cutlist';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Soft } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { pageName } from '../../data/didWords';

export interface TogetherProps {
  page: Page;
  others: readonly string[];
  onChange: (others: readonly string[]) => void;
}

/** Other pages whose papers are chosen: cut in one go, one sheet can serve them all. */
export function Together({ page, others, onChange }: TogetherProps) {
  const bench = useBench((b) => b);
  const open = [...bench.pages.values()].filter(
    (other) => other.id !== page.id && Object.keys(other.papers).length > 0 && pageState(other, bench) === 'idea',
  );
  if (open.length === 0) return null;
  return (
    <Group value={[...others]} onChange={onChange}>
      <Label>Cut together with</Label>
      {open.map((other) => (
        <Tick key={other.id} value={other.id}>
          {pageName(other)}
        </Tick>
      ))}
      <Soft>One sheet can then serve several pages.</Soft>
    </Group>
  );
}

const Group = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 6px;
  .react-aria-Label {
    font-weight: 650;
  }
`;
