import { format, parseISO } from 'date-fns';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import styled from 'styled-components';
import { historyOf, type PieceState } from '../../../core/ledger';
import { formatSize } from '../../../core/length';
import { punchEvent } from '../../../core/page';
import type { Hole } from '../../../core/punching';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import type { NewEvent } from '../../data/ledgerStore';
import { pageName } from '../../data/pageActs';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { monthWords } from '../../ui/lotWords';
import { Paper } from '../../ui/Paper';
import { Row, Slip, Soft, Stack } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { eventWords } from './eventWords';
import { PunchSlip } from './PunchSlip';

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
  const [up, down] = isTurned ? [lot.back, lot.front] : [lot.front, lot.back];
  const scale = Math.min(22, 260 / (Math.max(piece.w, 8128) / 8128), 136 / (Math.max(piece.h, 8128) / 8128));
  const page = (id: string): string => (pages.has(id) ? pageName(pages.get(id)!) : 'a page since dropped');
  const takeOut = (): void => { if (inHand && piece.where === 'here') void act({ label: `Took ${lot.name} to the bench`, events: [{ type: 'claimed', piece: piece.id, page: inHand.id }] }); };
  useKeys({ b: takeOut, B: takeOut });
  const punch = async (holes: readonly Hole[]): Promise<void> => {
    const { id: _, day: __, ...event } = punchEvent(piece, holes, '', '');
    if (await act({ label: `Punched ${holes.length} from ${lot.name}`, events: [event as NewEvent] })) await go(`/stash/${piece.id}-rest`, { replace: true });
  };
  const leave = (type: 'given' | 'recycled', label: string) => async (): Promise<void> => {
    if (await act({ label, events: [{ type, piece: piece.id }] })) await go('/stash', { replace: true });
  };

  return (
    <Slip aria-label={`${lot.name}, its slip`}>
      <Stack $gap={12}>
        <div><h2>{lot.name}</h2><p className="measure">{formatSize(piece, system)}</p><Soft>{kit ? `${kit.name}, ${monthWords(kit.month)}` : ''}</Soft></div>
        <Paper size={piece} face={up} missing={piece.missing} isTorn={piece.from !== null} scale={scale} />
        <Row>
          <Paper size={{ w: 8128 * 3, h: 8128 * 2 }} face={down} scale={16} />
          <span>other face: {down === null ? 'plain' : faces.get(down)?.name}<br /><Soft>{lot.upright ? 'this way up ↑ · ' : ''}</Soft><Button look="quiet" onPress={() => setTurned(!isTurned)}>Turn it over</Button></span>
        </Row>
        {piece.where === 'here' && (
          <Row>
            <Button look="main" hint="B" isDisabled={!inHand} onPress={takeOut}>Take to bench</Button>
            {!inHand && <Soft>Choose a page in <Link to="/pages">Pages</Link> first.</Soft>}
          </Row>
        )}
        {piece.where === 'here' && <Row><PunchSlip piece={piece} lot={lot} onPunch={(holes) => { void punch(holes); }} /></Row>}
        {piece.where === 'claimed' && <Row><Soft>On the bench for {page(piece.page!)}.</Soft><Button onPress={() => { void act({ label: `Put ${lot.name} away`, events: [{ type: 'released', piece: piece.id, page: piece.page! }] }); }}>Put away</Button></Row>}
        <h3>Where it has been</h3>
        <Trail>
          {history.map((event) => <li key={event.id}><time dateTime={event.day}>{format(parseISO(event.day), 'd MMM yyyy')}</time> {eventWords(event, line, { page, system })}</li>)}
          <li>{piece.where === 'here' ? 'now here' : piece.where === 'claimed' ? 'now on the bench' : `now ${piece.where}`}: {formatSize(piece, system)}</li>
        </Trail>
        <Soft>It is {Math.round((100 * piece.solid) / sheet.solid)} % of the {formatSize(sheet, system)} sheet it came from.</Soft>
        {piece.where === 'here' && <Row><Button look="quiet" onPress={() => { void leave('given', `Gave ${lot.name} away`)(); }}>Give away</Button><Button look="quiet" onPress={() => { void leave('recycled', `Recycled ${lot.name}`)(); }}>Recycle</Button></Row>}
      </Stack>
    </Slip>
  );
}

function lineage(pieces: ReadonlyMap<string, PieceState>, piece: PieceState): string[] {
  return piece.from === null ? [piece.id] : [piece.id, ...lineage(pieces, pieces.get(piece.from)!)];
}

const Trail = styled.ol`
  border-left: 2px solid ${({ theme }) => theme.woodInk}66; padding-left: 18px; display: flex; flex-direction: column; gap: 8px; font-size: 15px; margin-left: 5px;
  li { position: relative; }
  li::before { content: ''; position: absolute; left: -24px; top: 6px; width: 10px; height: 10px; border-radius: 50%; background: ${({ theme }) => theme.pond}; }
  li:last-child::before { background: ${({ theme }) => theme.beet}; }
  time { color: ${({ theme }) => theme.soft}; }
`;
