import { useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { FAMILIES, familyOf, type Family } from '../../../core/colour';
import { holds } from '../../../core/geometry';
import type { LotState, PieceState } from '../../../core/ledger';
import { formatArea, inches } from '../../../core/length';
import type { Lot, LotKind } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { kindWords } from '../../ui/lotWords';
import { MeasureField } from '../../ui/MeasureField';
import { Ruler } from '../../ui/Ruler';
import { Columns, Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { useKeys } from '../../ui/useKeys';
import { CountedThing } from './CountedThing';
import { LotSlip } from './LotSlip';
import { PieceSlip } from './PieceSlip';
import { ScrapPiece } from './ScrapPiece';

const FAMILY_NAMES: Record<Family, string> = { blues: 'ink and night', pinks: 'pink and red', ambers: 'lamp, clay, bronze', greens: 'leaf and celadon', violets: 'violet', neutrals: 'cream, ash, slate' };
const SCALES = [6, 9, 13, 17, 24];

interface Shown { readonly piece: PieceState; readonly lot: Lot; readonly family: Family }

/** Stash: everything on hand, at one scale, and where each piece has been. */
export function StashScreen() {
  const { thing } = useParams();
  const go = useNavigate();
  const { ledger, lots, kits, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const [text, setText] = useState('');
  const [kit, setKit] = useState('any');
  const [kind, setKind] = useState<'any' | LotKind>('any');
  const [colour, setColour] = useState<'any' | Family>('any');
  const [w, setW] = useState<number | null>(null);
  const [h, setH] = useState<number | null>(null);
  const [zoom, setZoom] = useState(2);
  const search = useRef<HTMLDivElement>(null);
  useKeys({ '/': () => search.current?.querySelector('input')?.focus() });

  const isWanted = useMemo(() => (lot: Lot): boolean => {
    const words = [lot.name, lot.note, kits.get(lot.kit)?.name, kits.get(lot.kit)?.month, kindWords(lot.kind), faces.get(lot.back ?? '')?.name].join(' ').toLowerCase();
    return (kit === 'any' || lot.kit === kit) && (kind === 'any' || lot.kind === kind) && text.toLowerCase().split(/\s+/).every((word) => words.includes(word));
  }, [kit, kind, text, kits, faces]);

  const pieces = useMemo(() => {
    const size = { w: w ?? h ?? 0, h: h ?? w ?? 0 };
    const shown: Shown[] = [];
    for (const piece of ledger.pieces.values()) {
      const lot = lots.get(piece.lot);
      if (!lot || (piece.where !== 'here' && piece.where !== 'claimed') || !isWanted(lot)) continue;
      const family = familyOf(faces.get(lot.front ?? '')?.colours[0]?.hex ?? '#e9e2d3');
      if (colour !== 'any' && family !== colour) continue;
      if (holds(piece, piece.missing, size, !lot.upright)) shown.push({ piece, lot, family });
    }
    return shown.sort((a, b) => b.piece.solid - a.piece.solid || a.piece.id.localeCompare(b.piece.id));
  }, [ledger, lots, faces, isWanted, colour, w, h]);

  const counted = useMemo(() => (w === null && h === null && colour === 'any'
    ? [...ledger.lots.values()].flatMap((state): { state: LotState; lot: Lot }[] => {
      const lot = lots.get(state.lot);
      const isThere = Object.keys(state.here).length > 0 || Object.keys(state.claimed).length > 0;
      return lot && lot.measure !== 'sheets' && isThere && isWanted(lot) ? [{ state, lot }] : [];
    }) : []), [ledger, lots, isWanted, w, h, colour]);

  const total = pieces.length + counted.length;
  const hasAny = ledger.pieces.size + ledger.lots.size > 0;
  const isFiltered = text !== '' || kit !== 'any' || kind !== 'any' || colour !== 'any' || w !== null || h !== null;
  const clear = (): void => { setText(''); setKit('any'); setKind('any'); setColour('any'); setW(null); setH(null); };
  const scale = SCALES[zoom]!;
  const chosenPiece = thing === undefined ? undefined : ledger.pieces.get(thing);
  const chosenLot = thing === undefined ? undefined : lots.get(thing);
  const open = (id: string): void => { void go(id === thing ? '/stash' : `/stash/${id}`, { replace: true }); };
  const kindsThere = [...new Set([...lots.values()].map((lot) => lot.kind))];

  return (
    <Screen title="Stash" about="everything on hand, at one scale" actions={<><Button aria-label="Smaller" isDisabled={zoom === 0} onPress={() => setZoom(zoom - 1)}>−</Button><Button aria-label="Larger" isDisabled={zoom === SCALES.length - 1} onPress={() => setZoom(zoom + 1)}>+</Button></>}>
      <Filters ref={search}>
        <TextField label="Search" value={text} onChange={setText} placeholder="name, month, kit …" />
        <Choice label="Kit" options={[['any', 'every kit'], ...[...kits.values()].map((k): [string, string] => [k.id, k.name])]} value={kit} onChange={setKit} />
        <Choice<'any' | LotKind> label="Kind" options={[['any', 'every kind'], ...kindsThere.map((k): [LotKind, string] => [k, kindWords(k)])]} value={kind} onChange={setKind} />
        <Choice<'any' | Family> label="Colour" options={[['any', 'every colour'], ...FAMILIES.map((f): [Family, string] => [f, FAMILY_NAMES[f]])]} value={colour} onChange={setColour} />
        <MeasureField key={w === null ? 'w' : 'W'} label="Holds, width" value={w} onChange={setW} system={system} isOptional />
        <MeasureField key={h === null ? 'h' : 'H'} label="and height" value={h} onChange={setH} system={system} isOptional />
        <Soft role="status">{total} {total === 1 ? 'thing' : 'things'}{isFiltered && <><br /><Button look="quiet" onPress={clear}>show all</Button></>}</Soft>
      </Filters>
      {!hasAny ? <Empty><h2>Nothing in the stash</h2><p>What you unpack in Parcels lies here, drawn to scale, with whatever is left of it after each page.</p></Empty> : (
        <Columns $widths={chosenPiece || chosenLot ? '1fr 312px' : '1fr'}>
          <Stack $gap={16} data-testid="scraps">
            <Edge><Ruler length={inches(Math.max(12, Math.min(48, Math.floor(740 / scale))))} scale={scale} axis="x" system={system} /></Edge>
            {total === 0 && <Empty><p>Nothing here is like that.</p><Button onPress={clear}>Show all</Button></Empty>}
            {FAMILIES.map((family) => {
              const own = pieces.filter((shown) => shown.family === family);
              return own.length === 0 ? null : (
                <section key={family} aria-label={FAMILY_NAMES[family]}>
                  <Row $gap={14}><h3>{FAMILY_NAMES[family]}</h3><Soft>{own.length} {own.length === 1 ? 'piece' : 'pieces'} · {formatArea(own.reduce((sum, { piece }) => sum + piece.solid, 0), system)}</Soft></Row>
                  <Scraps>{own.map(({ piece, lot }) => <ScrapPiece key={piece.id} piece={piece} lot={lot} kit={kits.get(lot.kit)} scale={scale} isChosen={piece.id === thing} onChoose={open} />)}</Scraps>
                </section>
              );
            })}
            {counted.length > 0 && (
              <section aria-label="Counted and measured">
                <h3>counted and measured</h3>
                <Counted>{counted.map(({ state, lot }) => <CountedThing key={lot.id} state={state} lot={lot} isChosen={lot.id === thing} onChoose={open} />)}</Counted>
              </section>
            )}
          </Stack>
          {chosenPiece && <PieceSlip key={chosenPiece.id} piece={chosenPiece} />}
          {!chosenPiece && chosenLot && <LotSlip key={chosenLot.id} lot={chosenLot} />}
        </Columns>
      )}
    </Screen>
  );
}

const Filters = styled.div`
  display: grid; grid-template-columns: 1.4fr 1.2fr 1fr 1fr 104px 104px 92px; gap: 10px; align-items: end; padding-bottom: 10px; flex: none;
  > span:last-child { padding-bottom: 4px; }
`;
const Edge = styled.div`position: sticky; top: -4px; z-index: 2; background: ${({ theme }) => theme.ground}; padding-top: 2px; flex: none;`;
const Scraps = styled.ul`display: flex; flex-wrap: wrap; gap: 12px 14px; align-items: flex-start; padding-top: 8px;`;
const Counted = styled.ul`display: grid; grid-template-columns: repeat(auto-fill, minmax(230px, 1fr)); gap: 6px 14px; padding-top: 8px;`;
