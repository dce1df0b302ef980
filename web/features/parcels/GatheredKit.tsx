import { useMemo, type ReactNode } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { accountOf, leftOf, partsOf, type LeftThing } from '../../../core/kit/closing';
import { putBack, takeKitApart } from '../../../core/acts';
import type { Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Aims } from '../../parts/Aims';
import { Notes } from '../../parts/Notes';
import { StockDrawing } from '../../parts/StockDrawing';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { kitWords, monthWords } from '../../ui/dayWords';
import { Columns, Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { howMuchWords } from '../../ui/thingWords';
import { KitFields } from './KitFields';

/** So many pieces, or kinds of thing in a pack; of letters one set. */
const howMany = ({ lot, pieces, amounts }: LeftThing): number =>
  pieces.length > 0 ? pieces.length : lot.measure === 'letters' ? 1 : Object.keys(amounts).length;

/** A kit of her own: what lies in it and where each thing came from, to put more in, back, or share out. */
export function GatheredKit({ kit, shelf, onNew }: { kit: Kit; shelf: ReactNode; onNew: () => void }) {
  const { lots, ledger } = useBench((b) => b);
  const goAfter = useGoAfter();
  const left = useMemo(() => leftOf(kit, { lots, ledger }), [kit, lots, ledger]);
  const apart = (): void => {
    void goAfter(act(takeKitApart(kit.id)).then((isDone) => (isDone ? '/parcels' : null)));
  };
  return (
    <Screen
      title={kit.name}
      about={`gathered by yourself${kit.gathered ? ` round ${kit.gathered}` : ''} · ${monthWords(kit.month)}`}
      actions={
        <>
          <Link to={`/busters/gather?into=${kit.id}`}>Put more in</Link>
          <Link to={`/wrap-up/${kit.id}`}>Wrap it up</Link>
          <Button look="main" onPress={onNew}>
            Unpack a parcel
          </Button>
        </>
      }
    >
      {shelf}
      <Columns $widths="minmax(280px, 380px) 1fr">
        <Stack $gap={16}>
          <KitFields key={kit.id} kit={kit} />
          <Aims kit={kit} />
          <Notes table="kits" record={kit} />
          <Row>
            <Button onPress={apart}>Take it apart</Button>
            <Soft>All that is left of it goes back with what it came with.</Soft>
          </Row>
        </Stack>
        <WhatIsIn kit={kit} left={left} />
      </Columns>
    </Screen>
  );
}

function WhatIsIn({ kit, left }: { kit: Kit; left: readonly LeftThing[] }) {
  const { lots, ledger, kits } = useBench((b) => b);
  const used = useMemo(() => {
    const { papers, counted } = accountOf(kit.id, { lots, ledger });
    return [...papers, ...counted].filter(({ balance }) => balance.onPages > 0).length;
  }, [kit.id, lots, ledger]);
  const from = new Set(left.map(({ lot }) => lot.kit));
  return (
    <div>
      <p>
        {countWords(
          left.reduce((sum, thing) => sum + howMany(thing), 0),
          'thing',
        )}{' '}
        in it, from {[...from].map((id) => kits.get(id)?.name).join(', ')}
        {used > 0 && `; ${countWords(used, 'thing')} of it went on pages`}. <Link to="/share-out">Share it out</Link>
      </p>
      {left.length === 0 ? (
        <Empty>
          <h2>Nothing is left of it</h2>
          <p>What was in it is on pages, or went back with what it came with.</p>
        </Empty>
      ) : (
        <ul aria-label="In the kit" tabIndex={0}>
          {left.map((thing) => (
            <InKit key={thing.key} kit={kit} thing={thing} from={kits.get(thing.lot.kit)} />
          ))}
        </ul>
      )}
    </div>
  );
}

function InKit({ kit, thing, from }: { kit: Kit; thing: LeftThing; from: Kit | undefined }) {
  const system = useSettings((s) => s.system);
  const { lot, pieces, amounts, key } = thing;
  const name = pieces[0]?.name ?? lot.name;
  return (
    <Line>
      <StockDrawing lot={lot} piece={pieces[0] ?? null} amounts={amounts} scale={4.2} />
      <div>
        <Link to={`/stash/${key}`}>{name}</Link>
        <small>
          {howMuchWords(thing, system)}
          {from && ` · from ${kitWords(from)}`}
        </small>
      </div>
      <Button look="quiet" aria-label={`Put back: ${name}`} onPress={() => void act(putBack(kit.id, partsOf(thing)))}>
        put back
      </Button>
    </Line>
  );
}

const Line = styled.li`
  display: grid;
  grid-template-columns: 150px 1fr auto;
  gap: 14px;
  align-items: center;
  min-height: 56px;
  padding: 3px 6px;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
`;
