import type { Size } from '../../../ground/geometry';
import type { Lot, LotKind } from '../../../stock/things';
import { decided, put, refuse, type Deciding, type RecordWrite } from '../../act';
import { amended } from './amended';
import { anotherAccount, measureFor, sheetSize } from './anotherAccount';
import { facesFor } from './facesFor';
import { comes, isUntouched, takenBack, toldOf } from './retell';

/** What she says of a thing after it was put away; absent: it is as it was. */
export interface Amendment {
  readonly kind?: LotKind;
  /** With the other face behind a stroke: `moths / lamplight`. */
  readonly name?: string;
  readonly note?: string;
  readonly upright?: boolean;
  readonly size?: Size | null;
  /** How many there really were: sheets, things, rolls, wholes of what is used by share. */
  readonly count?: number;
  /** Of its front, by name, the ground's first. */
  readonly colours?: string;
}

/**
 * Says what a thing is, after it was put away: one act. Its count, its size and what is kept account of can be changed
 * as long as nothing was done with it; everything else always.
 */
export const amendLot =
  (id: string, said: Amendment): Deciding =>
  (bench, { newId }) => {
    const was = bench.lots.get(id);
    if (!was) return refuse('gone');
    const { name: called, colours, count, ...some } = said;
    const plain: Lot = { ...was, ...some, ...(called === undefined ? {} : { name: called }) };
    // What account is kept of changes with the kind or size alone.
    const isSameThing = plain.kind === was.kind && plain.size === was.size;
    const told: Lot = isSameThing ? plain : { ...plain, measure: measureFor(plain.kind, was.measure, plain.size) };
    const size = sheetSize(told);
    const { front, back, writes } = facesFor(bench, told, { name: called, colours }, newId);
    const lot: Lot = { ...told, size, front, back };
    const isOtherSize = lot.measure === 'sheets' && (size?.w !== was.size?.w || size?.h !== was.size?.h);
    const isOtherStock = lot.measure !== was.measure || isOtherSize || count !== undefined;
    if (isOtherStock && !isUntouched(bench, id)) return refuse('in-use', was.name);
    const stock = (): ReturnType<typeof comes> => [
      ...takenBack(bench, id, false),
      ...comes(id, anotherAccount(lot, was.measure, toldOf(bench, id), count, newId)),
    ];
    const faceNow = (id: string | null) => writes.find((face) => face.id === id) ?? bench.faces.get(id ?? '');
    return decided('changed-lot', lot.name, {
      events: [
        ...(isOtherStock ? stock() : []),
        ...amended(was, bench.faces.get(was.front ?? ''), lot, faceNow(front)),
      ],
      records: [put('lots', lot), ...writes.map((face): RecordWrite => put('faces', face))],
    });
  };
