import { useEffect, useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { couldBecome, type LeftThing } from '../../../core/kit/closing';
import { decideOn } from '../../../core/acts';
import { ownPunches } from '../../../core/trimmer/onHand';
import type { Kit, Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Paper, paperOf } from '../../ui/Paper';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { useFocusWhenLost } from '../../ui/useFocusWhenLost';
import { chanceWords } from '../../ui/chanceWords';
import { Fates } from './Fates';
import { fateWords } from './fateWords';
import { ALL, amountsMeant, HowMany } from './HowMany';
import { howMuchWords } from '../../ui/thingWords';
import { useDeciding } from './useDeciding';

export interface ThisThingProps {
  kit: Kit;
  thing: LeftThing;
  at: number;
  of: number;
  /**
   * On to the next; at once, so that of quick keys none is pressed for this one again.
   * @param rest one of those alike that are not decided with it
   */
  onNext: (rest: string | null) => void;
  /** It could not be: back to this one. */
  onBack: () => void;
}

/** One thing that is left, drawn large: what it could still become, and what becomes of it. */
export function ThisThing({ kit, thing, at, of, onNext, onBack }: ThisThingProps) {
  const system = useSettings((s) => s.system);
  const [meant, setMeant] = useState(ALL);
  const ref = useFocusWhenLost<HTMLElement>();
  // Chosen below, it may stand out of sight above.
  useEffect(() => {
    ref.current?.scrollIntoView({ block: 'nearest' });
  }, [ref]);
  const { lot, pieces, fate } = thing;
  const keys = meant.isOne ? thing.keys.slice(0, 1) : thing.keys;
  const rest = meant.isOne ? (thing.keys[1] ?? null) : null;
  const only = amountsMeant(meant, thing, system);
  const { place, decide, leave, back, join } = useDeciding(kit.id, thing, keys, {
    only,
    onNext: () => onNext(rest),
    onBack,
  });
  const cameWith = useBench((b) => b.kits.get(lot.kit)?.name);
  const [piece] = pieces;
  return (
    <Slip aria-label={lot.name} ref={ref} tabIndex={-1}>
      <WhatItIs thing={thing} at={at} of={of} />
      <Row $gap={28} style={{ alignItems: 'flex-start', padding: '10px 0' }}>
        <Drawn thing={thing} />
        {piece && <Chances piece={piece} />}
      </Row>
      <Stack $gap={10}>
        <HowMany thing={thing} meant={meant} onChange={setMeant} />
        <Fates
          place={place}
          from={kit.gathered === undefined ? null : (cameWith ?? '')}
          onBack={() => void back()}
          onFate={(to) => void decide(to)}
          onLeave={(leaving) => {
            void leave(leaving);
            if (only !== 'mistyped') setMeant(ALL);
          }}
        />
        {lot.measure === 'letters' && <WithOlderSet lot={lot} onJoin={(into) => void join(into)} />}
        {fate !== null && (
          <Row>
            <Button look="quiet" onPress={() => void act(decideOn(kit.id, { keys, fate: null }))}>
              not decided after all
            </Button>
          </Row>
        )}
      </Stack>
    </Slip>
  );
}

/** What it is, how much of it there is, where it lies, what was decided. */
function WhatItIs({ thing, at, of }: Pick<ThisThingProps, 'thing' | 'at' | 'of'>) {
  const system = useSettings((s) => s.system);
  const { lot, pieces, fate } = thing;
  const [piece] = pieces;
  const lies = useBench((b) => b.ledger.lots.get(lot.id)?.place) ?? '';
  return (
    <Row $gap={14} style={{ alignItems: 'baseline' }}>
      <h2>
        <Link to={`/stash/${piece?.id ?? lot.id}`}>{piece?.name ?? lot.name}</Link>
      </h2>
      <span>
        {howMuchWords(thing, system)}
        {lies !== '' && ` · lies in ${lies}`}
        {fate !== null && ` · ${fateWords(fate)}`}
      </span>
      <Soft style={{ marginLeft: 'auto' }}>
        {at} of {of}
      </Soft>
    </Row>
  );
}

/** Letters that are left go with another set of hers. */
function WithOlderSet({ lot, onJoin }: { lot: Lot; onJoin: (into: string) => void }) {
  const { lots, kits } = useBench((b) => b);
  const sets = [...lots.values()].filter(({ id, measure }) => measure === 'letters' && id !== lot.id);
  if (sets.length === 0) return null;
  return (
    <Choice
      label="Put with another set of letters"
      options={[
        [NONE, 'choose a set …'],
        ...sets.map(({ id, name, kit }): [string, string] => [id, `${name}, ${kits.get(kit)?.name ?? ''}`]),
      ]}
      value={NONE}
      onChange={(into) => {
        if (into !== NONE) onJoin(into);
      }}
    />
  );
}
const NONE = '';

/** Pixels to an inch: a whole sheet, and its other face beside it, stand in the slip. */
const SCALE = 15;

function Drawn({ thing: { lot, pieces, amounts } }: { thing: LeftThing }) {
  const faces = useBench((b) => b.faces);
  const [piece] = pieces;
  if (!piece)
    return (
      <Large>
        <ThingDrawing
          lot={lot}
          colours={faces.get(lot.front ?? '')?.colours.map(({ hex }) => hex) ?? []}
          amounts={amounts}
          scale={SCALE}
        />
      </Large>
    );
  return (
    <Row $gap={14} style={{ alignItems: 'flex-end' }}>
      <Paper {...paperOf(piece)} face={lot.front} scale={SCALE} />
      {lot.back !== null && (
        <figure>
          <Paper size={{ w: piece.w, h: piece.h }} face={lot.back} scale={SCALE / 3} />
          <figcaption>
            <Soft>{faces.get(lot.back)?.name ?? 'its other face'}</Soft>
          </figcaption>
        </figure>
      )}
    </Row>
  );
}

function Chances({ piece }: { piece: LeftThing['pieces'][number] }) {
  const { lots, ledger, photos, pages } = useBench((b) => b);
  const { system, punchReach } = useSettings();
  const chances = useMemo(() => {
    const used = new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
    const waiting = [...photos.values()].filter(({ id }) => !used.has(id));
    return couldBecome(
      piece,
      waiting,
      ownPunches(lots, ledger, punchReach).map(({ punch }) => punch),
    );
  }, [piece, lots, ledger, photos, pages, punchReach]);
  if (chances.length === 0) return <Soft>Too small for a mat, a card or a strip.</Soft>;
  return (
    <div>
      <h3>It could still become</h3>
      <ul>
        {chances.map((chance) => (
          <li key={chance.kind}>{chanceWords(chance, system)}</li>
        ))}
      </ul>
    </div>
  );
}

const Large = styled.div`
  max-width: 100%;
  max-height: 200px;
  overflow: hidden;
  zoom: 1.6;
`;
