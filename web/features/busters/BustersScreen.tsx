import { Link, useSearchParams } from 'react-router';
import { KeptForNow } from '../../parts/KeptForNow';
import { Columns, Screen } from '../../ui/Screen';
import { Tabs } from '../../ui/Tabs';
import { BusterWishes } from './BusterWishes';
import { IdlePieces } from './IdlePieces';
import { MonthPlan } from './MonthPlan';
import { ProposedList } from './ProposedList';
import { WhatYouLike } from './WhatYouLike';

const VIEWS = [
  ['pages', 'Pages'],
  ['month', 'A month of them'],
  ['idle', 'What can make nothing'],
  ['likes', 'What you like'],
] as const;
type View = (typeof VIEWS)[number][0];

const ABOUT: Record<View, string> = {
  pages: 'pages that can be made from what is left',
  month: 'pages that can all be made, spread over a month',
  idle: 'what is too small for any page',
  likes: 'by what went on your pages',
};

/** Busters: what can really be made from what is left, one page or a month of them. */
export function BustersScreen() {
  const [search, setSearch] = useSearchParams();
  const view = VIEWS.find(([one]) => one === search.get('view'))?.[0] ?? 'pages';
  return (
    <Screen title="Busters" about={ABOUT[view]} actions={<Link to="/busters/gather">Gather a kit of your own</Link>}>
      <KeptForNow />
      <Tabs
        label="What is shown"
        options={VIEWS}
        value={view}
        onChange={(to) => setSearch(to === 'pages' ? {} : { view: to }, { replace: true })}
      />
      {view === 'idle' || view === 'likes' ? (
        <Columns $widths="1fr">{view === 'idle' ? <IdlePieces /> : <WhatYouLike />}</Columns>
      ) : (
        <Columns $widths="236px minmax(0, 1fr)">
          <BusterWishes />
          {view === 'pages' ? <ProposedList /> : <MonthPlan />}
        </Columns>
      )}
    </Screen>
  );
}
