import { useMemo } from 'react';
import { CheckboxGroup, Label } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { PlanPiece } from '../../../core/things';
import { pageCosts, type ShareMode } from '../../../core/shareout';
import type { Punching } from '../../../core/cutlist';
import { pagesFromMiddles, sheetsOfShare } from '../../../core/sharing';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { kitWords } from '../../ui/dayWords';
import { WastePattern } from '../../ui/PlanSheet';
import { Columns, Empty, Screen, Soft, Stack } from '../../ui/Screen';
import { inSentence } from '../../ui/inSentence';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { Working } from '../../ui/Working';
import { ClaimedShares } from './ClaimedShares';
import { slotForPart, type DraggedPart } from './draggedPart';
import { PapersDivided } from './PapersDivided';
import { PaperWishes } from './PaperWishes';
import { SharedPageFigure } from './SharedPageFigure';
import { useShareChoices } from './shareChoices';
import { useShareOut } from './useShareOut';
import { WhatIf } from './WhatIf';
import { WhatItTakes } from './WhatItTakes';
import { claimShareOut, smallGifts, pagesToShare } from '../../../core/making';
import { act, say } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { ownPunches } from '../../../core/stock';
import { punchedShare, punchingOf } from './punchedShare';
import { countWords } from '../../ui/countWords';
import { nth } from '../../../core/nth';

const MODES: readonly (readonly [ShareMode, string])[] = [
  ['save', 'save the good papers'],
  ['even', 'share them evenly'],
  ['spend', 'use up, older first'],
];
const SPREADS = [
  ['one', 'one sheet, in strips'],
  ['two', 'two sheets, wider strips'],
] as const;

const NO_PUNCHING: Punching = { stock: [], list: [], punches: new Map(), longestCut: null };

const GROUNDS = [
  ['whole', 'whole sheets of it'],
  ['strips', 'strips on cardstock'],
] as const;

