import type { Size } from '../../../ground/geometry';
import { nth } from '../../../ground/nth';
import type { Build } from '../parts/build';
import type { Problem } from '../problem/problem';
import { allBuilds, type Levels } from './allBuilds';
import { blockOf, type Block } from './block';
import { BuildTable } from './buildTable';
import { at } from '../parts/column';
import { likelyTogether, type Together } from './likelyTogether';

/** Builds past which no others are made, where most of the way to the whole is still to go. */
const FEW = 15_000;
const FEW_TO = 1 / 3;
/** Builds that are made at the most. */
const MOST = 60_000;
/** Shares count by this power: what is likely is settled, but not always the same. */
const POWER = 4;

/** What can be made of blocks. */
interface View {
  readonly table: BuildTable;
  readonly levels: Levels;
  /** Which of them may have lain together; none where all builds are known. */
  readonly together: readonly Together[];
}

/**
 * Tries to fill a region with blocks without waste, to the last one: those that most likely lay together are settled as
 * one block, then others, until so few are left that all builds of them can be made; one of them fills the region, or
 * something was settled that did not lie together. The next try goes on from somewhere along the way. Source: own.
 */
export class BlockByBlock {
  /** What was looked at in the last try: all blocks, then with ever more of them settled. */
  private readonly way: View[] = [];

  /** @param blocks as large together as the region, at most {@link MOST_BLOCKS} */
  constructor(
    private readonly problem: Problem,
    private readonly kind: number,
    private readonly blocks: readonly Block[],
    private readonly region: Size,
    private readonly random: () => number,
    private readonly spend: (joins: number) => boolean,
  ) {}

  private lookAt(blocks: readonly Block[]): View {
    const table = new BuildTable(blocks, MOST);
    const goesOn = (size: number): boolean => table.length <= FEW || size > blocks.length * FEW_TO;
    const levels = allBuilds(table, this.region, goesOn, this.spend);
    const together = levels.isAll ? [] : likelyTogether(table, levels, this.random, this.spend);
    const view = { table, levels, together };
    this.way.push(view);
    return view;
  }

  /** Blocks that may have lain together, by lot: mostly such as are likely, rather large. */
  private drawn({ table, together }: View): number | null {
    const weights = together.map(({ row, share }) => share ** POWER * Math.sqrt(at(table.sizes, row) - 1));
    let lot = this.random() * weights.reduce((sum, weight) => sum + weight, 0);
    return together.find((_, n) => (lot -= nth(weights, n)) <= 0)?.row ?? together.at(-1)?.row ?? null;
  }

  /** The build that fills the region, where all builds are known and one does. */
  private wholeOf({ table, levels }: View): Build | null {
    const row = levels.isAll ? table.wholeOf(this.region) : null;
    return row === null ? null : table.build(row);
  }

  /** Whether every build of the blocks is known, and none fills the region: there is nothing to try. */
  get isProvedEmpty(): boolean {
    const [first] = this.way;
    return first?.levels.isAll === true && this.wholeOf(first) === null;
  }

  /** @returns null where it ends short, or the work allowed is done */
  oneTry(): Build | null {
    // On from somewhere along the way of the try before: what was settled first may be right.
    if (this.way.length > 1) this.way.length = 1 + Math.floor(this.random() * (this.way.length - 1));
    let view = this.way.at(-1) ?? this.lookAt(this.blocks);
    for (;;) {
      const whole = this.wholeOf(view);
      const row = whole !== null || view.levels.isAll ? null : this.drawn(view);
      if (row === null || !this.spend(1)) return whole;
      const { table } = view;
      view = this.lookAt([...table.blocksBeside(row), blockOf(this.problem, this.kind, table.build(row))]);
    }
  }
}
