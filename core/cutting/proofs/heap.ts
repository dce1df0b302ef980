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
    let at = list.push(entry) - 1;
    while (at > 0) {
      const up = (at - 1) >> 1;
      if (!this.before(list[at]!, list[up]!)) break;
      [list[at], list[up]] = [list[up]!, list[at]!];
      at = up;
    }
  }

  pop(): T | undefined {
    const { list } = this;
    const top = list[0];
    const last = list.pop();
    if (list.length === 0 || last === undefined) return top;
    list[0] = last;
    for (let at = 0; ;) {
      let down = 2 * at + 1;
      if (down >= list.length) return top;
      if (down + 1 < list.length && this.before(list[down + 1]!, list[down]!)) down++;
      if (!this.before(list[down]!, list[at]!)) return top;
      [list[at], list[down]] = [list[down]!, list[at]!];
      at = down;
    }
  }
}
