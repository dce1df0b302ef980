/** Joins of builds that cost as much as one judgement. */
export const JOINS = 20;

/** A limit on joins: counts them, and says whether more may be tried. */
export class Joins {
  private tried = 0;

  constructor(private readonly most: number) {}

  readonly spend = (n: number): boolean => (this.tried += n) < this.most;

  /** What they cost, in judgements. */
  get work(): number {
    return Math.ceil(this.tried / JOINS);
  }
}
