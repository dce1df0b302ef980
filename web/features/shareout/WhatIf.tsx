import { useState } from 'react';
import styled from 'styled-components';
import type { SharingPage } from '../../../core/kit/sharing';
import type { SharePlan } from '../../../core/kit/shareout';
import { useBench } from '../../data/benchStore';
import { useSettings, useTrimmer } from '../../data/settings';
import { whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Soft } from '../../ui/Screen';
import { shareInWorker } from '../../workers/sharingClient';
import type { ShareChoices } from './shareChoices';
import { suppositions, withoutLot, type Supposed } from './suppositions';
import { oneOrMore } from '../../words/countWords';

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
/** Asks what something would come to, one after another. */
function useSupposing() {
  const [found, setFound] = useState<Readonly<Record<string, string>>>({});
  const [running, setRunning] = useState<string | null>(null);
  const ask = async ({ id, job }: Supposed): Promise<void> => {
    setRunning(id);
    const told = await shareInWorker(job(), [], WORK, () => undefined).then(
      ({ stats, pages: all }) =>
        `${stats.complete} of ${all.length}, ${oneOrMore(stats.fresh, 'sheet opened', 'sheets opened')}`,
      (error: unknown) => `broke off: ${whyOf(error)}`,
    );
    setFound((before) => ({ ...before, [id]: told }));
    setRunning(null);
  };
  return { found, running, ask };
}

interface SupposedLineProps {
  one: Supposed;
  told: string | undefined;
  isRunning: boolean;
  isDisabled: boolean;
  onAsk: () => void;
}

function SupposedLine({ one, told, isRunning, isDisabled, onAsk }: SupposedLineProps) {
  return (
    <li>
      <Button look="quiet" isDisabled={isDisabled} onPress={onAsk}>
        {one.words}
      </Button>
      {isRunning && <Soft role="status">looking …</Soft>}
      {told !== undefined && !isRunning && (
        <Soft>
          {told}
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
  );
}

/** One page more, without a paper, with an older kit too: how many pages there would be. */
export function WhatIf({ pages, plan, kits, choices, isBusy }: WhatIfProps) {
  const bench = useBench((b) => b);
  const hold = useSettings((s) => s.hold);
  const trimmer = useTrimmer();
  const { found, running, ask } = useSupposing();
  const [chosen, setChosen] = useState('');
  const given = { pages, kits, choices, bench, trimmer, hold };
  const used = [...new Set(plan.sheets.map(({ stock }) => bench.lots.get(bench.ledger.pieces.get(stock)?.lot ?? '')))]
    .filter((lot) => lot !== undefined)
    .sort((a, b) => a.name.localeCompare(b.name));
  const missed = used.find(({ id }) => id === chosen);
  const supposed = [...suppositions(given), ...(missed ? [withoutLot(missed, given)] : [])];
  const isDisabled = isBusy || running !== null;
  return (
    <section aria-label="What if">
      <h2>What if</h2>
      <Asked>
        {supposed.map((one) => (
          <SupposedLine
            key={one.id}
            one={one}
            told={found[one.id]}
            isRunning={running === one.id}
            isDisabled={isDisabled}
            onAsk={() => void ask(one)}
          />
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
          isDisabled={isDisabled}
          onChange={(id) => {
            setChosen(id);
            const lot = used.find((one) => one.id === id);
            if (lot) void ask(withoutLot(lot, given));
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
