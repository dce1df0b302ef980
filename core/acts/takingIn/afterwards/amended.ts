import { nameOfColour } from '../../../ground/colour';
import type { Telling } from '../../../stock/ledger';
import { toInches } from '../../../ground/length';
import type { Face, Lot } from '../../../stock/things';
import type { NewEvent } from '../../act';

const side = (length: number): string => String(Math.round(toInches(length) * 1e4) / 1e4);

/** What is told of a thing, as text: sizes in inches, colours by name. */
const toldOf = ({ name, kind, size, note, upright }: Lot, face: Face | undefined): Telling => ({
  name,
  kind,
  size: size ? `${side(size.w)} x ${side(size.h)}` : '',
  note,
  upright: String(upright),
  colours: (face?.colours ?? []).map(({ hex }) => nameOfColour(hex)).join(' + '),
});

/** The entry that says what was told otherwise; none where nothing was. */
export function amended(was: Lot, wasFace: Face | undefined, now: Lot, nowFace: Face | undefined): NewEvent[] {
  const [before, after] = [toldOf(was, wasFace), toldOf(now, nowFace)];
  const differing = (Object.keys(before) as (keyof Telling)[]).filter((key) => before[key] !== after[key]);
  const only = (all: Telling): Telling => Object.fromEntries(differing.map((key) => [key, all[key]]));
  return differing.length === 0 ? [] : [{ type: 'amended', lot: now.id, was: only(before), now: only(after) }];
}
