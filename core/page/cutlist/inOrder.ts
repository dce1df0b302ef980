import type { Ticks } from '../../ground/length';
import type { Step } from './cutSteps';

/** What she keeps together while she cuts: the trimmer's setting, the paper in hand, or the page. */
export type CutOrder = 'setting' | 'paper' | 'page';

/** A step that can be made now. */
interface Ready {
  readonly step: Step;
  readonly sheet: number;
  /** How early the first page comes that it is for. */
  readonly page: number;
}

/** What the hand is at. */
interface Hand {
  readonly setting: Ticks;
  readonly sheet: number;
}

/** For each order, what of a step weighs before what; the larger is made first. */
const WEIGHS: Record<CutOrder, readonly ('page' | 'sheet' | 'cut' | 'setting')[]> = {
  setting: ['cut', 'setting', 'sheet'],
  paper: ['sheet', 'cut', 'setting'],
  page: ['page', 'cut', 'setting', 'sheet'],
};

const settingOf = (step: Step): number => (step.kind === 'cut' ? step.setting : 0);

/** The parts that a step gives and that other steps may be of. */
const givenBy = (step: Step): string[] =>
  step.kind === 'cut' ? step.gives.map(({ part }) => part) : step.kind === 'window' ? [step.middle.part] : [];

/** For each part of a sheet, how early the first page comes that something of it is for. */
function pageRanks(steps: readonly Step[], pages: readonly string[]): ReadonlyMap<string, number> {
  const ranks = new Map<string, number>();
  const rankOf = (page: string): number => (pages.includes(page) ? pages.indexOf(page) : pages.length);
  const least = (part: string, rank: number): void => {
    ranks.set(part, Math.min(rank, ranks.get(part) ?? Infinity));
  };
  const own = (step: Step): number[] => {
    if (step.kind === 'punch') return step.pieces.map(({ page }) => rankOf(page));
    const given = givenBy(step).map((part) => ranks.get(part) ?? Infinity);
    if (step.kind === 'window') return [rankOf(step.page), ...given];
    return [...given, ...step.gives.flatMap(({ wanted }) => (wanted ? [rankOf(wanted.page)] : []))];
  };
  // What comes of a part is known when all steps behind it are.
  for (let isKnown = false; !isKnown;) {
    const before = [...ranks.values()].join();
    for (const step of [...steps].reverse()) least(step.name, Math.min(Infinity, ...own(step)));
    isKnown = before === [...ranks.values()].join();
  }
  return ranks;
}

/**
 * Steps in an order that can be made, what she keeps together one after another. By setting: as long as a cut at the
 * present setting can be made, on the sheet in hand or on another, it is; else the sheet in hand is cut on, at the
 * setting that the most cuts share which can be made now. Shapes are punched once all is cut that comes first.
 * @param sheets each sheet's steps, a part before the parts it gives
 * @param pages which page comes first, for the order by page
 */
export function inOrder(
  sheets: readonly (readonly Step[])[],
  by: CutOrder = 'setting',
  pages: readonly string[] = [],
): Step[] {
  const waiting = sheets.map((steps) => [...steps]);
  const ranks = sheets.map((steps) => pageRanks(steps, pages));
  const ordered: Step[] = [];
  let hand: Hand = { setting: 0, sheet: 0 };
  for (;;) {
    // A part can be cut unless another cut that waits gives it.
    const ready = waiting.flatMap((steps, sheet): Ready[] => {
      const given = new Set(steps.flatMap((step) => givenBy(step)));
      return steps
        .filter(({ name }) => !given.has(name))
        .map((step) => ({ step, sheet, page: ranks[sheet]?.get(step.name) ?? Infinity }));
    });
    const shared = new Map<number, number>();
    for (const { step } of ready) shared.set(settingOf(step), (shared.get(settingOf(step)) ?? 0) + 1);
    const weights = ({ step, sheet, page }: Ready): number[] => [
      ...WEIGHS[by].map((what): number => {
        switch (what) {
          case 'page':
            return -page;
          case 'sheet':
            return Number(sheet === hand.sheet);
          case 'cut':
            return Number(step.kind === 'cut');
          case 'setting':
            return Number(settingOf(step) === hand.setting);
        }
      }),
      shared.get(settingOf(step)) ?? 0,
    ];
    const isBefore = (a: Ready, b: Ready): boolean => {
      const [mine, theirs] = [weights(a), weights(b)];
      const at = mine.findIndex((weight, i) => weight !== theirs[i]);
      return at >= 0 && (mine[at] ?? 0) > (theirs[at] ?? 0);
    };
    const next = ready.reduce<Ready | null>((best, one) => (best && !isBefore(one, best) ? best : one), null);
    if (!next) return ordered;
    const own = waiting[next.sheet] ?? [];
    own.splice(own.indexOf(next.step), 1);
    ordered.push(next.step);
    hand = { setting: settingOf(next.step), sheet: next.sheet };
  }
}
