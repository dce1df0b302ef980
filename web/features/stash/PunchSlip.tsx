import { DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { area } from '../../../core/ground/geometry';
import type { PieceState } from '../../../core/stock/ledger';
import { formatArea } from '../../../core/ground/length';
import { holeArea } from '../../../core/trimmer/punching';
import type { Hole, Lot, Punch } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Form } from '../../ui/Form';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Soft, Stack } from '../../ui/Screen';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { PunchedPiece } from './PunchedPiece';
import { MOST_WISHES, usePunching, type Wish, isMistyped } from './usePunching';

export interface PunchSlipProps {
  piece: PieceState;
  lot: Lot;
  onPunch: (holes: readonly Hole[]) => void;
}

/** What a piece gives under the punch: how many of which, and where. */
export function PunchSlip(props: PunchSlipProps) {
  return (
    <DialogTrigger>
      <Button>Punch shapes from it</Button>
      <SlipOver title="Punch shapes from it">{(close) => <Punching {...props} close={close} />}</SlipOver>
    </DialogTrigger>
  );
}

interface WishRowProps {
  wish: Wish;
  /** How many it makes; null: not known yet. */
  count: number | null;
  onChange: (some: Partial<Wish>) => void;
}

/** One punch: its shape and size, how many at most, and how many fit. */
function WishRow({ wish, count, onChange }: WishRowProps) {
  const system = useSettings((s) => s.system);
  return (
    <Row style={{ alignItems: 'flex-end', flexWrap: 'nowrap' }}>
      <div style={{ flex: 1 }}>
        <Choice<Punch['shape']>
          label="Punch"
          options={[
            ['circle', 'circle'],
            ['hexagon', 'hexagon'],
          ]}
          value={wish.shape}
          onChange={(shape) => onChange({ shape })}
        />
      </div>
      <div style={{ width: 84 }}>
        <MeasureField
          label="across"
          value={wish.size}
          system={system}
          onChange={(size) => {
            if (size !== null) onChange({ size });
          }}
        />
      </div>
      <div style={{ width: 84 }}>
        <TextField
          label="at most"
          value={wish.most}
          onChange={(most) => onChange({ most })}
          error={isMistyped(wish) ? 'A number, or nothing for all.' : null}
          inputMode="numeric"
          placeholder="all"
        />
      </div>
      <Count role="status">{count === null ? '…' : `${count} ×`}</Count>
    </Row>
  );
}

interface MorePunchesProps {
  own: ReturnType<typeof usePunching>['own'];
  canAdd: boolean;
  onTake: (punch: Pick<Wish, 'shape' | 'size'>) => void;
  onAdd: () => void;
}

/** Her own punches, and another beside those wished for. */
function MorePunches({ own, canAdd, onTake, onAdd }: MorePunchesProps) {
  return (
    <>
      {own.length > 0 && (
        <Row>
          <Soft>Yours:</Soft>
          {own.map(({ name, punch }) => (
            <Button key={name} look="quiet" onPress={() => onTake({ shape: punch.shape, size: punch.size })}>
              {name}
            </Button>
          ))}
        </Row>
      )}
      {canAdd && (
        <Button look="quiet" onPress={onAdd}>
          and another punch
        </Button>
      )}
    </>
  );
}

function Punching({ piece, lot, onPunch, close }: PunchSlipProps & { close: () => void }) {
  const { system, punchReach, change: changeSettings } = useSettings();
  const { own, wishes, change, addWish, found, holes, trouble, again } = usePunching(piece, lot);
  const gone = holes.reduce((sum, hole) => sum + holeArea(hole), 0);
  const punch = (): void => {
    close();
    onPunch(holes);
  };
  return (
    <Form onSend={punch} isSentByEnter={false}>
      <Row $gap={22} style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
        <Stack $gap={12} style={{ flex: 1 }}>
          {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
          {wishes.map((wish, i) => (
            <WishRow key={i} wish={wish} count={found?.[i]?.length ?? null} onChange={(some) => change(i, some)} />
          ))}
          <MorePunches
            own={own}
            canAdd={wishes.length < MOST_WISHES}
            onTake={(punch) => change(wishes.length - 1, punch)}
            onAdd={addWish}
          />
          <div style={{ width: 200 }}>
            <MeasureField
              label="reach from the edge"
              value={punchReach}
              system={system}
              onChange={(length) => changeSettings({ punchReach: length })}
              isOptional
              isKeptOnLeaving
            />
          </div>
          <Soft>
            The largest first, the others in what is left.{' '}
            {holes.length > 0 &&
              `${formatArea(piece.solid - gone, system)} of ${formatArea(area(piece), system)} stay, with holes.`}
            {lot.upright ? ' Hexagons stand on a point: the design has one way up.' : ''}
          </Soft>
          <Row>
            <Button look="main" type="submit" isDisabled={holes.length === 0}>
              {holes.length === 0 ? 'Nothing fits' : `Punch ${holes.length}`}
            </Button>
            <Button slot="close" look="quiet">
              Not now
            </Button>
          </Row>
          <Soft>Fingers clear of the punch; small parts away from small children and pets.</Soft>
        </Stack>
        <PunchedPiece piece={piece} face={lot.front} holes={holes} />
      </Row>
    </Form>
  );
}

const Count = styled.strong`
  width: 54px;
  text-align: right;
  padding-bottom: 8px;
  color: ${({ theme }) => theme.beetInk};
`;
