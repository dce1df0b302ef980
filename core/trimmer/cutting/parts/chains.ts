import type { Size } from '../../../ground/geometry';
import { type BuildRows, NONE } from './buildRows';
import { at, longer } from './column';
import type { Tally } from './tally';

/** Builds of one size: the last that was added, and before it the others. */
interface Alike extends Size {
  last: number;
  /** What all of them have of what is left once, in the words of a tally: what has it too goes with none of them. */
  one: number;
  two: number;
  three: number;
}

/** Past every length there is: sizes are told apart by one number. */
const LONGER_THAN_ANY = 2 ** 26;

const put = (lists: Map<number, Alike[]>, side: number, alike: Alike): void => {
  const list = lists.get(side);
  if (list) list.push(alike);
  else lists.set(side, [alike]);
};

/** Builds by their size, to find those that meet another edge to edge and can go together with it. */
export class Chains {
  /** Of each, the one before it in its chain. */
  private before: Int32Array = new Int32Array(0);
  private readonly bySize = new Map<number, Alike>();
  private readonly byHeight = new Map<number, Alike[]>();
  private readonly byWidth = new Map<number, Alike[]>();

  /** @param rows their keys begin with the words of the tally */
  constructor(
    private readonly rows: BuildRows,
    private readonly tally: Tally,
  ) {}

  private alike(w: number, h: number): Alike {
    const size = w * LONGER_THAN_ANY + h;
    const known = this.bySize.get(size);
    if (known) return known;
    const alike = { w, h, last: NONE, one: -1, two: -1, three: -1 };
    this.bySize.set(size, alike);
    put(this.byHeight, h, alike);
    put(this.byWidth, w, alike);
    return alike;
  }

  private word(row: number, word: number): number {
    return at(this.rows.keys, row * this.rows.width + word);
  }

  add(row: number): void {
    const alike = this.alike(at(this.rows.w, row), at(this.rows.h, row));
    if (row >= this.before.length) this.before = longer(this.before, this.rows.w.length);
    this.before[row] = alike.last;
    alike.last = row;
    alike.one &= this.word(row, 0);
    alike.two &= this.word(row, 1);
    alike.three &= this.word(row, 2);
  }

  /**
   * Finds what can be joined to a build along an axis.
   * @param longest how long both may be together
   * @returns how many builds were looked at
   */
  eachMeeting(row: number, axis: 'x' | 'y', longest: number, take: (other: number) => void): number {
    const { rows, tally } = this;
    const isBeside = axis === 'x';
    const room = longest - at(isBeside ? rows.w : rows.h, row);
    const meeting = isBeside ? this.byHeight.get(at(rows.h, row)) : this.byWidth.get(at(rows.w, row));
    const [one, two, three] = [this.word(row, 0), this.word(row, 1), this.word(row, 2)];
    let met = 0;
    // What is taken is longer along the axis: it joins other chains than the one that is gone through.
    for (const alike of meeting ?? []) {
      if ((isBeside ? alike.w : alike.h) > room) continue;
      if ((alike.one & one) | (alike.two & two) | (alike.three & three)) continue;
      met += tally.eachBeside(rows.keys, rows.width, row, alike.last, this.before, take);
    }
    return met;
  }
}
