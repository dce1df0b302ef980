import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Asking, Letters } from '../../../core/page/titles';
import type { Page } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { BrokenOff } from '../../ui/BrokenOff';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import { spelling } from '../../workers/spellingClient';
import { setsWords, speltWords } from './titleWords';
import { useAnswer } from '../../ui/useAnswer';

export interface TogetherProps {
  /** Pages whose titles want letters. */
  pages: readonly Page[];
  letters: readonly Letters[];
  asking: Asking;
  /** Of hers: which of them can be spelt no more then is told. */
  words: readonly string[];
}

/** The titles of all pages that wait for one, spelt together from what is left: as many as can be. */
export function Together({ pages, letters, asking, words }: TogetherProps) {
  const ask = useMemo(() => {
    const waiting = pages
      .toSorted((a, b) => a.started.localeCompare(b.started))
      .map(({ id, title }) => ({ id, text: title }));
    return waiting.length === 0 ? null : () => spelling.ask((api) => api.together(waiting, letters, asking, words));
  }, [pages, letters, asking, words]);
  const { answer, trouble, again } = useAnswer(ask);
  const order = answer?.titles.map(({ id }) => id) ?? [];
  const shown = [...pages].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
  return (
    <section aria-label="For the pages together">
      <h2>For the pages together</h2>
      {pages.length === 0 && <Soft>No page waits for the letters of its title.</Soft>}
      {trouble !== null && <BrokenOff what="The spelling" why={trouble} onAgain={again} />}
      <ul>
        {shown.map((page) => {
          const title = answer?.titles.find(({ id }) => id === page.id);
          return (
            <Slip key={page.id} $isSpelt={title?.spelt ?? false}>
              <Soft>
                <Link to={`/titles/${page.id}`}>{pageName(page)}</Link>
              </Soft>
              <b>{page.title}</b>
              <Soft>
                {title ? [setsWords(title, letters), speltWords(title)].filter((said) => said !== '').join(', ') : '…'}
              </Soft>
            </Slip>
          );
        })}
      </ul>
      {answer && answer.last.length > 0 && (
        <After>
          After these: out of {answer.last.map(({ name, glyphs }) => `${glyphs.join(', ')} in ${name}`).join(' · ')}.
          {answer.lost.length > 0 && ` No later page can spell ${answer.lost.slice(0, 4).join(', ')}.`}
        </After>
      )}
    </section>
  );
}

const Slip = styled.li<{ $isSpelt: boolean }>`
  display: flex;
  flex-direction: column;
  gap: 1px;
  padding: 9px 12px;
  margin-bottom: 8px;
  background: ${({ theme }) => theme.paper};
  border-left: 5px solid ${({ theme, $isSpelt }) => ($isSpelt ? theme.pond : theme.marigold)};
  b {
    font: 750 20px/1.2 ${heading};
    color: ${({ theme }) => theme.beetInk};
  }
`;
const After = styled.p`
  margin: 4px 0 0;
  font-size: 15px;
  color: ${({ theme }) => theme.brick};
`;
