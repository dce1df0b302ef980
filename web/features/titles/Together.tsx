import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { Page } from '../../../core/things';
import { pageName } from '../../data/didWords';
import { BrokenOff } from '../../ui/BrokenOff';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import { letterSet, type Asking, type Letters, type Way } from './sets';
import { speltWords } from './titleWords';
import { useSpelling } from './useSpelling';

export interface TogetherProps {
  /** Pages whose titles want letters. */
  pages: readonly Page[];
  sets: readonly Letters[];
  asking: Asking;
}

/** The titles of all pages that wait for one, spelt together from what is left: as many as can be. */
export function Together({ pages, sets, asking }: TogetherProps) {
  const ways = useMemo((): readonly Way[] => {
    const titles = pages.map(({ id, title }) => ({ id, text: title, worth: 1 }));
    return titles.length === 0
      ? []
      : [{ key: 'all', name: '', job: { ...asking, sets: sets.map(letterSet), titles, mix: 'word' } }];
  }, [pages, sets, asking]);
  const { spelt, trouble, again } = useSpelling('together', ways);
  const found = spelt[0]?.spelling.titles;
  const nameOf = (id: string): string => sets.find(({ lot }) => lot.id === id)?.lot.name ?? '';
  return (
    <section aria-label="For the pages together">
      <h2>For the pages together</h2>
      {pages.length === 0 && <Soft>No page waits for the letters of its title.</Soft>}
      {trouble !== null && <BrokenOff what="The spelling" why={trouble} onAgain={again} />}
      <ul>
        {pages.map((page) => {
          const title = found?.find(({ id }) => id === page.id);
          const from = title?.spelt
            ? [...new Set(title.words.flatMap(({ letters }) => letters.map(({ set }) => nameOf(set))))].join(' and ')
            : '';
          return (
            <Slip key={page.id} $isSpelt={title?.spelt ?? false}>
              <Soft>
                <Link to={`/titles/${page.id}`}>{pageName(page)}</Link>
              </Soft>
              <b>{page.title}</b>
              <Soft>{title ? [from, speltWords(title)].filter((words) => words !== '').join(', ') : '…'}</Soft>
            </Slip>
          );
        })}
      </ul>
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
