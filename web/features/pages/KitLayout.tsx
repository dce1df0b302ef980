import { useMemo } from 'react';
import { borrowingsOf, layoutsOf, type Borrowing } from '../../../core/kit/closing';
import { changePage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';

const NONE = 'none';

const some = (all: Borrowing['borrowed']): string =>
  all.map(({ lot, count }) => (count === 1 ? lot.name : `${count} × ${lot.name}`)).join(', ');

/** `Borrowed from layout 2: moth frame. Paid back: 2 × tag. One thing is still owed.` */
export function borrowingWords({ from, borrowed, paidBack, owes }: Borrowing): string {
  const balance =
    owes > 0
      ? `${countWords(owes, 'thing')} still owed to it.`
      : owes < 0
        ? `${countWords(-owes, 'thing')} still owed by it.`
        : 'They are even.';
  return [
    borrowed.length > 0 ? `Borrowed from layout ${from}: ${some(borrowed)}.` : '',
    paidBack.length > 0 ? `${borrowed.length > 0 ? 'Paid back' : `Lent to layout ${from}`}: ${some(paidBack)}.` : '',
    balance,
  ]
    .filter(Boolean)
    .join(' ');
}

/** Which layout of a kit the page follows, where one marks parts for several, and what was borrowed between them. */
export function KitLayout({ page }: { page: Page }) {
  const { kits, lots, ledger, pages } = useBench((b) => b);
  const options = useMemo(
    () =>
      [...kits.values()].flatMap((kit) =>
        layoutsOf(kit, { lots }).map((nth): [string, string] => [`${nth} ${kit.id}`, `${kit.name}, layout ${nth}`]),
      ),
    [kits, lots],
  );
  const borrowings = useMemo(() => borrowingsOf(page, { lots, ledger, pages }), [page, lots, ledger, pages]);
  if (options.length === 0) return null;
  return (
    <section aria-label="The kit’s layout">
      <Choice
        label="It is the kit’s layout"
        options={[[NONE, 'none of a kit'], ...options]}
        value={page.kitLayout ? `${page.kitLayout.nth} ${page.kitLayout.kit}` : NONE}
        onChange={(to) => {
          const kitLayout = to === NONE ? undefined : { kit: to.slice(2), nth: Number(to[0]) };
          void act(changePage(page.id, { kitLayout }));
        }}
      />
      {borrowings.map((one) => (
        <p key={one.from}>{borrowingWords(one)}</p>
      ))}
    </section>
  );
}
