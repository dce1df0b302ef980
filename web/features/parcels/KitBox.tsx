import { lazy, Suspense, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import type { Kit } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/dayWords';
import { Columns, Screen, Slip, Soft, Stack } from '../../ui/Screen';
import { mono } from '../../ui/theme';
import { FetchList } from './FetchList';
import { Aims } from '../../parts/Aims';
import { Notes } from '../../parts/Notes';
import { Tick } from '../../ui/Tick';
import { Wishes } from './Wishes';
import { KitFields } from './KitFields';
import { KitLine } from './KitLine';
import { Owed } from './Owed';

const AmendSlip = lazy(async () => ({ default: (await import('../../parts/AmendSlip')).AmendSlip }));

/** What is owed, what the kit is called, wished for and aimed at, its list as it came, and notes. */
function AboutKit({ kit, onFetched }: { kit: Kit; onFetched: (draft: string) => void }) {
  return (
    <Stack $gap={16}>
      <Owed />
      <KitFields key={kit.id} kit={kit} />
      <Wishes onUnpack={onFetched} />
      <Slip>
        <Soft>The list as it came</Soft>
        <List>{kit.list}</List>
      </Slip>
      <Aims kit={kit} />
      <Notes table="kits" record={kit} />
    </Stack>
  );
}

/** What was in the box, line by line. */
function WhatWasInIt({ kit, onAmend }: { kit: Kit; onAmend: (lot: string) => void }) {
  const lots = useBench((b) => b.lots);
  const own = useMemo(
    () => [...lots.values()].filter((lot) => lot.kit === kit.id).sort((a, b) => a.line - b.line),
    [lots, kit.id],
  );
  const [isMarking, setMarking] = useState(false);
  const isMarked = isMarking || own.some(({ forLayout }) => forLayout !== undefined);
  return (
    <Stack $gap={6}>
      <Tick
        isSelected={isMarked}
        isDisabled={own.some(({ forLayout }) => forLayout !== undefined)}
        onChange={setMarking}
      >
        Its parts are marked for its layouts
      </Tick>
      <ul aria-label="What was in the box" tabIndex={0}>
        {own.map((lot) => (
          <KitLine key={lot.id} lot={lot} isMarked={isMarked} onAmend={() => onAmend(lot.id)} />
        ))}
      </ul>
    </Stack>
  );
}

/** A parcel that was put away: its list, and what became of each line. What is owed waits at the head. */
export function KitBox({
  kit,
  shelf,
  onNew,
  onFetched,
}: {
  kit: Kit;
  shelf: ReactNode;
  onNew: () => void;
  onFetched: (draft: string) => void;
}) {
  const [amendedId, setAmended] = useState<string | null>(null);
  const lots = useBench((b) => b.lots);
  const amended = lots.get(amendedId ?? '');
  return (
    <Screen
      title={kit.name}
      about={`${kit.club} · ${monthWords(kit.month)}`}
      actions={
        <>
          <FetchList onFetched={onFetched} />
          <Button look="main" onPress={onNew}>
            Unpack a parcel
          </Button>
        </>
      }
    >
      {shelf}
      <Columns $widths="minmax(280px, 380px) 1fr">
        <AboutKit kit={kit} onFetched={onFetched} />
        <WhatWasInIt kit={kit} onAmend={setAmended} />
      </Columns>
      {amended && (
        <Suspense fallback={null}>
          <AmendSlip key={amended.id} lot={amended} onClose={() => setAmended(null)} />
        </Suspense>
      )}
    </Screen>
  );
}

const List = styled.pre`
  font: 400 13.5px/1.7 ${mono};
  white-space: pre-wrap;
  margin: 8px 0 0;
`;
