import { findThings, indexStash, type Findable } from '../core/kit/finding';
import { fold, type LedgerEvent } from '../core/stock/ledger';
import { inches } from '../core/ground/length';
import type { Shelf } from '../core/stock/bench';
import { seededRandom } from '../core/ground/random';
import type { Face, Kit, Lot } from '../core/stock/things';
import { heldIn } from '../core/ground/heldIn';
import { nth } from '../core/ground/nth';

interface Many {
  readonly shelf: Shelf;
  readonly faces: ReadonlyMap<string, Face>;
  readonly events: readonly LedgerEvent[];
  readonly index: readonly Findable[];
}

/** A paper of each face, in one of forty kits. */
const lotsOf = (faces: ReadonlyMap<string, Face>): Map<string, Lot> =>
  new Map(
    [...faces.keys()].map((face, n): [string, Lot] => [
      `l${n}`,
      {
        id: `l${n}`,
        kit: `k${n % 40}`,
        kind: 'paper',
        name: heldIn(faces, face).name,
        measure: 'sheets',
        size: null,
        front: face,
        back: null,
        upright: n % 5 === 0,
        note: '',
        line: 1,
      },
    ]),
  );

/** A stash of 10,000 pieces of 500 papers and 40 kits, ready to be looked through. */
export function manyThings(): Many {
  const random = seededRandom(3);
  const name = (): string =>
    nth(['moths', 'lamplight', 'rope', 'seed', 'clay', 'bells', 'dusk'], Math.floor(random() * 7));
  const kits = new Map(
    Array.from({ length: 40 }, (_, k): [string, Kit] => [
      `k${k}`,
      {
        id: `k${k}`,
        club: 'The Oddment Post',
        name: `Kit ${k}`,
        month: `20${20 + (k % 7)}-0${1 + (k % 9)}`,
        theme: [name()],
        list: '',
      },
    ]),
  );
  const faces = new Map(
    Array.from({ length: 500 }, (_, f): [string, Face] => [
      `f${f}`,
      {
        id: `f${f}`,
        name: `${name()} ${f}`,
        pattern: 'dots',
        colours: [0.6, 0.3, 0.1].map((share) => ({
          hex: `#${Math.floor(random() * 0xffffff)
            .toString(16)
            .padStart(6, '0')}`,
          share,
        })),
      },
    ]),
  );
  const lots = lotsOf(faces);
  const side = (): number => inches(Math.round(1 + random() * 44) / 4);
  const events = [...lots.keys()].map((lot, n): LedgerEvent => ({
    id: `e${n}`,
    day: '2026-11-05',
    type: 'received',
    lot,
    pieces: Array.from({ length: 20 }, (_, i) => ({ id: `${lot}-${i}`, w: side(), h: side() })),
  }));
  const shelf = { ledger: fold(events).value!, lots, kits };
  return { shelf, faces, events, index: indexStash(shelf, faces, new Map(), events, (kind) => kind) };
}

export const foundIn =
  ({ shelf, index }: Many) =>
  (): { found: number; of: number } => ({
    of: index.length,
    found: findThings(
      index,
      {
        text: 'moths',
        kit: null,
        kind: null,
        states: ['here'],
        place: null,
        untouchedSince: null,
        size: { w: inches(4.25), h: inches(6.25) },
        colour: { hex: '#22314f', harmony: 'thirds' },
      },
      shelf,
    ).length,
  });
