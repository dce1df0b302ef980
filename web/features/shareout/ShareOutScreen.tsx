import { Link } from 'react-router';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { WastePattern } from '../../ui/PlanSheet';
import { Columns, Empty, Screen, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';
import { ClaimedShares } from './ClaimedShares';
import { PagesColumn } from './PagesColumn';
import { PapersColumn } from './PapersColumn';
import { useShareChoices } from './shareChoices';
import { useClaim } from './useClaim';
import { useShared, type Shared } from './useShared';
import { FromAndFor, HowShared } from './WhatIsShared';
import { WhatIf } from './WhatIf';
import { WhatItTakes } from './WhatItTakes';

/** No page waits: where to begin some, and what was shared out before. */
function NoPageWaits({ wasShared }: { wasShared: boolean }) {
  return (
    <Screen title="Share-out">
      {!wasShared ? (
        <Empty>
          <h2>No page waits for papers</h2>
          <p>
            Begin a few in <Link to="/pages">Pages</Link>, or plan a story's pages in <Link to="/photos">Photos</Link>.
            Here you then see how many of them a kit will make, and which sheet gives what to which.
          </p>
        </Empty>
      ) : (
        <Columns $widths="1fr">
          <Stack $gap={16}>
            <ClaimedShares />
          </Stack>
        </Columns>
      )}
    </Screen>
  );
}

/** How many pages can be made: so far, while it is still being looked for. */
function aboutWords({ plan, laid, standing }: Shared): string | undefined {
  if (!plan) return undefined;
  const { complete } = plan.stats;
  const words = `${complete} of ${countWords(laid.length, 'page')}`;
  return standing === 'looking' && complete < laid.length ? `looking: ${words} so far` : `${words} can be made`;
}

/** Share-out: how many of the pages that wait can be made of these kits, and which sheet gives what to which. */
export function ShareOutScreen() {
  const choices = useShareChoices();
  const shared = useShared(choices);
  const { laid, job, plan, done, trouble, stop, again, kitSet } = shared;
  const { canClaim, claim } = useClaim(shared, choices);
  useKeys({ go: () => void claim(true) });
  if (shared.open.length === 0) return <NoPageWaits wasShared={shared.bench.sharings.size > 0} />;
  return (
    <Screen
      title="Share-out"
      about={aboutWords(shared)}
      actions={
        <>
          <Button isDisabled={!canClaim} onPress={() => void claim(false)}>
            Claim the papers
          </Button>
          <Button look="main" hint="⏎" isDisabled={!canClaim} onPress={() => void claim(true)}>
            Claim, and to the cuts
          </Button>
        </>
      }
    >
      <WastePattern />
      <Columns $widths="clamp(204px, 18vw, 230px) minmax(0, 1fr) clamp(238px, 23vw, 300px)">
        <Stack $gap={18}>
          <FromAndFor shared={shared} choices={choices} />
          <HowShared shared={shared} choices={choices} />
          {done !== null && (
            <Working done={done} onStop={stop} stopWords="Stop, it is good enough">
              {plan ? 'A share-out is there; looking for a better one …' : 'Sharing out …'}
            </Working>
          )}
          {trouble !== null && <BrokenOff what="The share-out" why={trouble} onAgain={again} />}
          {plan && <WhatItTakes plan={plan} job={job} pages={laid.length} />}
          {plan && (
            <WhatIf
              key={job.pages.length}
              pages={laid}
              plan={plan}
              kits={kitSet}
              choices={choices}
              isBusy={done !== null}
            />
          )}
        </Stack>
        <PapersColumn shared={shared} />
        <PagesColumn shared={shared} choices={choices} />
      </Columns>
    </Screen>
  );
}
