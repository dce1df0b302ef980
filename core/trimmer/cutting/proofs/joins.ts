/** Joins of builds that cost as much as one judgement. */
export const JOINS = 20;

/** A limit on joins: counts them, and says whether more may be tried, as long as the search is not over. */
export class Joins {
  private tried = 0;

  constructor(
    private readonly most: number,
    private readonly isOver: () => boolean,
  ) {}

  readonly spend = (n: number): boolean => (this.tried += n) < this.most && !this.isOver();

  /** What they cost, in judgements. */
  get work(): number {
    return Math.ceil(this.tried / JOINS);
  }
}
