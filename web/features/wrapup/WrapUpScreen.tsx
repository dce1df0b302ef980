import { useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { leftOf, sharesOfPaper } from '../../../core/kit/closing';
import { closeKit, openKit } from '../../../core/acts';
import type { Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { agreeing, countWords } from '../../words/countWords';
import { dayWords, monthWords } from '../../ui/dayWords';
import { Columns, Empty, Row, Screen } from '../../ui/Screen';
import { Shelf } from '../../ui/Shelf';
import { Tabs } from '../../ui/Tabs';
import { Account } from './Account';
import { OverTheKits } from './OverTheKits';
import { PaperBand } from './PaperBand';
import { ThingByThing } from './ThingByThing';
import { LeadOn } from '../../ui/LeadOn';

/** Wrap-up: everything left of a kit is looked at once, until nothing is undecided; and its account. */
export function WrapUpScreen() {
  const { kit: id } = useParams();
  const kits = useBench((b) => b.kits);
  const inOrder = [...kits.values()].sort((a, b) => b.month.localeCompare(a.month));
  const kit = kits.get(id ?? '');
  if (kit) return <WrapUp key={kit.id} kit={kit} inOrder={inOrder} />;
  const first = inOrder.findLast(({ closed }) => closed === undefined) ?? inOrder[0];
  return first ? (
    <LeadOn to={`/wrap-up/${first.id}`} />
  ) : (
    <Screen title="Wrap-up">
      <Empty>
        <h2>No kit to wrap up</h2>
        <p>When a kit has been unpacked and used, what is left of it is looked through here, until it is closed.</p>
      </Empty>
    </Screen>
  );
}

const VIEWS = [
  ['things', 'Thing by thing'],
  ['account', 'The account'],
  ['all', 'Over all kits'],
] as const;
type View = (typeof VIEWS)[number][0];
const viewOf = (asked: string | null): View => VIEWS.find(([view]) => view === asked)?.[0] ?? 'things';

/** How far a kit is wrapped up. */
function standingWords({ closed }: Kit, left: number, undecided: number): string {
  if (closed !== undefined)
    return `closed on ${dayWords(closed)}${undecided > 0 ? `; ${countWords(undecided, 'thing')} came back since` : ''}`;
  return left === 0 ? 'nothing is left' : `${countWords(left, 'thing')} left · ${left - undecided} decided`;
}

function WrapUp({ kit, inOrder }: { kit: Kit; inOrder: readonly Kit[] }) {
  const { lots, ledger } = useBench((b) => b);
  const [search, setSearch] = useSearchParams();
  const view = viewOf(search.get('view'));
  const [isTold, setTold] = useState(false);
  const left = useMemo(() => leftOf(kit, { lots, ledger }), [kit, lots, ledger]);
  const shares = useMemo(() => sharesOfPaper(kit, { lots, ledger }), [kit, lots, ledger]);
  const undecided = left.filter(({ fate }) => fate === null).length;
  const close = (): void => {
    setTold(undecided > 0);
    if (undecided === 0) void act(closeKit(kit.id));
  };
  const standing = standingWords(kit, left.length, undecided);
  return (
    <Screen
      title="Wrap-up"
      about={view === 'all' ? 'over all kits' : `${kit.name} · ${monthWords(kit.month)} · ${standing}`}
      actions={
        view === 'all' ? undefined : kit.closed === undefined ? (
          <Button look="main" onPress={close}>
            Close this kit
          </Button>
        ) : (
          <Button onPress={() => void act(openKit(kit.id))}>Open it again</Button>
        )
      }
    >
      <Row style={{ justifyContent: 'space-between', flex: 'none' }}>
        <Shelf aria-label="Kits">
          {inOrder.map((one) => (
            <Link key={one.id} to={`/wrap-up/${one.id}`} aria-current={one.id === kit.id ? 'page' : undefined}>
              {one.name} {one.closed !== undefined && <em>closed</em>}
            </Link>
          ))}
        </Shelf>
        <Tabs
          label="What is shown"
          options={VIEWS}
          value={view}
          onChange={(to) => setSearch(to === 'things' ? {} : { view: to }, { replace: true })}
        />
      </Row>
      {isTold && undecided > 0 && (
        <Told role="alert">
          {countWords(undecided, 'thing')} {agreeing(undecided, 'is', 'are')} not decided yet. A kit closes when of
          everything it is said what becomes of it.
        </Told>
      )}
      {shares.received > 0 && view !== 'all' && <PaperBand {...shares} />}
      {view === 'things' ? (
        <ThingByThing kit={kit} left={left} />
      ) : (
        <Columns $widths="1fr">{view === 'account' ? <Account kit={kit} /> : <OverTheKits />}</Columns>
      )}
    </Screen>
  );
}
const Told = styled.p`
  color: ${({ theme }) => theme.brick};
  padding-bottom: 6px;
`;
