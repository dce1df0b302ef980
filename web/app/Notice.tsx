import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { undo, useNotice } from '../data/acts';
import { Button } from '../ui/Button';

const SHOWN_MS = 6000;

/** What was just done or refused, read out by screen readers, with Undo at hand. */
export function Notice() {
  const notice = useNotice();
  const [gone, setGone] = useState(0);
  useEffect(() => {
    if (!notice || notice.tone === 'refused') return undefined;
    const timer = setTimeout(() => setGone(notice.n), SHOWN_MS);
    return () => clearTimeout(timer);
  }, [notice]);
  const isShown = notice !== null && gone !== notice.n;
  return (
    <Place role="status" aria-live="polite">
      {isShown && (
        <Card $isWrong={notice.tone === 'refused'}>
          {notice.text}
          {notice.undoes !== null && (
            <Button
              look="quiet"
              onPress={() => {
                if (notice.undoes !== null) void undo(notice.undoes);
              }}
            >
              Undo
            </Button>
          )}
          {notice.tone === 'refused' && (
            <Button look="quiet" onPress={() => setGone(notice.n)}>
              Close
            </Button>
          )}
        </Card>
      )}
    </Place>
  );
}

/** In the flow of the window, so that it covers nothing. */
const Place = styled.div`
  flex: none;
  display: flex;
  justify-content: flex-end;
`;
const Card = styled.div<{ $isWrong: boolean }>`
  display: flex;
  gap: 14px;
  align-items: center;
  max-width: 720px;
  margin: 0 24px 6px;
  padding: 2px 14px;
  min-height: 34px;
  border-radius: 5px;
  background: ${({ theme, $isWrong }) => ($isWrong ? theme.brickWash : theme.sheet)};
  color: ${({ theme, $isWrong }) => ($isWrong ? theme.brick : theme.ink)};
  border-left: 6px solid ${({ theme, $isWrong }) => ($isWrong ? theme.brick : theme.pond)};
`;
