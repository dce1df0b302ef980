import { Joins, JOINS } from './proofs/joins';
import type { Effort } from './constructions/place';
import { boundsOf, type Bounds } from './proofs/bounds';
import type { Proof } from './proofs/prove';
import type { Random } from './constructions/fill';
import { compare, type Held } from './parts/held';
import type { Problem } from './problem/problem';

/** Judgements of a part for a piece: about ten seconds' worth on an ordinary machine. */
export const WORK = 2_000_000;

/** A search under way: what it may spend, the best plan so far, and the one that it goes on from. */
export class Search {
  private done = 0;
  private top: Held;
  /** The plan that the next one is made of. */
  current: Held;
  /** Rounds since a plan was better than all before. */
  quiet = 0;
  /** Null: what can be proved was not tried yet. */
  proof: Proof | null = null;

  /**
   * @param work how many judgements may be made
   * @param ends asked often: whether it is to end with the best so far
   * @param firstPlan given what it may spend
   */
  constructor(
    readonly problem: Problem,
    readonly random: Random,
    readonly work: number,
    readonly ends: () => boolean,
    firstPlan: (effort: Effort) => Held,
  ) {
    this.current = this.top = firstPlan(this.effort);
  }

  readonly spend = (work: number): void => {
    this.done += work;
  };

  /** What a plan in the making may spend: it is left unfinished only where time is up. */
  readonly effort: Effort = { spend: this.spend, isOver: () => this.ends() };

  get spent(): number {
    return this.done;
  }

  get best(): Held {
    return this.top;
  }

  readonly isOver = (): boolean => this.done >= this.work || this.ends();

  /** Goes on from a plan that is better than all before; false: it is not. */
  take(plan: Held | null): boolean {
    if (!plan || compare(plan, this.top) <= 0) return false;
    this.current = this.top = plan;
    this.quiet = 0;
    return true;
  }

  /** A limit on the joins of an exact search. @param share of all the work */
  joins(share: number): Joins {
    return new Joins(Math.min(this.work, WORK) * JOINS * share, this.ends);
  }

  /** The bounds by area, sharpened by what was proved. */
  bounds(): Bounds {
    const { score } = this.top;
    const plain = boundsOf(this.problem, { pieces: score[0], value: score[1] });
    const { pieces = Infinity, value, fresh = 0 } = this.proof?.bounds ?? {};
    return {
      pieces: Math.min(plain.pieces, pieces),
      value: value === undefined ? plain.value : Math.min(plain.value, Math.max(value, score[1])),
      fresh: Math.max(plain.fresh, fresh),
    };
  }
}
