import { sheetsOfShare } from '../../../core/kit/sharing';
import type { PlanPiece } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { agreeing, countWords } from '../../words/countWords';
import { Soft, Stack } from '../../ui/Screen';
import { ClaimedShares } from './ClaimedShares';
import { PapersDivided } from './PapersDivided';
import { PaperWishes } from './PaperWishes';
import type { Shared } from './useShared';

/** The papers as they are divided, what is wished of them, and share-outs that were claimed. */
export function PapersColumn({ shared }: { shared: Shared }) {
  const { laid, plan, kitSet, fromMiddles, punching } = shared;
  const shapes = punching.list.reduce((sum, { id, count }) => sum + (punching.punches.has(id) ? count : 0), 0);
  const nameOf = ({ page, slot }: Pick<PlanPiece, 'page' | 'slot'>): string => {
    const own = laid.find((one) => one.page.id === page);
    const more = own?.page.more?.find(({ id }) => slot === `more-${id}`)?.name;
    const name = own?.layout.slots.find(({ id }) => id === slot)?.name ?? more ?? slot;
    return `${name} · ${own ? pageName(own.page) : ''}`;
  };
  return (
    <Stack $gap={14}>
      <h2>Papers, as they are divided</h2>
      {plan && <PapersDivided sheets={sheetsOfShare(plan, laid)} nameOf={nameOf} />}
      {fromMiddles > 0 && (
        <Soft>
          {agreeing(fromMiddles, 'One page has', `${fromMiddles} pages have`)} pieces from middles: cut out of what
          another page hides, before that is glued. The cuts say when.
        </Soft>
      )}
      {shapes > 0 && (
        <Soft>
          {countWords(shapes, 'shape')} your punches make: drawn here as {agreeing(shapes, 'a square', 'squares')},
          punched from what is left over once you claim.
        </Soft>
      )}
      <PaperWishes kits={kitSet} used={plan?.sheets.map(({ stock }) => stock) ?? []} />
      <ClaimedShares />
    </Stack>
  );
}
