import { splitRect } from '../../ground/geometry';
import type { CutChild, Ledger } from '../../stock/ledger';
import { inches } from '../../ground/length';
import type { CutStep, Step } from '../../page/cutlist';
import type { NewEvent } from '../act';
import { kerfChild } from './kerfChild';
import { missingIn } from './missingIn';
import { heldIn } from '../../ground/heldIn';
import { nth } from '../../ground/nth';

/** A part at least this wide and high is kept. */
const KEPT = inches(1);

/** What went wrong with the part in hand: it was cut at another measure, or it can be used no more. */
export type Mishap = { readonly kind: 'other-measure'; readonly at: number } | { readonly kind: 'spoilt' | 'lost' };

/** Whether a cut at this place of the step's part is one at all. */
export const isOnPart = ({ axis, part }: CutStep, at: number): boolean =>
  at > 0 && at < (axis === 'x' ? part.w : part.h);

/**
 * What the ledger is told of a mishap: a cut elsewhere gives two parts that go back to the stash, for the rest to be
 * planned on; what is spoilt or lost is waste.
 */
export function mishapEvent(step: Step, mishap: Mishap, ledger: Ledger): NewEvent {
  const parent = heldIn(ledger.pieces, step.piece);
  // What went wrong with a punch or a knife spoilt the part.
  if (mishap.kind !== 'other-measure' || step.kind !== 'cut') {
    const gone: CutChild = {
      id: `${parent.id}-gone`,
      x: 0,
      y: 0,
      w: parent.w,
      h: parent.h,
      role: 'waste',
      missing: parent.missing,
    };
    return { type: 'cut', piece: parent.id, into: [gone], page: parent.page };
  }
  const { at } = mishap;
  const { axis } = step;
  const whole = { x: 0, y: 0, w: parent.w, h: parent.h };
  const long = axis === 'x' ? parent.w : parent.h;
  const lost = Math.max(0, Math.min(step.lost, long - at - 1));
  const into = splitRect(whole, axis, at, lost).map((half, i): CutChild => ({
    id: `${parent.id}-${at}${nth('ab', i)}`,
    ...half,
    role: Math.min(half.w, half.h) >= KEPT ? 'nubbin' : 'waste',
    missing: missingIn(parent, half),
  }));
  const taken = kerfChild(parent, whole, { axis, at, lost });
  return { type: 'cut', piece: parent.id, into: [...into, ...taken], page: parent.page };
}
