import { CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/pageActs';
import { Soft } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';

export interface TogetherProps {
  page: Page;
  others: readonly string[];
  onChange: (others: readonly string[]) => void;
}

/** Other pages whose papers are chosen: cut in one go, one sheet can serve them all. */
export function Together({ page, others, onChange }: TogetherProps) {
  const pages = useBench((b) => b.pages);
  const open = [...pages.values()].filter(
    ({ id, state, papers }) => id !== page.id && state === 'idea' && Object.keys(papers).length > 0,
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