/** Share-out: how many of the pages that wait can be made of these kits, and which sheet gives what to which. */
export function ShareOutScreen() {
  const bench = useBench((b) => b);
  const go = useGoAfter();
  const choices = useShareChoices();
  const { change, isPunching, punchReach } = useSettings();
  const { open, begun } = useMemo(() => pagesToShare(bench), [bench]);
  const kits = useMemo(() => [...bench.kits.values()].sort((a, b) => b.month.localeCompare(a.month)), [bench.kits]);
  const chosen = useMemo(() => open.filter(({ id }) => !choices.pagesLeft.includes(id)), [open, choices.pagesLeft]);
  const kitSet = useMemo(
    () => new Set(kits.map(({ id }) => id).filter((id) => !choices.kitsLeft.includes(id))),
    [kits, choices.kitsLeft],
  );
  const { pages: laid, job, plan, done, trouble, stop, again, isCurrent } = useShareOut(chosen, kitSet, choices);
  const complete = useMemo(
    () => laid.filter(({ page }) => plan?.pages.some(({ id, complete: isMade }) => id === page.id && isMade)),
    [laid, plan],
  );
  const small = useMemo(() => smallGifts(complete, bench, kitSet), [complete, bench, kitSet]);
  const punching = useMemo(() => {
    const own = isPunching ? ownPunches(bench.lots, bench.ledger, punchReach).map(({ punch }) => punch) : [];
    return plan ? punchingOf(plan, complete, job, own) : NO_PUNCHING;
  }, [plan, complete, job, bench, isPunching, punchReach]);
  const fromMiddles = useMemo(() => pagesFromMiddles(plan), [plan]);
  const shapes = punching.list.reduce((sum, { id, count }) => sum + (punching.punches.has(id) ? count : 0), 0);
  const costs = useMemo(() => (plan ? pageCosts(plan, job.stock) : []), [plan, job]);
  const claim = async (toCuts: boolean): Promise<void> => {
    if (!plan || !isCurrent || complete.length === 0) return;
    stop();
    const first = nth(complete, 0).page.id;
    const claimed = async (): Promise<boolean> => {
      const { sheets, trouble: unpunched } = await punchedShare(plan, complete, punching);
      const isDone = await act(
        claimShareOut({ plan, pages: complete, kits: [...kitSet], gifts: small.gifts, laid: small.laid, sheets }),
      );
      if (isDone && unpunched !== null) say(unpunched, 'refused');
      return isDone;
    };
    await go(
      claimed().then((isDone) => {
        if (!isDone) return null;
        choices.free();
        change({ pageInHand: first });
        return toCuts ? `/cuts/${first}` : null;
      }),
    );
  };
  useKeys({
    go: () => {
      void claim(true);
    },
  });
  const give =
    (to: string) =>
    (part: DraggedPart): void => {
      const [from, target] = [laid.find(({ page }) => page.id === part.page), laid.find(({ page }) => page.id === to)];
      const slot = from && target && part.face !== null && from !== target ? slotForPart(part, from, target) : null;
      if (slot === null || part.face === null) return;
      choices.pin(to, slot, part.face);
      choices.forbid(part.page, part.face, true);
    };
  const nameOf = ({ page, slot }: Pick<PlanPiece, 'page' | 'slot'>): string => {
    const own = laid.find((one) => one.page.id === page);
    return `${own?.layout.slots.find(({ id }) => id === slot)?.name ?? own?.page.more?.find(({ id }) => slot === `more-${id}`)?.name ?? slot} · ${own ? pageName(own.page) : ''}`;
  };

  if (open.length === 0) {
    return (
      <Screen title="Share-out">
        {bench.sharings.size === 0 ? (
          <Empty>
            <h2>No page waits for papers</h2>
            <p>
              Begin a few in <Link to="/pages">Pages</Link>, or plan a story's pages in <Link to="/photos">Photos</Link>
              . Here you then see how many of them a kit will make, and which sheet gives what to which.
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
  return (
    <Screen
      title="Share-out"
      about={plan ? `${plan.stats.complete} of ${countWords(laid.length, 'page')} can be made` : undefined}
      actions={
        <>
          <Button
            isDisabled={complete.length === 0 || !isCurrent}
            onPress={() => {
              void claim(false);
            }}
          >
            Claim the papers
          </Button>
          <Button
            look="main"
            hint="⏎"
            isDisabled={complete.length === 0 || !isCurrent}
            onPress={() => {
              void claim(true);
            }}
          >
            Claim, and to the cuts
          </Button>
        </>
      }
    >
      <WastePattern />
      <Columns $widths="clamp(204px, 18vw, 230px) minmax(0, 1fr) clamp(238px, 23vw, 300px)">
        <Stack $gap={18}>
          <Group
            value={[...kitSet]}
            onChange={(ids) => choices.change({ kitsLeft: kits.map(({ id }) => id).filter((id) => !ids.includes(id)) })}
          >
            <Label>From</Label>
            {kits.map((kit) => (
              <Tick key={kit.id} value={kit.id}>
                {kitWords(kit)}
              </Tick>
            ))}
          </Group>
          <Group
            value={chosen.map(({ id }) => id)}
            onChange={(ids) =>
              choices.change({ pagesLeft: open.map(({ id }) => id).filter((id) => !ids.includes(id)) })
            }
          >
            <Label>For</Label>
            {open.map((page) => (
              <Tick key={page.id} value={page.id}>
                {pageName(page)}
              </Tick>
            ))}
          </Group>
          {begun.map((page) => (
            <Soft key={page.id}>
              {pageName(page)} is begun to be cut: <Link to={`/cuts/${page.id}`}>its rest</Link> is planned from Cuts.
            </Soft>
          ))}
          <Choice<ShareMode>
            label="How"
            options={MODES}
            value={choices.mode}
            onChange={(mode) => choices.change({ mode })}
          />
          <Choice<'whole' | 'strips'>
            label="Where little of a paper shows"
            options={GROUNDS}
            value={choices.grounds}
            onChange={(grounds) => choices.change({ grounds })}
          />
          {chosen.some(({ format }) => format.spread) && (
            <Choice<'one' | 'two'>
              label="Strips over a spread"
              options={SPREADS}
              value={choices.spread}
              onChange={(spread) => choices.change({ spread })}
            />
          )}
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
        <Stack $gap={14}>
          <h2>Papers, as they are divided</h2>
          {plan && <PapersDivided sheets={sheetsOfShare(plan, laid)} nameOf={nameOf} />}
          {fromMiddles > 0 && (
            <Soft>
              {fromMiddles === 1 ? 'One page has' : `${fromMiddles} pages have`} pieces from middles: cut out of what
              another page hides, before that is glued. The cuts say when.
            </Soft>
          )}
          {shapes > 0 && (
            <Soft>
              {countWords(shapes, 'shape')} your punches make: drawn here as {shapes === 1 ? 'a square' : 'squares'},
              punched from what is left over once you claim.
            </Soft>
          )}
          <PaperWishes kits={kitSet} used={plan?.sheets.map(({ stock }) => stock) ?? []} />
          <ClaimedShares />
        </Stack>
        <Stack $gap={14}>
          <h2>Pages, as they will look</h2>
          {laid.map((sharing) => (
            <SharedPageFigure
              key={sharing.page.id}
              sharing={sharing}
              plan={plan}
              cost={costs.find(({ page }) => page === sharing.page.id)}
              small={small}
              onGiven={give(sharing.page.id)}
            />
          ))}
          {complete.length > 0 && small.untaken.length > 0 && (
            <Soft>
              No page takes {small.untaken.map(({ name, count }) => `${count} × ${inSentence(name)}`).join(', ')}.
            </Soft>
          )}
        </Stack>
      </Columns>
    </Screen>
  );
}

const Group = styled(CheckboxGroup)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: 15px;
  .react-aria-Label {
    font-weight: 650;
    font-size: 16px;
  }
`;
