import type { Ticks } from '../../../core/ground/length';
import type { Trimmer } from '../../../core/trimmer/cutting';
import { facesMeant } from '../../../core/kit/closing';
import { jobOf, onPlain } from '../../../core/acts';
import { type Bench } from '../../../core/stock/bench';
import type { ShareJob } from '../../../core/kit/shareout';
import type { SharingPage } from '../../../core/kit/sharing';
import type { Lot } from '../../../core/stock/things';
import type { ShareChoices } from './shareChoices';
import { edgeName } from './edgeName';

const MORE = 'one-more';

/** Something that could be otherwise, and what would then be shared out. */
export interface Supposed {
  readonly id: string;
  readonly words: string;
  readonly job: () => ShareJob;
  /** Takes it up; absent: it cannot be. */
  readonly take?: () => void;
}

export interface Supposing {
  readonly pages: readonly SharingPage[];
  readonly kits: ReadonlySet<string>;
  readonly choices: ShareChoices;
  readonly bench: Bench;
  readonly trimmer: Trimmer;
  readonly hold: Ticks;
}

const jobWith = (
  { pages, kits, choices, bench, trimmer }: Supposing,
  some: Partial<{ pages: readonly SharingPage[]; kits: ReadonlySet<string>; never: readonly string[] }>,
): ShareJob => {
  const { never, mode, must, pins, forbidden } = choices;
  const wishes = { mode, must, meant: facesMeant(bench), pins, forbidden };
  return jobOf(
    some.pages ?? pages,
    bench,
    { kits: some.kits ?? kits, never: [...(some.never ?? never)] },
    wishes,
    trimmer,
  );
};

/** Without a paper. */
export function withoutLot(lot: Lot, given: Supposing): Supposed {
  const never = [...given.choices.never, lot.id];
  return {
    id: `lot ${lot.id}`,
    words: `without ${lot.name}`,
    job: () => jobWith(given, { never }),
    take: () => given.choices.change({ never }),
  };
}

/** A page more, each kit that is left out, and strips on plain cardstock. */
export function suppositions(given: Supposing): Supposed[] {
  const { pages, kits, choices, bench, trimmer, hold } = given;
  const { kitsLeft, never, change, grounds } = choices;
  const [smallest] = [...pages].sort((a, b) => a.layout.layers.length - b.layout.layers.length);
  const more: Supposed[] = smallest
    ? [
        {
          id: MORE,
          words: 'one page more, like the smallest',
          job: () => jobWith(given, { pages: [...pages, { ...smallest, page: { ...smallest.page, id: MORE } }] }),
        },
      ]
    : [];
  const strips: Supposed = {
    id: 'strips',
    words: 'strips on plain cardstock where little shows',
    job: () => jobWith(given, { pages: onPlain(pages, bench, { kits, never }, { hold, trimmer, called: edgeName }) }),
    take: () => change({ grounds: 'strips' }),
  };
  return [
    ...more,
    ...[...bench.kits.values()]
      .filter(({ id }) => !kits.has(id))
      .map((kit): Supposed => ({
        id: `kit ${kit.id}`,
        words: `with ${kit.name} too`,
        job: () => jobWith(given, { kits: new Set([...kits, kit.id]) }),
        take: () => change({ kitsLeft: kitsLeft.filter((id) => id !== kit.id) }),
      })),
    ...(grounds === 'whole' ? [strips] : []),
  ];
}
