import { addMonths, format } from 'date-fns';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { monthAimsOf, type MonthStanding } from '../../../core/kit/closing';
import { dropMonthAim, keepMonthAim } from '../../../core/acts';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { today } from '../../data/today';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';
import { monthWords } from '../../ui/dayWords';
import { Row, Soft, Stack } from '../../ui/Screen';

const AHEAD = 12;
const NOTHING = 'nothing';
const WHATS = [
  ...[1, 2, 4, 6, 8, 12, 16, 20].map((n) => [String(n), `at least ${countWords(n, 'page')} in`] as const),
  [NOTHING, 'nothing new till'] as const,
];

/** How near an aim for a month is, in words. */
export function monthAimWords({ aim, done }: MonthStanding): string {
  if (aim.kind === 'pages') return `${countWords(aim.atLeast, 'page')} in ${monthWords(aim.month)}: ${done} done`;
  const came = done === 0 ? 'kept so far' : `${countWords(done, 'kit')} came since`;
  return `Nothing new till ${monthWords(aim.month)}: ${came}`;
}

/** What she means for a month, whatever the kit: so many pages, or nothing new till then. */
export function MonthAims() {
  const { monthAims, pages, lots, ledger } = useBench((b) => b);
  const standing = useMemo(() => monthAimsOf({ monthAims, pages, lots, ledger }), [monthAims, pages, lots, ledger]);
  const months = useMemo(
    () => Array.from({ length: AHEAD }, (_, n) => format(addMonths(new Date(), n), 'yyyy-MM')),
    [],
  );
  const [what, setWhat] = useState('4');
  const [month, setMonth] = useState(months[1] ?? '');
  const set = (): void => {
    const aim = { id: nanoid(8), month };
    void act(
      keepMonthAim(
        what === NOTHING
          ? { ...aim, kind: 'nothing-new', since: today() }
          : { ...aim, kind: 'pages', atLeast: Number(what) },
      ),
    );
  };
  return (
    <section aria-label="Aims for a month">
      <h2>Aims for a month</h2>
      <Stack $gap={6}>
        {standing.length === 0 && <Soft>“Eight pages in December”, “nothing new till May”.</Soft>}
        {standing.map((one) => (
          <Row key={one.aim.id}>
            <Met data-met={one.isMet || undefined}>{monthAimWords(one)}</Met>
            <Button
              look="quiet"
              aria-label={`Drop the aim: ${monthAimWords(one)}`}
              onPress={() => void act(dropMonthAim(one.aim))}
            >
              drop
            </Button>
          </Row>
        ))}
        <Row style={{ alignItems: 'flex-end' }}>
          <Choice label="I mean" options={WHATS} value={what} onChange={setWhat} />
          <Choice
            label="The month"
            options={months.map((one) => [one, monthWords(one)] as const)}
            value={month}
            onChange={setMonth}
          />
          <Button onPress={set}>Set it</Button>
        </Row>
      </Stack>
    </section>
  );
}

const Met = styled.span`
  &[data-met] {
    color: ${({ theme }) => theme.pond};
    font-weight: 650;
  }
`;
