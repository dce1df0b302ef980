import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { designOfPage } from '../../../core/page/design';
import { changePage } from '../../../core/acts';
import { type Bench } from '../../../core/stock/bench';
import type { Page } from '../../../core/stock/things';
import { act, say } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { Row, Soft } from '../../ui/Screen';
import { monthCalendar, weekdayWords, type MeantPage } from './monthCalendar';

/** What a page is made of, in words. */
const aboutPage = (page: Page, { faces }: Pick<Bench, 'faces'>): string =>
  [designOfPage(page).name, ...new Set(Object.values(page.papers).flatMap((face) => faces.get(face)?.name ?? []))].join(
    ', ',
  );

async function print(pages: readonly MeantPage[]): Promise<void> {
  const { pdfText } = await import('../../ui/pdfText');
  const { say: write, leave, save } = await pdfText('Pages that are meant for a day', useSettings.getState().system);
  write('Pages to make', 18, true);
  for (const { day, name, about } of pages) {
    leave(8);
    write(`${weekdayWords(day)}: ${name}`, 12, true);
    write(about, 10);
  }
  keepFile('pages-to-make.pdf', (await save()) as Uint8Array<ArrayBuffer>, 'application/pdf');
}

/** Pages that were begun for a day and are not done yet; as a calendar, and as a list to print. */
export function MeantPages() {
  const { pages, faces } = useBench((b) => b);
  const meant = useMemo(
    () =>
      [...pages.values()]
        .flatMap((page): MeantPage[] =>
          page.meantFor === undefined || page.finished !== null
            ? []
            : [{ id: page.id, name: pageName(page), day: page.meantFor, about: aboutPage(page, { faces }) }],
        )
        .sort((a, b) => a.day.localeCompare(b.day)),
    [pages, faces],
  );
  if (meant.length === 0) return null;
  const asCalendar = (): void => keepFile('pages-to-make.ics', monthCalendar(meant), 'text/calendar');
  return (
    <section aria-label="Meant for a day">
      <h2>Meant for a day</h2>
      <Days>
        {meant.map(({ id, name, day, about }) => (
          <li key={id}>
            <strong>{weekdayWords(day)}</strong>
            <span>
              <Link to={`/pages/${id}`}>{name}</Link> <Soft>{about}</Soft>
            </span>
            <Button
              look="quiet"
              aria-label={`No day for ${name}`}
              onPress={() => void act(changePage(id, { meantFor: undefined }))}
            >
              no day
            </Button>
          </li>
        ))}
      </Days>
      <Row>
        <Button onPress={asCalendar}>As a calendar (.ics)</Button>
        <Button
          onPress={() => {
            print(meant).catch((error: unknown) => say(`That did not work: ${String(error)}`, 'refused'));
          }}
        >
          Print the list
        </Button>
      </Row>
    </section>
  );
}

const Days = styled.ol`
  list-style: none;
  padding: 4px 0 12px;
  max-width: 760px;
  li {
    display: grid;
    grid-template-columns: 96px 1fr auto;
    gap: 12px;
    padding: 6px 2px;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
