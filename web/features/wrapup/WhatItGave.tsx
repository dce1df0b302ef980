import { differenceInCalendarDays, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { gaveTo } from '../../../core/kits';
import { toInches } from '../../../core/length';
import type { Kit, Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { PageFigure } from '../../parts/PageFigure';
import { countWords } from '../../ui/countWords';
import { Soft } from '../../ui/Screen';

/** The sides of a page's picture are no longer than so many pixels. */
const SIDE = 84;
const scaleOf = ({ format: { w, h, spread } }: Page): number => SIDE / toInches(Math.max(w * (spread ? 2 : 1), h));

/** The pages a kit gave to, drawn, and how long they took. */
export function WhatItGave({ kit }: { kit: Kit }) {
  const { ledger, lots, pages } = useBench((b) => b);
  const given = useMemo(() => gaveTo(kit, { ledger, lots, pages }), [kit, ledger, lots, pages]);
  const done = given.pages.filter(({ finished }) => finished).length;
  const days =
    given.came !== null && given.lastDone !== null
      ? differenceInCalendarDays(parseISO(given.lastDone), parseISO(given.came))
      : null;
  return (
    <section aria-label="What this kit gave">
      <h2>What this kit gave</h2>
      {given.pages.length === 0 ? (
        <Soft>No page has been made from it yet.</Soft>
      ) : (
        <>
          <Given data-kit-pages>
            {given.pages.map((page) => (
              <li key={page.id}>
                <Link to={`/pages/${page.id}`} aria-label={pageName(page)} title={pageName(page)}>
                  <PageFigure page={page} scale={scaleOf(page)} />
                </Link>
              </li>
            ))}
          </Given>
          <p>
            {countWords(given.pages.length, 'page')}
            {done < given.pages.length && `, ${done} done`}
            {days !== null && days >= 0 && ` · ${countWords(days, 'day')} from the parcel to the last`}
          </p>
        </>
      )}
    </section>
  );
}

const Given = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  padding: 6px 0;
  a {
    display: block;
  }
`;
