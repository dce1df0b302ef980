import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { MeasureSystem } from '../../../core/ground/length';
import { phrasesFor, printedIn, themeOf, type Letters } from '../../../core/page/titles';
import type { Page } from '../../../core/stock/things';
import type { StandingLetters, TitleWish } from '../../../core/page/writing';
import { useBench } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';
import { keepFile } from '../../ui/keepFile';
import { Columns, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { LetChoose } from './LetChoose';
import { LettersLeft } from './LettersLeft';
import { Printed } from './Printed';
import { SpeltLine } from './SpeltLine';
import { Together } from './Together';
import { Uncounted } from './Uncounted';
import { useTitle, type TitleWork } from './useTitle';
import { Ways } from './Ways';

const STANDS: readonly (readonly [key: string, words: string, wish: TitleWish])[] = [
  ['line', 'one line, in the middle', { shape: 'line', from: 'middle' }],
  ['line-left', 'one line, from the left', { shape: 'line', from: 'left' }],
  ['lines', 'two lines, in the middle', { shape: 'lines', from: 'middle' }],
  ['lines-left', 'two lines, from the left', { shape: 'lines', from: 'left' }],
  ['curve', 'along a curve', { shape: 'curve', from: 'middle' }],
  ['side', 'up the left side', { shape: 'side', from: 'middle' }],
];
/** Of pages whose titles are spelt together. */
const MOST_TOGETHER = 12;

/** Pages that are not done, the newest first. */
const waiting = (pages: Iterable<Page>): Page[] =>
  [...pages].filter(({ finished }) => finished === null).sort((a, b) => b.started.localeCompare(a.started));

/** Whether a page's title has no letters yet. */
const hasNoLetters = ({ title, glued, placed = [] }: Page): boolean =>
  title.trim() !== '' && glued === null && !placed.some(({ isTitle }) => isTitle);

/** Titles: what can be spelt from the letters left, for one page and for all that wait. */
export function TitlesScreen() {
  const { page: id } = useParams();
  const pages = useBench((b) => b.pages);
  const open = useMemo(() => waiting(pages.values()), [pages]);
  const pageInHand = useSettings((s) => s.pageInHand);
  const page = open.find((one) => one.id === (id ?? pageInHand)) ?? open[0];
  if (!page)
    return (
      <Screen title="Titles" about="from the letters left">
        <Soft>No page waits for a title. Begin one in Pages.</Soft>
      </Screen>
    );
  return <Titles key={page.id} page={page} open={open} />;
}

async function printTape(title: string, { lines }: StandingLetters, system: MeasureSystem): Promise<void> {
  const { tapePdf } = await import('./tapePdf');
  const bytes = await tapePdf({ title, system, lines });
  keepFile('title-tape.pdf', bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}

/** In how many sets letters are left, and how many nobody counted. */
function leftWords(letters: readonly Letters[]): string {
  const sets = letters.filter(({ isEndless }) => !isEndless).length;
  const uncounted = letters.filter(({ isUncounted }) => isUncounted).length;
  return `letters left in ${countWords(sets, 'set')}${uncounted > 0 ? `, ${uncounted} more not counted` : ''}`;
}

function Titles({ page, open }: { page: Page; open: readonly Page[] }) {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const work = useTitle(page);
  const { letters, title, standing, taken, last } = work;
  const others = useMemo(() => open.filter(hasNoLetters).slice(0, MOST_TOGETHER), [open]);
  const phrases = useMemo(() => phrasesFor(page, bench), [page, bench]);
  const printed = useMemo(() => printedIn(work.text, phrases), [work.text, phrases]);
  const theme = useMemo(() => themeOf(page, bench), [page, bench]);
  const uncounted = letters.flatMap(({ lot, isUncounted }) => (isUncounted && lot ? [lot] : []));
  useKeys({ go: work.lay });
  return (
    <Screen
      title="Titles"
      about={`${leftWords(letters)} · ${countWords(open.length, 'page')} in hand`}
      actions={
        <Button look="main" hint="⏎" isDisabled={!work.canLay} onPress={work.lay}>
          Lay it on the page
        </Button>
      }
    >
      <Columns $widths="minmax(0, 1fr) minmax(260px, 360px)">
        <Stack $gap={14}>
          <Asked page={page} open={open} work={work} />
          {work.trouble !== null && <BrokenOff what="The spelling" why={work.trouble} onAgain={work.again} />}
          {title?.spelt && standing && (
            <SpeltLine
              title={title}
              letters={letters}
              standing={standing}
              lost={work.lost}
              onPrint={() => void printTape(work.text.trim(), standing, system)}
            />
          )}
          {last.length > 0 && (
            <Last role="status">
              {last.map(({ name, glyphs }) => `The last ${glyphs.join(', ')} of ${name}`).join(' · ')}
            </Last>
          )}
          <Printed parts={printed} chosen={work.printed} onChoose={work.takePrinted} />
          <Ways ways={work.ways} letters={letters} chosen={work.way?.key ?? null} onChoose={work.choose} />
          <LettersLeft letters={letters} taken={taken} />
          <Uncounted lots={uncounted} />
        </Stack>
        <Stack $gap={18}>
          <Together pages={others} letters={letters} asking={work.asking} words={theme} />
          <LetChoose
            phrases={phrases}
            theme={theme}
            letters={letters}
            isAnyCase={work.asking.isAnyCase}
            onChoose={work.write}
            onLay={work.layThing}
          />
        </Stack>
      </Columns>
    </Screen>
  );
}

/** For which page, what it says, what letters may do, and how it stands. */
function Asked({ page, open, work }: { page: Page; open: readonly Page[]; work: TitleWork }) {
  const go = useNavigate();
  const change = useSettings((s) => s.change);
  const { asking, wish } = work;
  return (
    <>
      <Row style={{ alignItems: 'flex-end' }}>
        <div style={{ flex: '0 1 240px' }}>
          <Choice<string>
            label="For"
            options={open.map((one) => [one.id, pageName(one)] as const)}
            value={page.id}
            onChange={(to) => {
              // Its things lie on the bench then, as on its own screen.
              change({ pageInHand: to });
              void go(`/titles/${to}`, { replace: true });
            }}
          />
        </div>
        <div style={{ flex: 1 }}>
          <TextField label="Title" value={work.text} onChange={work.write} />
        </div>
        <Choice<string>
          label="Laid"
          options={STANDS.map(([key, words]) => [key, words] as const)}
          value={STANDS.find(([, , one]) => one.shape === wish.shape && one.from === wish.from)?.[0] ?? 'line'}
          onChange={(key) => {
            const chosen = STANDS.find(([one]) => one === key);
            if (chosen) work.stand(chosen[2]);
          }}
        />
      </Row>
      <Row $gap={18}>
        <Tick isSelected={asking.isAnyCase} onChange={(isAnyCase) => work.ask({ ...asking, isAnyCase })}>
          either case will do
        </Tick>
        <Tick isSelected={asking.standIns} onChange={(standIns) => work.ask({ ...asking, standIns })}>
          turn, swap and cut letters
        </Tick>
      </Row>
    </>
  );
}

const Last = styled.p`
  color: ${({ theme }) => theme.brick};
  margin: 0;
`;
