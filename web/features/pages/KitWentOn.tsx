import { useMemo, useState } from 'react';
import styled from 'styled-components';
import type { Size } from '../../../core/ground/geometry';
import { hereWith, kitOfPiece } from '../../../core/kit/closing';
import type { Amounts } from '../../../core/stock/ledger';
import { formatSize } from '../../../core/ground/length';
import { mayBeCut, type WentOn as What } from '../../../core/acts';
import { lettersOf } from '../../ui/lettersOf';
import { looksOf } from '../../../core/page/placing';
import { isForPages, isKept } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { MeasureField } from '../../ui/MeasureField';
import { Paper, paperOf } from '../../ui/Paper';
import { Row } from '../../ui/Screen';
import type { Going } from './wentOn';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';

/** A line to tick: what it is called, and what is taken of it to begin with. */
interface Offered {
  readonly key: string;
  readonly name: string;
  readonly first: Going[string];
}

/** All that is there of a kit and may have gone on a page: papers by the piece, things by name. */
function useOffered(kit: string): readonly Offered[] {
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  return useMemo(() => {
    const all = [...bench.lots.values()].filter((lot) => !isKept(lot.kind) && isForPages(lot));
    return all.flatMap((lot): Offered[] => {
      if (lot.measure === 'sheets')
        return [...bench.ledger.pieces.values()]
          .filter(
            (piece) =>
              piece.lot === lot.id &&
              piece.where === 'here' &&
              kitOfPiece(piece, bench.lots) === kit &&
              mayBeCut(piece, '', bench),
          )
          .map((piece) => ({
            key: piece.id,
            name: `${piece.name ?? lot.name}, ${formatSize(piece, system)}`,
            first: { what: { piece: piece.id }, most: { w: piece.w, h: piece.h } },
          }));
      const here = hereWith(kit, lot, bench.ledger);
      // Letters are told by the word that they made.
      if (lot.measure === 'letters')
        return Object.keys(here).length === 0
          ? []
          : [{ key: lot.id, name: lot.name, first: { what: { lot: lot.id, amounts: {} }, most: 0 } }];
      return Object.entries(here).map(([part, n]) => ({
        key: `${lot.id}/${part}`,
        name: looksOf({ lot: lot.id, part }, bench)?.name ?? lot.name,
        first: { what: { lot: lot.id, amounts: { [part]: lot.measure === 'count' ? 1 : n } }, most: n },
      }));
    });
  }, [bench, kit, system]);
}

export interface KitWentOnProps {
  kit: string;
  going: Going;
  onGoing: (now: Going) => void;
}

/** What of one kit went on the page: ticked, with how much of it. */
export function KitWentOn({ kit, going, onGoing }: KitWentOnProps) {
  const name = useBench((b) => b.kits.get(kit)?.name ?? '');
  const offered = useOffered(kit);
  const put = (key: string, one: Going[string] | null): void => {
    const { [key]: _, ...rest } = going;
    onGoing(one ? { ...rest, [key]: one } : rest);
  };
  return (
    <section aria-label={`What of ${name} went on it`} style={{ width: '100%' }}>
      <h3>{name}</h3>
      <Lines>
        {offered.map(({ key, name: words, first }) => (
          <li key={key}>
            <Tick isSelected={going[key] !== undefined} onChange={(to) => put(key, to ? first : null)}>
              {words}
            </Tick>
            {going[key] && <HowMuch one={going[key]} onChange={(one) => put(key, one)} />}
          </li>
        ))}
      </Lines>
    </section>
  );
}

interface HowMuchProps {
  one: Going[string];
  onChange: (one: Going[string]) => void;
}

/** How much of it went on: a rectangle of a paper, or so many of a thing. */
function HowMuch({ one, onChange }: HowMuchProps) {
  const { what, most } = one;
  if ('piece' in what && typeof most !== 'number')
    return (
      <PartOf
        piece={what.piece}
        size={what.size ?? most}
        most={most}
        onSize={(size) => onChange({ ...one, what: { piece: what.piece, size } })}
      />
    );
  return 'lot' in what && typeof most === 'number' ? (
    <SoMany what={what} most={most} onChange={(amounts) => onChange({ ...one, what: { lot: what.lot, amounts } })} />
  ) : null;
}

interface SoManyProps {
  what: Extract<What, { lot: string }>;
  most: number;
  onChange: (amounts: Amounts) => void;
}

function SoMany({ what, most, onChange }: SoManyProps) {
  const system = useSettings((s) => s.system);
  const measure = useBench((b) => b.lots.get(what.lot)?.measure);
  const [[part, n] = ['', 1]] = Object.entries(what.amounts);
  const [typed, setTyped] = useState(String(n));
  const put = (to: number | null): void => {
    if (to !== null && Number.isSafeInteger(to) && to > 0 && to <= most) onChange({ [part]: to });
  };
  if (measure === 'length')
    return <MeasureField label="how much" value={n} system={system} most={most} isOfRoll onChange={put} />;
  if (measure === 'letters') return <LettersUsed what={what} onChange={onChange} />;
  // Of what nobody counts, all that is left went in.
  if (measure === 'share') return null;
  const isWrong = !/^\d+$/.test(typed.trim()) || Number(typed) < 1 || Number(typed) > most;
  return (
    <TextField
      label="how many"
      value={typed}
      isMeasure
      error={isWrong ? `from 1 to ${most}` : null}
      onChange={(to) => {
        setTyped(to);
        put(Number(to));
      }}
    />
  );
}

const NONE: Amounts = {};

/** The letters of a set that went on, told by their words. */
function LettersUsed({ what, onChange }: Omit<SoManyProps, 'most'>) {
  const here = useBench((b) => b.ledger.lots.get(what.lot)?.here ?? NONE);
  const [typed, setTyped] = useState(() =>
    Object.entries(what.amounts)
      .map(([glyph, n]) => glyph.repeat(n))
      .join(''),
  );
  const amounts = lettersOf(typed);
  const short = Object.entries(amounts).filter(([glyph, n]) => (here[glyph] ?? 0) < n);
  return (
    <TextField
      label="letters for"
      value={typed}
      error={short.length > 0 ? `There are too few of ${short.map(([glyph]) => glyph).join(', ')}.` : null}
      onChange={(to) => {
        setTyped(to);
        const told = lettersOf(to);
        if (Object.entries(told).every(([glyph, n]) => (here[glyph] ?? 0) >= n)) onChange(told);
      }}
    />
  );
}

function PartOf({
  piece: id,
  size,
  most,
  onSize,
}: {
  piece: string;
  size: Size;
  most: Size;
  onSize: (to: Size) => void;
}) {
  const system = useSettings((s) => s.system);
  const piece = useBench((b) => b.ledger.pieces.get(id));
  const face = useBench((b) => b.lots.get(piece?.lot ?? '')?.front ?? null);
  return (
    <Row style={{ alignItems: 'flex-start' }}>
      {piece && <Paper {...paperOf(piece)} face={face} scale={4} />}
      {(['w', 'h'] as const).map((side) => (
        <div key={side} style={{ width: 90 }}>
          <MeasureField
            label={side === 'w' ? 'wide' : 'high'}
            value={size[side]}
            system={system}
            most={most[side]}
            onChange={(to) => {
              if (to !== null) onSize({ ...size, [side]: to });
            }}
          />
        </div>
      ))}
    </Row>
  );
}

const Lines = styled.ul`
  width: 100%;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 4px 18px;
  max-height: 260px;
  overflow: auto;
`;
