import { overlaps, type Rect } from '../../ground/geometry';
import { formatLength, inches, type MeasureSystem } from '../../ground/length';
import type { Page } from '../../stock/things';
import type { Eyed, Remark, Sheet } from './eyed';

/** How thick things are, of paper, raised or on foam; how high they may stand in an album and in a notebook. */
const PAPER = inches(1 / 64);
const RAISED = inches(3 / 32);
const IN_ALBUM = inches(1 / 4);
const IN_NOTEBOOK = inches(1 / 8);
/** Pages at least so wide go into albums with sleeves. */
const ALBUM = inches(6);
/** The play that a tag wants. */
const PLAY = inches(1 / 8);
const HAIR = inches(1 / 2);

const thickness = ({ raised }: Eyed): number => (raised ? RAISED : PAPER);

/** Where things stand higher than an album or notebook takes. Measures: common practice, no source. */
export function tooThick(sheet: Sheet, { format }: Page, system: MeasureSystem): Remark[] {
  const most = format.w >= ALBUM ? IN_ALBUM : IN_NOTEBOOK;
  const laid = sheet.things.filter(({ role }) => role === 'accent' || role === 'title' || role === 'layer');
  const stacks = laid.map((one, i) => [...laid.slice(0, i).filter((below) => overlaps(below, one)), one]);
  const highOf = (stack: readonly Eyed[]): number => stack.reduce((sum, one) => sum + thickness(one), 0);
  const highest = stacks.reduce<readonly Eyed[]>((best, stack) => (highOf(stack) > highOf(best) ? stack : best), []);
  const high = highOf(highest);
  return high <= most
    ? []
    : [
        {
          kind: 'thick',
          things: highest.filter(({ raised }) => raised).map(({ id }) => id),
          why: `They stand about ${formatLength(Math.round(high / inches(1 / 16)) * inches(1 / 16), system)} high together: the ${format.w >= ALBUM ? 'album' : 'notebook'} will hardly close.`,
        },
      ];
}

/** Tags of the page that do not slide in its pockets: a tag wants some play within. Common practice, no source. */
export function tightPockets({ more = [] }: Page, system: MeasureSystem): Remark[] {
  return more.flatMap(({ shape: pocket, name }) =>
    pocket.kind !== 'pocket'
      ? []
      : more.flatMap(({ shape: tag, name: tagName }): Remark[] =>
          tag.kind !== 'tag' || tag.w + PLAY <= pocket.w
            ? []
            : [
                {
                  kind: 'tight-pocket',
                  things: [],
                  word: `${tagName} in ${name}`,
                  why: `${tagName} will not slide in ${name}, which is ${formatLength(pocket.w, system)} wide inside: ${formatLength(Math.max(0, pocket.w - PLAY), system)} would. Glue three edges, outside the tag's; the head stays open.`,
                },
              ],
        ),
  );
}

/** Lines that run up to the gutter on both pages of a spread a hair apart: they should run on, or clearly not. */
export function acrossGutter({ h, things }: Sheet, { format, moves = {} }: Page): Remark[] {
  if (!format.spread) return [];
  const gutter = format.w;
  const layers = things.filter(({ role, w }) => role === 'layer' && w > h / 8);
  const ends = (one: Rect): boolean => one.x + one.w === gutter;
  const isMoved = ({ id }: Eyed): boolean => Object.hasOwn(moves, id);
  return layers.filter(ends).flatMap((left) =>
    layers
      .filter((right) => right.x === gutter && right.y !== left.y && Math.abs(right.y - left.y) < HAIR)
      .filter((right) => isMoved(left) || isMoved(right))
      .map((right): Remark => ({
        kind: 'gutter',
        things: [left.id, right.id],
        why: 'They meet at the gutter a hair apart: let them run on, or clearly not.',
      })),
  );
}
