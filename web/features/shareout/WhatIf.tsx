import { useState } from 'react';
import styled from 'styled-components';
import { facesMeant } from '../../../core/kits';
import type { SharingPage } from '../../../core/sharing';
import type { ShareJob, SharePlan } from '../../../core/shareout';
import type { Kit, Lot } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Soft } from '../../ui/Screen';
import { shareInWorker } from '../../workers/sharingClient';
import type { ShareChoices } from './shareChoices';
import { jobOf, onPlain } from './shareJob';

export interface WhatIfProps {
  pages: readonly SharingPage[];
  plan: SharePlan;
  kits: ReadonlySet<string>;
  choices: ShareChoices;
  /** A search goes on already. */
  isBusy: boolean;
}

/** Judgements for one supposition: less than for the share-out itself. */
const WORK = 120_000;
const MORE = 'one-more';

interface Supposed {
  readonly id: string;
  readonly words: string;
  readonly job: () => ShareJob;
  /** Takes it up; absent: it cannot be. */ readonly take?: () => void;
}

/** One page more, without a paper, with an older kit too: how many pages there would be. */
export function WhatIf({ pages, plan, kits, choices, isBusy }: WhatIfProps) {
  const bench = useBench((b) => b);
  const { longestCut, hold } = useSettings();
  const [found, setFound] = useState<Readonly<Record<string, string>>>({});
  const [chosen, setChosen] = useState('');
  const [running, setRunning] = useState<string | null>(null);
  const { never, mode, must, pins, forbidden, change, kitsLeft, grounds } = choices;
  const wishes = { mode, must, meant: facesMeant(bench), pins, forbidden };
  const smallest = [...pages].sort((a, b) => a.layout.layers.length - b.layout.layers.length)[0];
  const used = [...new Set(plan.sheets.map(({ stock }) => bench.lots.get(bench.ledger.pieces.get(stock)?.lot ?? '')))]
    .filter((lot) => lot !== undefined)
    .sort((a, b) => a.name.localeCompare(b.name));
  const others: Kit[] = [...bench.kits.values()].filter(({ id }) => !kits.has(id));
  const without = (lot: Lot): Supposed => ({
    id: `lot ${lot.id}`,
    words: `without ${lot.name}`,
    job: () => jobOf(pages, bench, { kits, never: [...never, lot.id] }, wishes, longestCut),
    take: () => change({ never: [...never, lot.id] }),
  });
  const missed = used.find(({ id }) => id === chosen);
  const supposed: Supposed[] = [
    ...(smallest
      ? [
          {
            id: MORE,
            words: 'one page more, like the smallest',
            job: () =>
              jobOf(
                [...pages, { ...smallest, page: { ...smallest.page, id: MORE } }],
                bench,
                { kits, never },
                wishes,
                longestCut,
              ),
          },
        ]
      : []),
    ...others.map((kit): Supposed => ({
      id: `kit ${kit.id}`,
      words: `with ${kit.name} too`,
      job: () => jobOf(pages, bench, { kits: new Set([...kits, kit.id]), never }, wishes, longestCut),
      take: () => change({ kitsLeft: kitsLeft.filter((id) => id !== kit.id) }),
    })),
    ...(grounds === 'whole'
      ? [
          {
            id: 'strips',
            words: 'strips on plain cardstock where little shows',
            job: () =>
              jobOf(
                onPlain(pages, bench, { kits, never }, { hold, longestCut }),
                bench,
                { kits, never },
                wishes,
                longestCut,
              ),
            take: () => change({ grounds: 'strips' }),
          },
        ]
      : []),
    ...(missed ? [without(missed)] : []),
  ];
  const ask = async ({ id, job }: Supposed): Promise<void> => {
    setRunning(id);
    const told = await shareInWorker(job(), [], WORK, () => undefined).then(
      ({ stats, pages: all }) =>
        `${stats.complete} of ${all.length}, ${stats.fresh === 1 ? 'one sheet opened' : `${stats.fresh} sheets opened`}`,
      (error: unknown) => `broke off: ${whyOf(error)}`,
    );
    setFound((before) => ({ ...before, [id]: told }));
    setRunning(null);
  };
  return (
    <section aria-label="What if">
      <h2>What if</h2>
      <Asked>
        {supposed.map((one) => (
          <li key={one.id}>
            <Button
              look="quiet"
              isDisabled={isBusy || running !== null}
              onPress={() => {
                void ask(one);
              }}
            >
              {one.words}
            </Button>
            {running === one.id && <Soft role="status">looking …</Soft>}
            {found[one.id] !== undefined && running !== one.id && (
              <Soft>
                {found[one.id]}
                {one.take && (
                  <>
                    {' '}
                    ·{' '}
                    <Button look="quiet" onPress={one.take}>
                      do so
                    </Button>
                  </>
                )}
              </Soft>
            )}
          </li>
        ))}
      </Asked>
      {used.length > 0 && (
        <Choice
          label="Without a paper"
          options={[
            ['', 'choose one …'],
            ...used.map((lot): [string, string] => [lot.id, `${lot.name}, ${bench.kits.get(lot.kit)?.name}`]),
          ]}
          value={chosen}
          isDisabled={isBusy || running !== null}
          onChange={(id) => {
            setChosen(id);
            const lot = used.find((one) => one.id === id);
            if (lot) void ask(without(lot));
          }}
        />
      )}
    </section>
  );
}

const Asked = styled.ul`
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: baseline;
    text-align: left;
  }
  button {
    white-space: normal;
    text-align: left;
  }
`;
