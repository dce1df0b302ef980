import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { historyOf, type PieceState, type PieceWhere } from '../../../core/ledger';
import { formatSize } from '../../../core/length';
import { promisedOf } from '../../../core/sharing';
import { punchEvent } from '../../../core/making';
import type { Hole } from '../../../core/punching';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import type { NewEvent } from '../../data/ledgerStore';
import { pageName, releasePage } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { bringBack, partWith, putRight } from '../../data/stashActs';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/dayWords';
import { Paper } from '../../ui/Paper';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { CutApart } from './CutApart';
import { FaceSlip } from './FaceSlip';
import { PartWith } from './PartWith';
import { PunchSlip } from './PunchSlip';
import { Trail } from './Trail';

const WHERE: Record<PieceWhere, string> = {
  here: 'now here',
  claimed: 'now on the bench',
  used: 'now on a page',
  cut: 'now cut',
  waste: 'now in the bin',
  given: 'now given away',
  sold: 'now sold',
  lent: 'now lent out',
  recycled: 'now recycled',
  missed: 'not found at the last count',
};

/** The slip of a piece: both faces, where it has been since the parcel, and what can be done with it. */
export function PieceSlip({ piece }: { piece: PieceState }) {
  const { ledger, events, lots, faces, kits, pages } = useBench((b) => b);
  const { system, pageInHand } = useSettings();
  const go = useNavigate();
  const [isTurned, setTurned] = useState(false);
  const lot = lots.get(piece.lot)!;
  const kit = kits.get(lot.kit);
  const inHand = pageInHand === null ? undefined : pages.get(pageInHand);
  const line = useMemo(() => new Set(lineage(ledger.pieces, piece)), [ledger, piece]);
  const history = useMemo(() => historyOf(ledger, events, piece.id), [ledger, events, piece.id]);
  const sheet = ledger.pieces.get([...line].at(-1)!)!;
  const promised = useMemo(() => promisedOf(piece.id, pages.values()), [piece.id, pages]);
  const [up, down] = isTurned ? [lot.back, lot.front] : [lot.front, lot.back];
  const scale = Math.min(22, 260 / (Math.max(piece.w, 8128) / 8128), 136 / (Math.max(piece.h, 8128) / 8128));
  const page = (id: string): string => (pages.has(id) ? pageName(pages.get(id)!) : 'a page since dropped');
  const takeOut = (): void => {
    if (inHand && piece.where === 'here')
      void act({
        label: `Took ${lot.name} to the bench`,
        events: [{ type: 'claimed', piece: piece.id, page: inHand.id }],
      });
  };
  useKeys({ b: takeOut, B: takeOut });
  const punch = async (holes: readonly Hole[]): Promise<void> => {
    const { id: _, day: __, ...event } = punchEvent(piece, holes, '', '');
    if (await act({ label: `Punched ${holes.length} from ${lot.name}`, events: [event as NewEvent] }))
      await go(`/stash/${piece.id}-rest`, { replace: true });
  };
  const chosen = { pieces: [piece.id], lots: [] };
  const back = (): void => {
    void go('/stash', { replace: true });
  };

  return (
    <Slip aria-label={`${lot.name}, its slip`}>
      <Stack $gap={12}>
        <div>
          <h2>{lot.name}</h2>
          <p className="measure">{formatSize(piece, system)}</p>
          <Soft>{kit ? `${kit.name}, ${monthWords(kit.month)}` : ''}</Soft>
        </div>
        <Paper size={piece} face={up} missing={piece.missing} isTorn={piece.from !== null} scale={scale} />
        <Row>
          <Paper size={{ w: 8128 * 3, h: 8128 * 2 }} face={down} scale={16} />
          <span>
            other face: {down === null ? 'plain' : faces.get(down)?.name}
            <br />
            <Soft>{lot.upright ? 'this way up ↑ · ' : ''}</Soft>
            <Button look="quiet" onPress={() => setTurned(!isTurned)}>
              Turn it over
            </Button>
          </span>
        </Row>
        {piece.where === 'here' && (
          <Row>
            <Button look="main" hint="B" isDisabled={!inHand} onPress={takeOut}>
              Take to bench
            </Button>
            {!inHand && (
              <Soft>
                Choose a page in <Link to="/pages">Pages</Link> first.
              </Soft>
            )}
          </Row>
        )}
        {up !== null && faces.has(up) && (
          <Row>
            <FaceSlip key={up} face={faces.get(up)!} lot={lot} />
          </Row>
        )}
        {piece.where === 'here' && (
          <Row>
            <CutApart piece={piece} lot={lot} onDone={back} />
            <PunchSlip
              piece={piece}
              lot={lot}
              onPunch={(holes) => {
                void punch(holes);
              }}
            />
          </Row>
        )}
        {promised.length > 0 && (
          <div>
            <h3>Promised</h3>
            <ul>
              {promised.map(({ page: id, w, h, count }) => (
                <li key={`${id} ${w} ${h}`}>
                  <span className="measure">
                    {count} × {formatSize({ w, h }, system)}
                  </span>{' '}
                  <Link to={`/pages/${id}`}>{page(id)}</Link>
                </li>
              ))}
            </ul>
            {[...new Set(promised.map((one) => one.page))].map(
              (id) =>
                pages.has(id) && (
                  <Button
                    key={id}
                    look="quiet"
                    aria-label={`Give back what ${page(id)} was promised`}
                    onPress={() => {
                      void releasePage(pages.get(id)!, ledger);
                    }}
                  >
                    Give its papers back
                  </Button>
                ),
            )}
          </div>
        )}
        {piece.where === 'claimed' && promised.length === 0 && (
          <Row>
            <Soft>On the bench for {page(piece.page!)}.</Soft>
            <Button
              onPress={() => {
                void act({
                  label: `Put ${lot.name} away`,
                  events: [{ type: 'released', piece: piece.id, page: piece.page! }],
                });
              }}
            >
              Put away
            </Button>
          </Row>
        )}
        <h3>Where it has been</h3>
        <Trail
          events={history}
          line={line}
          now={
            <>
              {WHERE[piece.where]}: {formatSize(piece, system)}
            </>
          }
        />
        <Soft>
          It is {Math.round((100 * piece.solid) / sheet.solid)} % of the {formatSize(sheet, system)} sheet it came from.
        </Soft>
        {piece.where === 'here' && (
          <PartWith
            onPart={(leaving) => {
              void partWith(chosen, leaving, ledger, lot.name).then((isDone) => {
                if (isDone) back();
              });
            }}
          />
        )}
        {piece.where === 'lent' && (
          <Row>
            <Button
              onPress={() => {
                void bringBack(chosen, ledger);
              }}
            >
              It came back
            </Button>
          </Row>
        )}
        {piece.where === 'missed' && (
          <Row>
            <Button
              onPress={() => {
                void putRight({ missed: [], found: [piece.id], lots: {} }, 'found again');
              }}
            >
              It is found
            </Button>
          </Row>
        )}
      </Stack>
    </Slip>
  );
}

function lineage(pieces: ReadonlyMap<string, PieceState>, piece: PieceState): string[] {
  return piece.from === null ? [piece.id] : [piece.id, ...lineage(pieces, pieces.get(piece.from)!)];
}
