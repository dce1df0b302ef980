import type { Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
import { joinBuilds, type Build } from './build';
import { at, longer } from './column';

/** Two builds that are joined along an axis, and how large both are together. */
export interface Joint extends Size {
  readonly axis: 'x' | 'y';
  readonly near: number;
  readonly far: number;
}

/** No row at all. */
export const NONE = -1;

/** Pairs of builds in rows that are looked at in the time of one join of the other searches. */
export const PAIRS_PER_JOIN = 20;
/** Joins of theirs in the time of entering one build. */
export const JOINS_PER_BUILD = 5;

/** Builds that there is room for at first: most searches are small. */
const FIRST_ROOM = 512;

const noPlaces = (rows: number): Int32Array => new Int32Array(2 ** Math.ceil(Math.log2(2 * rows))).fill(NONE);

/**
 * Builds without waste, thousands of them, each a row in columns of numbers: most of the time goes into asking which of
 * them can go together. No two have the same key and the same width.
 */
export class BuildRows {
  private rows = 0;
  /** What is in each, `width` words a row: builds of the same key are of the same area. */
  keys: Int32Array;
  /** How many pieces, or blocks, are in it. */
  sizes: Int32Array;
  w: Int32Array;
  h: Int32Array;
  /** Of which two builds it was joined; {@link NONE}: it is a single one. */
  near: Int32Array;
  far: Int32Array;
  /** 1 where the two lie beside one another, 0 where one lies on the other. */
  private isBeside: Int32Array;
  /** Rows by a hash of what they are: the next free place after it, if that is taken. */
  private places: Int32Array;
  /** Single builds, and those put together of them that were asked for. */
  private readonly builds: Build[] = [];

  /**
   * @param width words of a key
   * @param most how many builds there can be
   */
  constructor(
    readonly width: number,
    private readonly most: number,
  ) {
    const first = Math.min(most, FIRST_ROOM);
    const column = (): Int32Array => new Int32Array(first);
    this.keys = new Int32Array(first * width);
    [this.sizes, this.w, this.h] = [column(), column(), column()];
    [this.near, this.far, this.isBeside] = [column(), column(), column()];
    this.places = noPlaces(first);
  }

  get length(): number {
    return this.rows;
  }

  get isFull(): boolean {
    return this.rows >= this.most;
  }

  /** Four times the room. Whoever reads a column from before still finds there what was in it. */
  private grow(): void {
    const room = Math.min(this.most, 4 * this.rows);
    this.keys = longer(this.keys, room * this.width);
    [this.sizes, this.w, this.h] = [longer(this.sizes, room), longer(this.w, room), longer(this.h, room)];
    [this.near, this.far] = [longer(this.near, room), longer(this.far, room)];
    this.isBeside = longer(this.isBeside, room);
    this.places = noPlaces(room);
    for (let row = 0; row < this.rows; row++)
      this.places[this.freePlace(this.keys, row * this.width, at(this.w, row))] = row;
  }

  private isAt(row: number, key: Int32Array, w: number): boolean {
    if (at(this.w, row) !== w) return false;
    for (let word = 0, from = row * this.width; word < this.width; word++)
      if (at(this.keys, from + word) !== at(key, word)) return false;
    return true;
  }

  /** A new row; false where there is one already. There must be room. */
  private enter(key: Int32Array, { w, h }: Size): boolean {
    let place = this.placeOf(key, 0, w);
    const last = this.places.length - 1;
    for (let row = at(this.places, place); row !== NONE; row = at(this.places, place)) {
      if (this.isAt(row, key, w)) return false;
      place = (place + 1) & last;
    }
    const row = this.rows;
    if (row === this.w.length) {
      this.grow();
      place = this.freePlace(key, 0, w);
    }
    this.rows++;
    this.places[place] = row;
    this.keys.set(key, row * this.width);
    [this.w[row], this.h[row]] = [w, h];
    return true;
  }

  /** Where a key and a width belong by their hash. */
  private placeOf(keys: Int32Array, from: number, w: number): number {
    let hash = Math.imul(w, 0x85ebca6b);
    for (let word = 0; word < this.width; word++) {
      hash = Math.imul(hash ^ at(keys, from + word), 0x9e3779b1);
      hash ^= hash >>> 15;
    }
    return hash & (this.places.length - 1);
  }

  private freePlace(keys: Int32Array, from: number, w: number): number {
    let place = this.placeOf(keys, from, w);
    while (at(this.places, place) !== NONE) place = (place + 1) & (this.places.length - 1);
    return place;
  }

  /** Enters a single piece or block, or a gap, where it is not in it already. @returns whether it was not */
  enterSingle(key: Int32Array, lie: Build, size: number): boolean {
    if (!this.enter(key, lie)) return false;
    const row = this.rows - 1;
    [this.sizes[row], this.near[row]] = [size, NONE];
    this.builds[row] = lie;
    return true;
  }

  /** Enters two builds joined, where that is not in it already. @returns whether it was not */
  enterJoint(key: Int32Array, joint: Joint): boolean {
    if (!this.enter(key, joint)) return false;
    const { axis, near, far } = joint;
    const row = this.rows - 1;
    this.sizes[row] = at(this.sizes, near) + at(this.sizes, far);
    [this.near[row], this.far[row], this.isBeside[row]] = [near, far, axis === 'x' ? 1 : 0];
    return true;
  }

  /** What a build was joined of; null: it is a single one. */
  jointOf(row: number): Joint | null {
    const near = at(this.near, row);
    if (near === NONE) return null;
    const axis = at(this.isBeside, row) === 1 ? 'x' : 'y';
    return { axis, near, far: at(this.far, row), w: at(this.w, row), h: at(this.h, row) };
  }

  /** Whether its parts lie beside one another along the axis. */
  isRow(row: number, axis: 'x' | 'y'): boolean {
    return at(this.near, row) !== NONE && (at(this.isBeside, row) === 1) === (axis === 'x');
  }

  /** The build itself, with all its parts. */
  build(row: number): Build {
    const joint = this.jointOf(row);
    if (!joint) return nth(this.builds, row);
    return (this.builds[row] ??= joinBuilds(joint.axis, this.build(joint.near), this.build(joint.far)));
  }
}
