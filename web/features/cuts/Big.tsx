import styled from 'styled-components';
import { heading } from '../../ui/theme';

/** A measure that is read from a yard away. */
export const Big = styled.div<{ $many?: boolean }>`
  font: 800 clamp(72px, 9vw, 118px)/1 ${heading};
  ${({ $many }) => $many && 'font-size: clamp(38px, 4vw, 50px);'}
  color: ${({ theme }) => theme.beetInk};
  letter-spacing: -0.02em;
  white-space: nowrap;
`;
