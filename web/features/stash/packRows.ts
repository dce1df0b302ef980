/** Something laid side by side with others, in pixels. */
export interface Laid {
  readonly width: number;
  readonly height: number;
}

/** One line of things, or a heading over those that follow. */
export type TableRow<T> =
  | { readonly kind: 'heading'; readonly name: string; readonly items: readonly T[]; readonly height: number }
  | { readonly kind: 'things'; readonly items: readonly T[]; readonly height: number };

export interface TableGroup<T> {
  readonly name: string;
  readonly items: readonly T[];
}

/**
 * Breaks groups of things into lines no wider than the table, in order; a thing wider than that has a line of its own.
 * @param gap between things and between lines, pixels
 */
export function packRows<T>(
  groups: readonly TableGroup<T>[],
  sizeOf: (item: T) => Laid,
  width: number,
  gap: number,
  headingHeight: number,
): TableRow<T>[] {
  const rows: TableRow<T>[] = [];
  for (const { name, items } of groups) {
    if (items.length === 0) continue;
    rows.push({ kind: 'heading', name, items, height: headingHeight });
    let [line, used, height]: [T[], number, number] = [[], 0, 0];
    const close = (): void => {
      if (line.length > 0) rows.push({ kind: 'things', items: line, height: height + gap });
      [line, used, height] = [[], 0, 0];
    };
    for (const item of items) {
      const size = sizeOf(item);
      if (used > 0 && used + gap + size.width > width) close();
      used += (used > 0 ? gap : 0) + size.width;
      height = Math.max(height, size.height);
      line.push(item);
    }
    close();
  }
  return rows;
}
