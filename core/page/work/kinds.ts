import type { Technique } from '../../stock/things';

export type StepId =
  | Technique
  | 'pencil'
  | 'cut'
  | 'windows'
  | 'layers'
  | 'photos'
  | 'foam'
  | 'clusters'
  | 'title'
  | 'writing'
  | 'date'
  | 'album';

/** A tool or medium that a step needs: what it is called, and how it is found in the stash. */
export interface Need {
  readonly name: string;
  readonly words: RegExp;
  /** It is used up by and by. */
  readonly isMedium: boolean;
}

/** What a step is, whatever the page. Times in minutes. */
export interface StepKind {
  readonly name: string;
  readonly minutes: number;
  readonly dries: number;
  /** Wet work, which runs onto what was glued before. */
  readonly isWet: boolean;
  readonly needs: readonly Need[];
  /** Said where it applies; the maker's instructions come first. */
  readonly caution: string | null;
}

const need = (name: string, words: RegExp, isMedium = false): Need => ({ name, words, isMedium });
const GLUE = need('glue', /\b(glue|adhesive|tape runner|double[- ]sided)\b/, true);
const INK = need('ink', /\b(inks?|ink ?pads?)\b/, true);

const kind = (
  name: string,
  minutes: number,
  dries: number,
  some: Partial<Pick<StepKind, 'isWet' | 'needs' | 'caution'>> = {},
): StepKind => ({ name, minutes, dries, isWet: false, needs: [], caution: null, ...some });

/** How long steps take and dry, and what is to be minded: common practice, no source. In the order of the work. */
export const STEP_KINDS: Readonly<Record<StepId, StepKind>> = {
  pencil: kind('Mark in pencil where the layers will lie', 5, 0, { needs: [need('pencil', /\bpencils?\b/)] }),
  seal: kind('Seal the ground', 5, 20, {
    isWet: true,
    needs: [need('primer', /\b(gesso|primer|sealer|clear coat)\b/, true)],
    caution: 'Much liquid wants heavy paper. Air the room for what smells; cover what lies round it.',
  }),
  paint: kind('Paint the background', 10, 30, {
    isWet: true,
    needs: [need('paint', /\b(paints?|watercolou?rs?|acrylics?|sprays?|mists?)\b/, true)],
    caution: 'A mist dries in a minute or two, paint much slower. Sprays: fresh air, and cover the surroundings.',
  }),
  stencil: kind('Paste through the stencil', 10, 60, {
    isWet: true,
    needs: [need('stencil', /\bstencils?\b/), need('paste', /\b(pastes?|texture)\b/, true)],
    caution: 'Low-tack tape in two places holds the stencil. Wash it at once.',
  }),
  stamp: kind('Stamp the background', 10, 5, { isWet: true, needs: [need('stamp', /\bstamps?\b/), INK] }),
  splatter: kind('Splatter the background', 5, 15, {
    isWet: true,
    needs: [need('paint or ink', /\b(paints?|inks?|watercolou?rs?)\b/, true)],
    caution: 'Cover what lies round it.',
  }),
  cut: kind('Make the cuts', 20, 0, {
    needs: [need('trimmer', /\btrimmers?\b/)],
    caution: 'Fingers behind the guard of the trimmer.',
  }),
  ink: kind('Ink the edges', 5, 2, { needs: [INK] }),
  windows: kind('Cut the hidden middles out', 10, 0, {
    needs: [need('craft knife', /\b(craft )?kni(fe|ves)\b/)],
    caution: 'Metal ruler, cut away from your hand, fresh blade, cap it afterwards.',
  }),
  stitch: kind('Stitch, holes first', 15, 0, {
    needs: [need('needle', /\bneedles?\b/), need('thread', /\b(threads?|floss|twine)\b/, true)],
    caution: 'Cover the back of the stitches before the page is glued.',
  }),
  layers: kind('Glue the large layers', 10, 10, {
    needs: [GLUE],
    caution: 'Leave edges open where a tag or pocket slides; hot glue burns, and keep it off photos.',
  }),
  photos: kind('Glue the photos', 5, 0, {
    needs: [GLUE],
    caution: 'Photo-safe glue (ISO 18916), a copy rather than the only print; no foam or metal on the picture itself.',
  }),
  foam: kind('Raise what lies on foam', 5, 0, {
    needs: [need('foam', /\bfoam\b/, true)],
    caution: 'Foam under part of the pieces only: the album must still close.',
  }),
  clusters: kind('Glue the small things', 10, 5, {
    needs: [GLUE],
    caution: 'Peel the backing; cover the backs of staples.',
  }),
  title: kind('Lay the title', 10, 0),
  writing: kind('Write, in pencil first', 10, 2, { needs: [need('pen', /\bpens?\b/, true)] }),
  'last-splatter': kind('The last splatter', 5, 15, {
    isWet: true,
    needs: [need('paint or ink', /\b(paints?|inks?|watercolou?rs?)\b/, true)],
    caution: 'Cover the photos.',
  }),
  date: kind('Date it and sign it', 2, 0, { needs: [need('pen', /\bpens?\b/, true)] }),
  album: kind('Put it in the album', 2, 0),
};

export const STEP_ORDER = Object.keys(STEP_KINDS) as readonly StepId[];

const WET: readonly StepId[] = ['seal', 'paint', 'stencil', 'stamp', 'splatter'];
const ON_TOP: readonly StepId[] = ['photos', 'foam', 'clusters', 'title', 'writing'];

/** What each step comes after, where that is on the page too. */
export const COMES_AFTER: Readonly<Record<StepId, readonly StepId[]>> = {
  pencil: [],
  seal: ['pencil'],
  paint: ['pencil', 'seal'],
  stencil: ['pencil', 'seal', 'paint'],
  stamp: ['pencil', 'seal', 'paint', 'stencil'],
  splatter: ['pencil', 'seal', 'paint', 'stencil', 'stamp'],
  cut: [],
  ink: ['cut'],
  windows: ['cut'],
  stitch: [...WET, 'cut', 'windows'],
  layers: ['pencil', ...WET, 'cut', 'ink', 'windows', 'stitch'],
  photos: ['layers'],
  foam: ['photos'],
  clusters: ['photos', 'foam'],
  title: ['layers'],
  writing: ['layers', 'title'],
  'last-splatter': ['layers', ...ON_TOP],
  date: ['layers', ...ON_TOP, 'last-splatter'],
  album: ['layers', ...ON_TOP, 'last-splatter', 'date'],
};
