import styled from 'styled-components';
import { useUpdate } from '../data/updateStore';
import { Button } from '../ui/Button';

/** Says that a newer Nubbin is there; nothing is lost by taking it. */
export function UpdateBar() {
  const reload = useUpdate();
  if (!reload) return null;
  return (
    <Bar role="status">
      A newer Nubbin is there. What you did is written down.
      <Button look="quiet" onPress={reload}>
        Reload
      </Button>
    </Bar>
  );
}

const Bar = styled.div`
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 4px 24px;
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
`;
