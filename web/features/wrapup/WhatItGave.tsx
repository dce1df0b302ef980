import { differenceInCalendarDays, parseISO } from 'date-fns';
import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { gaveTo, neverUsed } from '../../../core/kit/closing';
import { toInches } from '../../../core/ground/length';
import { likedFaces, tastesOf } from '../../../core/kit/taste';
import type { Kit, Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { today } from '../../data/today';
import { PageFigure } from '../../parts/PageFigure';
import { countWords } from '../../words/countWords';
import { Soft } from '../../ui/Screen';

/** So well liked, a paper that was never used is a favourite. */
const FAVOURITE = 0.15;
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
            {kit.price !== undefined && ` · ${costWords(kit.price, given.pages.length)} a page`}
            {days !== null && days >= 0 && ` · ${countWords(days, 'day')} from the parcel to the last`}
          </p>
        </>
      )}
      <NeverUsed kit={kit} />
    </section>
  );
}

/** What a page cost: to the hundredth, as prices are told. */
const costWords = (price: number, pages: number): string => (price / pages).toFixed(2);

/** Papers that lie there as they came; those like what she likes first, and said. */
function NeverUsed({ kit }: { kit: Kit }) {
  const bench = useBench((b) => b);
  const said = useSettings((s) => s.tastes);
  const papers = useMemo(() => {
    const liked = likedFaces(tastesOf(bench, today().slice(0, 7)), said, bench);
    return neverUsed(kit, bench)
      .map((lot) => ({ lot, score: liked.get(lot.front ?? lot.back ?? '') ?? 0 }))
      .sort((a, b) => b.score - a.score);
  }, [kit, bench, said]);
  if (papers.length === 0) return null;
  return (
    <p>
      Never used:{' '}
      {papers.map(({ lot, score }, i) => (
        <span key={lot.id}>
          {i > 0 && ', '}
          <Link to={`/stash?kit=${kit.id}&text=${encodeURIComponent(lot.name)}`}>{lot.name}</Link>
          {score > FAVOURITE && ' (though its like goes on your pages)'}
        </span>
      ))}
    </p>
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
