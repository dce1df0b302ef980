import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { historyOf, type PieceState, type PieceWhere } from '../../../core/ledger';
import { formatSize } from '../../../core/length';
import { pagesOf, promisedOf } from '../../../core/cutlist';
import { cutInStash, punchEvent, putAway, takeOut as takeOutOfStash } from '../../../core/making';
import type { Hole, Kit } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { MakeRound } from '../../parts/MakeRound';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { kitWords } from '../../ui/dayWords';
import { Paper, paperOf } from '../../ui/Paper';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { SlipButton } from '../../ui/SlipButton';
import { AmendSlip } from '../../parts/AmendSlip';
import { CutApart } from './CutApart';
import { CutOut } from './CutOut';
import { FaceSlip } from './FaceSlip';
import { MadeOf } from './MadeOf';
import { PartWith } from './PartWith';
import { PunchSlip } from './PunchSlip';
import { Trail } from './Trail';
import { releasePage, bringBack, partWith, putRight } from '../../../core/making';
import { pageName } from '../../data/didWords';
import { heldIn } from '../../../core/heldIn';

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

/** Which kit of her own it lies in. */
const inOwnKit = (kit: string | undefined, kits: ReadonlyMap<string, Kit>): string =>
  kit === undefined ? '' : `in ${kits.get(kit)?.name ?? 'a kit of your own'}`;

/** The slip of a piece: both faces, where it has been since the parcel, and what can be done with it. */
export function PieceSlip({ piece }: { piece: PieceState }) {
  const { ledger, lots, faces, kits, pages, plans } = useBench((b) => b);
  const { system, pageInHand } = useSettings();
  const go = useNavigate();
  const goAfter = useGoAfter();
  const [isTurned, setTurned] = useState(false);
  const lot = heldIn(lots, piece.lot);
  const kit = kits.get(lot.kit);
  const inHand = pageInHand === null ? undefined : pages.get(pageInHand);
  const line = useMemo(() => new Set(lineage(ledger.pieces, piece)), [ledger, piece]);
  const history = useMemo(() => historyOf(ledger, piece.id), [ledger, piece.id]);
  const sheet = heldIn(ledger.pieces, [...line].at(-1) ?? piece.id);
  const promised = useMemo(() => promisedOf(piece.id, plans, ledger), [piece.id, plans, ledger]);
  const [up, down] = isTurned ? [lot.back, lot.front] : [lot.front, lot.back];
  const scale = Math.min(22, 260 / (Math.max(piece.w, 8128) / 8128), 136 / (Math.max(piece.h, 8128) / 8128));
  // A paper that is cut for several pages is out for their plan; the first of them tells it.
  const owner = piece.page === null ? '' : (pagesOf(plans.get(piece.page) ?? { sheets: [] })[0] ?? piece.page);
  const page = (id: string): string => (pages.has(id) ? pageName(heldIn(pages, id)) : 'a page since dropped');
  const chosen = { pieces: [piece.id], lots: [] };
  const takeOut = (): void => {
    if (inHand && piece.where === 'here') void act(takeOutOfStash(chosen, inHand.id));
  };
  useKeys({ 'take-out': takeOut });
  const punch = async (holes: readonly Hole[]): Promise<void> => {
    const done = act(cutInStash('punched', [punchEvent(piece, holes)]));
    await goAfter(
      done.then((isDone) => (isDone ? `/stash/${piece.id}-rest` : null)),
      { replace: true },
    );
  };
  const back = (): void => {
    void go('/stash', { replace: true });
  };

  return (
    <Slip aria-label={`${piece.name ?? lot.name}, its slip`}>
      <Stack $gap={12}>
        <div>
          <h2>{piece.name ?? lot.name}</h2>
          <p className="measure">{formatSize(piece, system)}</p>
          <Soft>
            {[
              piece.name === undefined ? '' : `cut out of ${lot.name}`,
              kit ? kitWords(kit) : '',
              inOwnKit(piece.kit, kits),
            ]
              .filter(Boolean)
              .join(' · ')}
          </Soft>
        </div>
        <Paper {...paperOf(piece)} face={up} scale={scale} />
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
        {piece.where === 'here' && <MakeRound of={`piece=${piece.id}`} />}
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
            <FaceSlip key={up} face={heldIn(faces, up)} lot={lot} />
            <SlipButton label="Change what it is">{(close) => <AmendSlip lot={lot} onClose={close} />}</SlipButton>
          </Row>
        )}
        {(piece.where === 'here' || (piece.where === 'claimed' && promised.length === 0)) && (
          <Row>
            <CutOut piece={piece} lot={lot} onDone={() => void go(`/stash/${piece.id}-out`, { replace: true })} />
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
        <MadeOf lot={lot} />
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
                      void act(releasePage(heldIn(pages, id).id));
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
            <Soft>On the bench for {page(owner)}.</Soft>
            <Button
              onPress={() => {
                void act(putAway(owner, [{ piece: piece.id }]));
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
              void act(partWith(chosen, leaving)).then((isDone) => {
                if (isDone) back();
              });
            }}
          />
        )}
        {piece.where === 'lent' && (
          <Row>
            <Button
              onPress={() => {
                void act(bringBack(chosen));
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
                void act(putRight({ missed: [], found: [piece.id], lots: {} }, 'found again'));
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
  return piece.from === null ? [piece.id] : [piece.id, ...lineage(pieces, heldIn(pieces, piece.from))];
}
