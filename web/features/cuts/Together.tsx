import { Checkbox, CheckboxGroup, Label } from 'react-aria-components';
import styled from 'styled-components';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/pageActs';
import { Soft } from '../../ui/Screen';

export interface TogetherProps { page: Page; others: readonly string[]; onChange: (others: readonly string[]) => void }

/** Other pages whose papers are chosen: cut in one go, one sheet can serve them all. */
export function Together({ page, others, onChange }: TogetherProps) {
  const pages = useBench((b) => b.pages);
  const open = [...pages.values()].filter(({ id, state, papers }) => id !== page.id && state === 'idea' && Object.keys(papers).length > 0);
  if (open.length === 0) return null;
  return (
    <Group value={[...others]} onChange={onChange}>
      <Label>Cut together with</Label>
      {open.map((other) => <Box key={other.id} value={other.id}><i aria-hidden />{pageName(other)}</Box>)}
      <Soft>One sheet can then serve several pages.</Soft>
    </Group>
  );
}

const Group = styled(CheckboxGroup)`display: flex; flex-direction: column; gap: 6px; .react-aria-Label { font-weight: 650; }`;
const Box = styled(Checkbox)`
  display: flex; gap: 10px; align-items: center; min-height: 28px; cursor: pointer;
  i { width: 18px; height: 18px; flex: none; border: 2px solid ${({ theme }) => theme.ink}; border-radius: 4px; display: grid; place-items: center; }
  &[data-selected] i { background: ${({ theme }) => theme.beet}; border-color: ${({ theme }) => theme.beet}; }
  &[data-selected] i::after { content: ''; width: 9px; height: 5px; border-left: 2.5px solid ${({ theme }) => theme.onBeet}; border-bottom: 2.5px solid ${({ theme }) => theme.onBeet}; transform: rotate(-45deg) translate(1px, -1px); }
  &[data-focus-visible] i { outline: 3px solid ${({ theme }) => theme.beet}; outline-offset: 2px; }
`;
