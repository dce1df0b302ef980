import { useEffect, useMemo, useReducer, useState } from 'react';
import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { area } from '../../../core/geometry';
import type { PieceState } from '../../../core/ledger';
import { formatArea, inches, TICKS_PER_INCH } from '../../../core/length';
import { holeArea, type PunchWish } from '../../../core/punching';
import type { Hole, Lot, Punch } from '../../../core/things';
import { ownPunches } from '../../../core/stock';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { punchInWorker } from '../../workers/planningClient';
import { BrokenOff, whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { holePath } from '../../ui/holePath';
import { MeasureField } from '../../ui/MeasureField';
import { useFill } from '../../ui/facesInSight';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { nth } from '../../../core/nth';

export interface PunchSlipProps {
  piece: PieceState;
  lot: Lot;
  onPunch: (holes: readonly Hole[]) => void;
}

interface Wish {
  readonly shape: Punch['shape'];
  readonly size: number;
  readonly most: string;
}

const inch = (ticks: number): number => ticks / TICKS_PER_INCH;

/** What a piece gives under the punch: how many of which, and where. */
export function PunchSlip(props: PunchSlipProps) {
  return (
    <DialogTrigger>
      <Button>Punch shapes from it</Button>
      <SlipOver title="Punch shapes from it">{(close) => <Punching {...props} close={close} />}</SlipOver>
    </DialogTrigger>
  );
}

function Punching({ piece, lot, onPunch, close }: PunchSlipProps & { close: () => void }) {
  const fill = useFill(lot.front);
  const { system, punchReach, change } = useSettings();
  const { lots, ledger } = useBench((b) => b);
  const own = useMemo(() => ownPunches(lots, ledger, punchReach), [lots, ledger, punchReach]);
  const [wishes, setWishes] = useState<readonly Wish[]>(() => [
    { shape: 'circle', size: inches(1.5), ...own[0]?.punch, most: '' },
  ]);
  const [found, setFound] = useState<readonly Hole[][] | null>(null);
  const set = (i: number, some: Partial<Wish>): void =>
    setWishes(wishes.map((wish, j) => (j === i ? { ...wish, ...some } : wish)));
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    let isLatest = true;
    const asked = wishes.map(({ shape, size, most }): PunchWish => ({
      punch: {
        shape,
        size,
        reach: own.find(({ punch }) => punch.shape === shape && punch.size === size)?.punch.reach ?? punchReach,
      },
      most: /^\d+$/.test(most) ? Number(most) : null,
    }));
    punchInWorker({ w: piece.w, h: piece.h, missing: piece.missing, upright: lot.upright }, asked).then(
      (holes) => {
        if (!isLatest) return;
        setTrouble(null);
        setFound(holes);
      },
      (error: unknown) => {
        if (isLatest) setTrouble(whyOf(error));
      },
    );
    return () => {
      isLatest = false;
    };
  }, [wishes, punchReach, piece, lot.upright, own, tries]);
  const holes = found?.flat() ?? [];
  const gone = holes.reduce((sum, hole) => sum + holeArea(hole), 0);
  const [w, h] = [inch(piece.w), inch(piece.h)];
  const scale = Math.min(40, 250 / w, 330 / h);
  return (
    <Row $gap={22} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
      <Stack $gap={12} style={{ flex: 1 }}>
        {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
        {wishes.map((wish, i) => (
          <Row key={i} style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
            <div style={{ flex: 1 }}>
              <Choice<Punch['shape']>
                label="Punch"
                options={[
                  ['circle', 'circle'],
                  ['hexagon', 'hexagon'],
                ]}
                value={wish.shape}
                onChange={(shape) => set(i, { shape })}
              />
            </div>
            <div style={{ width: 84 }}>
              <MeasureField
                label="across"
                value={wish.size}
                system={system}
                onChange={(size) => {
                  if (size !== null) set(i, { size });
                }}
              />
            </div>
            <div style={{ width: 84 }}>
              <TextField
                label="at most"
                value={wish.most}
                onChange={(most) => set(i, { most })}
                inputMode="numeric"
                placeholder="all"
              />
            </div>
            <Count role="status">{found?.[i] ? `${found[i].length} ×` : '…'}</Count>
          </Row>
        ))}
        {own.length > 0 && (
          <Row>
            <Soft>Yours:</Soft>
            {own.map(({ name, punch }) => (
              <Button
                key={name}
                look="quiet"
                onPress={() => set(wishes.length - 1, { shape: punch.shape, size: punch.size })}
              >
                {name}
              </Button>
            ))}
          </Row>
        )}
        {wishes.length < 4 && (
          <Button
            look="quiet"
            onPress={() =>
              setWishes([...wishes, { shape: 'circle', size: inches(nth([1, 0.625, 2], wishes.length - 1)), most: '' }])
            }
          >
            and another punch
          </Button>
        )}
        <div style={{ width: 200 }}>
          <MeasureField
            label="reach from the edge"
            value={punchReach}
            system={system}
            onChange={(length) => change({ punchReach: length })}
            isOptional
          />
        </div>
        <Soft>
          The largest first, the others in what is left.{' '}
          {holes.length > 0 &&
            `${formatArea(piece.solid - gone, system)} of ${formatArea(area(piece), system)} stay, with holes.`}
          {lot.upright ? ' Hexagons stand on a point: the design has one way up.' : ''}
        </Soft>
        <Row>
          <Button
            look="main"
            isDisabled={holes.length === 0}
            onPress={() => {
              close();
              onPunch(holes);
            }}
          >
            {holes.length === 0 ? 'Nothing fits' : `Punch ${holes.length}`}
          </Button>
          <Button slot="close" look="quiet">
            Not now
          </Button>
        </Row>
        <Soft>Fingers clear of the punch; small parts away from small children and pets.</Soft>
      </Stack>
      <svg
        width={w * scale}
        height={h * scale}
        viewBox={`0 0 ${w} ${h}`}
        role="img"
        aria-label={`${holes.length} holes on the piece`}
        style={{ flex: 'none' }}
      >
        <path
          fillRule="evenodd"
          fill={fill}
          stroke="rgba(40,20,30,.4)"
          strokeWidth={0.02}
          d={[
            `M0 0H${w}V${h}H0z`,
            ...piece.missing.map((m) => `M${inch(m.x)} ${inch(m.y)}h${inch(m.w)}v${inch(m.h)}h${-inch(m.w)}z`),
            ...holes.map(holePath),
          ].join('')}
        />
      </svg>
    </Row>
  );
}

const Count = styled.strong`
  width: 54px;
  text-align: right;
  padding-bottom: 8px;
  color: ${({ theme }) => theme.beetInk};
`;
