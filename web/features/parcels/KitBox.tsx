import { Pencil } from 'lucide-react';
import { lazy, Suspense, useMemo, useState, type ReactNode } from 'react';
import styled from 'styled-components';
import { balanceOf, type Amounts } from '../../../core/ledger';
import type { Kit } from '../../../core/things';
import { arrive } from '../../../core/making';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { amountWords } from '../../ui/amountWords';
import { kitWords, monthWords } from '../../ui/dayWords';
import { lotWords } from '../../ui/lotWords';
import { Columns, Row, Screen, Slip, Soft, Stack } from '../../ui/Screen';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { mono } from '../../ui/theme';
import { FetchList } from './FetchList';
import { Aims } from '../../parts/Aims';
import { Notes } from '../../parts/Notes';
import { Tick } from '../../ui/Tick';
import { ForLayout } from './ForLayout';
import { SmallButton } from './SmallButton';
import { Wishes } from './Wishes';
import { KitFields } from './KitFields';

const AmendSlip = lazy(async () => ({ default: (await import('../../parts/AmendSlip')).AmendSlip }));

const kitName = (kit: Kit | undefined): string => (kit ? kitWords(kit) : '');

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
  const system = useSettings((s) => s.system);
  const [amendedId, setAmended] = useState<string | null>(null);
  const { lots, ledger, kits, faces } = useBench((b) => b);
  const amended = lots.get(amendedId ?? '');
  const own = useMemo(
    () => [...lots.values()].filter((lot) => lot.kit === kit.id).sort((a, b) => a.line - b.line),
    [lots, kit.id],
  );
  const [isMarking, setMarking] = useState(false);
  const isMarked = isMarking || own.some(({ forLayout }) => forLayout !== undefined);
  const owed = [...lots.values()]
    .flatMap((lot) => {
      const amounts = ledger.lots.get(lot.id)?.owed ?? {};
      return Object.keys(amounts).length > 0 ? [{ lot, amounts }] : [];
    })
    .sort(
      (a, b) =>
        (kits.get(a.lot.kit)?.month ?? '').localeCompare(kits.get(b.lot.kit)?.month ?? '') ||
        a.lot.line - b.lot.line ||
        a.lot.name.localeCompare(b.lot.name),
    );
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
        <Stack $gap={16}>
          <Slip aria-label="Owed">
            <h2>Owed</h2>
            {owed.length === 0 && <Soft>Nothing is owed.</Soft>}
            {owed.map(({ lot, amounts }) => (
              <Row key={lot.id}>
                <span>
                  <strong>
                    {amountWords(lot, amounts, system)} {lot.name}
                  </strong>
                  <br />
                  <Soft>{kitName(kits.get(lot.kit))}</Soft>
                </span>
                <Button
                  look="quiet"
                  aria-label={`It has come: ${lot.name}`}
                  onPress={() => {
                    void act(arrive(lot.id));
                  }}
                >
                  It has come
                </Button>
              </Row>
            ))}
          </Slip>
          <KitFields key={kit.id} kit={kit} />
          <Wishes onUnpack={onFetched} />
          <Slip>
            <Soft>The list as it came</Soft>
            <List>{kit.list}</List>
          </Slip>
          <Aims kit={kit} />
          <Notes table="kits" record={kit} />
        </Stack>
        <Stack $gap={6}>
          <Tick
            isSelected={isMarked}
            isDisabled={own.some(({ forLayout }) => forLayout !== undefined)}
            onChange={setMarking}
          >
            Its parts are marked for its layouts
          </Tick>
          <ul aria-label="What was in the box" tabIndex={0}>
            {own.map((lot) => {
              const state = ledger.lots.get(lot.id);
              const missing = state?.owed ?? {};
              const { count } = balanceOf(ledger, lot.id);
              const sheets = [...ledger.pieces.values()].filter(
                (piece) => piece.lot === lot.id && piece.from === null,
              ).length;
              const came: Amounts = lot.measure === 'sheets' ? { '': sheets } : (state?.received ?? {});
              return (
                <Line key={lot.id}>
                  <ThingDrawing
                    lot={lot}
                    colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
                    amounts={lot.measure === 'sheets' ? { '': Math.max(1, sheets) } : came}
                    scale={4.2}
                  />
                  <div>
                    <strong>{lot.name}</strong>
                    <small>{lotWords(lot, system)}</small>
                  </div>
                  {Object.keys(missing).length > 0 ? <Owes>{amountWords(lot, missing, system)} owed</Owes> : <i />}
                  <span>
                    {lot.measure === 'letters' ? `${count.received} letters` : `${amountWords(lot, came, system)} came`}
                  </span>
                  {isMarked && <ForLayout lot={lot} />}
                  <SmallButton
                    aria-label={`Change what ${lot.name} is`}

                    onPress={() => setAmended(lot.id)}
                  >
                    <Pencil size={15} aria-hidden />
                  </SmallButton>
                </Line>
              );
            })}
          </ul>
        </Stack>
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
const Owes = styled.span`
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
  padding: 3px 10px;
  font-size: 14px;
`;
const Line = styled.li`
  display: grid;
  grid-template-columns: 160px 1fr auto 96px;
  grid-auto-columns: max-content;
  grid-auto-flow: column;
  gap: 14px;
  align-items: center;
  min-height: 60px;
  padding: 3px 6px;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
  > span:last-of-type {
    text-align: right;
    font-size: 15px;
  }
`;
