import { useEffect, type ReactNode } from 'react';
import styled from 'styled-components';
import { inSmallWindow } from './theme';

export interface ScreenProps {
  title: string;
  /** Said small beside the title. */
  about?: ReactNode;
  actions?: ReactNode;
  children: ReactNode;
}

/** The frame of every screen: its name, what it is about, what can be done, and the rest. */
export function Screen({ title, about, actions, children }: ScreenProps) {
  useEffect(() => {
    document.title = `${title} · Nubbin`;
  }, [title]);
  return (
    <Frame>
      <Head>
        <h1>{title}</h1>
        {about !== undefined && <About>{about}</About>}
        {actions !== undefined && <Actions>{actions}</Actions>}
      </Head>
      <Body>{children}</Body>
    </Frame>
  );
}

const Frame = styled.div`
  display: flex;
  flex-direction: column;
  height: 100%;
  min-height: 0;
  padding: 14px 24px 0;
  ${inSmallWindow} {
    height: auto;
    padding: 10px 14px 0;
  }
`;
const Head = styled.header`
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 48px;
  flex: none;
  flex-wrap: wrap;
  h1 {
    white-space: nowrap;
  }
`;
const About = styled.div`
  color: ${({ theme }) => theme.soft};
  min-width: 0;
`;
const Actions = styled.div`
  margin-left: auto;
  display: flex;
  gap: 10px;
  align-items: center;
  flex-wrap: wrap;
`;
const Body = styled.div`
  flex: 1;
  min-height: 0;
  padding: 12px 0;
  display: flex;
  flex-direction: column;
`;

/** Two or three columns of a screen that scroll each by itself. */
export const Columns = styled.div<{ $widths: string }>`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template-columns: ${({ $widths }) => $widths};
  gap: 24px;
  > * {
    min-height: 0;
    min-width: 0;
    overflow: auto;
    padding: 4px;
  }
  ${inSmallWindow} {
    grid-template-columns: minmax(0, 1fr);
    > * {
      max-height: 92vh;
    }
  }
`;

/** A slip of paper. */
export const Slip = styled.section`
  background: ${({ theme }) => theme.paper};
  border: 1.5px solid ${({ theme }) => theme.line};
  border-radius: 3px;
  padding: 14px 18px;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
`;

export const Stack = styled.div<{ $gap?: number }>`
  display: flex;
  flex-direction: column;
  gap: ${({ $gap = 10 }) => $gap}px;
`;
export const Row = styled.div<{ $gap?: number }>`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ $gap = 10 }) => $gap}px;
`;
export const Soft = styled.span`
  color: ${({ theme }) => theme.soft};
  font-size: 14px;
`;
export const Wrong = styled.p`
  color: ${({ theme }) => theme.brick};
  font-size: 15px;
`;

/** What stands where nothing is yet. */
export const Empty = styled.div`
  margin: auto;
  max-width: 46ch;
  text-align: center;
  display: flex;
  flex-direction: column;
  gap: 12px;
  align-items: center;
  color: ${({ theme }) => theme.soft};
  h2 {
    color: ${({ theme }) => theme.ink};
  }
`;
