import { coloursIn } from '../../ground/colour';
import type { Rect, Size } from '../../ground/geometry';
import { newFace, type Face, type Kit, type Lot, type LotKind } from '../../stock/things';
import { decided, put, refuse, type Deciding, type NewEvent, type RecordWrite } from '../act';
import type { Bench } from '../../stock/bench';

/** A scrap or leftover as she holds it in her hand. */
export interface Scrap {
  /** The kit it is of, by its id, or about when it came: a year, or empty for older than known. */
  readonly kit: { readonly id: string } | { readonly month: string };
  readonly kind: LotKind;
  /** A face she has, by its id, or a new one by name and colours; null: plain. */
  readonly front: string | { readonly name: string; readonly colours: readonly string[] } | null;
  readonly back: string | null;
  readonly size: Size;
  readonly missing: readonly Rect[];
  readonly count: number;
  /** Where it is kept; empty: nowhere in particular. */
  readonly place: string;
}

const OLDER = 'Older paper';

/** The kit of what nobody remembers the kit of: one for each year, and one for all that is older. */
function kitOf({ kit }: Scrap, { kits }: Bench, newId: () => string): { id: string; begun: Kit | null } | null {
  if ('id' in kit) return kits.has(kit.id) ? { id: kit.id, begun: null } : null;
  const { month } = kit;
  const name = month === '' ? OLDER : `about ${month}`;
  const known = [...kits.values()].find((one) => one.club === '' && one.name === name && one.month === month);
  if (known) return { id: known.id, begun: null };
  const begun: Kit = { id: newId(), club: '', name, month, theme: [], list: '' };
  return { id: begun.id, begun };
}

/** Of a scrap of a paper she has, what that paper is: its other face, and whether it has one way up. */
const paperOf = ({ lots }: Bench, face: string): Lot | undefined =>
  [...lots.values()].find(({ front, measure }) => front === face && measure === 'sheets');

/** What a scrap shows: faces she has, and those that are written for it. */
function facesOf({ kind, front: said, back: other }: Scrap, bench: Bench, newId: () => string) {
  const writes: Face[] = [];
  const write = (name: string, colours: readonly string[]): string => {
    const face = newFace(newId(), name, colours, kind);
    writes.push(face);
    return face.id;
  };
  const front = said === null || typeof said === 'string' ? said : write(said.name, said.colours);
  const paper = front === null ? undefined : paperOf(bench, front);
  const hexes = coloursIn(other ?? '').map(({ hex }) => hex);
  return { front, back: other === null ? (paper?.back ?? null) : write(other, hexes), paper, writes };
}

/** Takes scraps of one size and face in, with the paper they are of where she has it. */
export const putScrapAway =
  (scrap: Scrap): Deciding =>
  (bench, { newId }) => {
    const { kind, size, missing, count, place } = scrap;
    const kit = kitOf(scrap, bench, newId);
    if (!kit || (typeof scrap.front === 'string' && !bench.faces.has(scrap.front))) return refuse('gone');
    const { front, back, paper, writes } = facesOf(scrap, bench, newId);
    const same = [...bench.lots.values()].find(
      (lot) =>
        lot.isLeftover &&
        lot.kit === kit.id &&
        lot.kind === kind &&
        lot.front === front &&
        lot.back === back &&
        // A lot lies in one place: what is put elsewhere leaves what came before where it lies.
        (bench.ledger.lots.get(lot.id)?.place ?? '') === place,
    );
    const lot: Lot = same ?? {
      id: newId(),
      kit: kit.id,
      kind,
      name: paper?.name ?? nameOf(front, scrap, bench),
      measure: 'sheets',
      size: null,
      front,
      back,
      upright: paper?.upright ?? false,
      note: '',
      line: 1,
      isLeftover: true,
    };
    const gone = missing.length > 0 ? { missing } : {};
    const pieces = Array.from({ length: count }, () => ({ id: newId(), ...size, ...gone }));
    const moved: NewEvent[] = same || place === '' ? [] : [{ type: 'moved', lot: lot.id, from: '', to: place }];
    return decided('added-scrap', lot.name, {
      count,
      events: [{ type: 'received', lot: lot.id, pieces }, ...moved],
      records: [
        ...(kit.begun ? [put('kits', kit.begun)] : []),
        ...writes.map((face): RecordWrite => put('faces', face)),
        ...(same ? [] : [put('lots', lot)]),
      ],
    });
  };

function nameOf(front: string | null, { front: said, back }: Scrap, { faces }: Bench): string {
  const own = said !== null && typeof said !== 'string' ? said.name : (faces.get(front ?? '')?.name ?? 'plain');
  return back === null ? own : `${own} / ${back}`;
}
