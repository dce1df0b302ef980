/** A binary heap: the entry that goes before all others is on top. */
export class Heap<T> {
  private readonly list: T[] = [];

  constructor(private readonly before: (a: T, b: T) => boolean) {}

  get size(): number {
    return this.list.length;
  }

  get first(): T | undefined {
    return this.list[0];
  }

  push(entry: T): void {
    const { list } = this;
    let at = list.length;
    while (at > 0) {
      const up = (at - 1) >> 1;
      const above = list[up];
      if (above === undefined || !this.before(entry, above)) break;
      list[at] = above;
      at = up;
    }
    list[at] = entry;
  }

  pop(): T | undefined {
    const { list } = this;
    const top = list[0];
    const last = list.pop();
    if (list.length > 0 && last !== undefined) this.sink(last);
    return top;
  }

  /** Lets an entry down from the top to its place. */
  private sink(entry: T): void {
    const { list } = this;
    let at = 0;
    for (;;) {
      let down = 2 * at + 1;
      let below = list[down];
      if (below === undefined) break;
      const beside = list[down + 1];
      if (beside !== undefined && this.before(beside, below)) {
        down++;
        below = beside;
      }
      if (!this.before(below, entry)) break;
      list[at] = below;
      at = down;
    }
    list[at] = entry;
  }
}
