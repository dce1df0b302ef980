import type { Rect, Size } from '../../../ground/geometry';
import { inches, mm, parseLength, parseSize, plainNumber, type MeasureSystem } from '../../../ground/length';
import { err, ok, type Result } from '../../../ground/result';
import type { Shape } from '../../../ground/shapes';
import type { MeasuredDesign, MeasuredLayer, PageFormat } from '../../../stock/things';
import { nth } from '../../../ground/nth';

/** What is wrong with a line of a design; lines count from 1. */
export interface DesignLineError {
  readonly line: number;
  readonly kind:
    'no-size' | 'bad-size' | 'bad-length' | 'not-understood' | 'off-page' | 'page-not-first' | 'twice' | 'nothing';
  /** The words meant. */
  readonly text: string;
}

export interface DesignTextError {
  readonly kind: 'not-read';
  readonly lines: readonly DesignLineError[];
}

/** A design read from text, and the measures in it that are only about right. */
export interface ReadDesign {
  readonly design: Omit<MeasuredDesign, 'id' | 'name'>;
  readonly vague: readonly { readonly line: number; readonly text: string }[];
}

const NUMBER = String.raw`\d+(?:\.\d+)?(?:(?:\s+|-)\d+\s*\/\s*\d+|\s*\/\s*\d+)?\s*(?:in\b|cm\b|mm\b|["″])?`;
const SIZE = new RegExp(String.raw`(?<![\w/.])${NUMBER}\s*(?:[x×]|\bby\b)\s*${NUMBER}`, 'i');
const ACROSS = new RegExp(String.raw`(?<![\w/.])${NUMBER}`, 'i');
const VAGUE = new RegExp(String.raw`(?:\b(?:about|around|roughly|ca)\b\.?|~)\s*(${NUMBER})`, 'gi');
type Edge = 'head' | 'foot' | 'left' | 'right';
/** @param word one that the patterns below take for an edge */
const edgeOf = (word: string): Edge => {
  const told = word.toLowerCase();
  return told === 'top' || told === 'head' ? 'head' : told === 'left' || told === 'right' ? told : 'foot';
};
const FROM = new RegExp(
  String.raw`^(${NUMBER})\s*(?:up|down|in)?\s*from\s+(?:the\s+)?(head|top|foot|bottom|left|right)(?:\s+(?:edge|side))?$`,
  'i',
);
const AT = /^(?:at|along|on)\s+(?:the\s+)?(head|top|foot|bottom|left|right)(?:\s+(?:edge|side))?$/i;
const CORNER =
  /^(?:at|in)\s+(?:the\s+)?(head|top|foot|bottom|left|right)[\s-]+(head|top|foot|bottom|left|right)(?:\s+corner)?$/i;
const MIDDLE = /^(?:cent(?:red|ered)|in the (?:middle|cent(?:re|er)))$/i;
const TURNED = /^turned\s+(-?\d+(?:\.\d+)?)\s*(?:°|degrees?)?(?:\s+(left|right))?$/i;
const CUT = new RegExp(String.raw`^(dovetail|point|clipped|rounded|scallops?|flaps?)\s+(?:of\s+)?(${NUMBER})$`, 'i');

type Line<T> = Result<T, Omit<DesignLineError, 'line'>>;
const bad = (kind: DesignLineError['kind'], text: string): Line<never> => err({ kind, text: text.trim() });

interface Placed {
  x: number;
  y: number;
  turn: number;
  isBare: boolean;
  cut: { how: string; by: number } | null;
}

/** Where a thing lies, from phrases such as `1 1/4 up from the foot`; what is not said is centred. */
function readPlace(phrases: readonly string[], { w, h }: Size, page: Size, unit: 'in' | 'cm'): Line<Placed> {
  const placed: Placed = {
    x: Math.round((page.w - w) / 2),
    y: Math.round((page.h - h) / 2),
    turn: 0,
    isBare: false,
    cut: null,
  };
  const told = new Set<'across' | 'down'>();
  /** Whether it was not told before where it lies that way. */
  const set = (edge: Edge, by: number): boolean => {
    const way = edge === 'left' || edge === 'right' ? 'across' : 'down';
    if (told.has(way)) return false;
    told.add(way);
    if (edge === 'head') placed.y = by;
    if (edge === 'foot') placed.y = page.h - h - by;
    if (edge === 'left') placed.x = by;
    if (edge === 'right') placed.x = page.w - w - by;
    return true;
  };
  for (const phrase of phrases) {
    const from = FROM.exec(phrase);
    const at = AT.exec(phrase);
    const corner = CORNER.exec(phrase);
    const turned = TURNED.exec(phrase);
    const cut = CUT.exec(phrase);
    if (from) {
      const by = parseLength(nth(from, 1), unit);
      if (!by.ok) return bad('bad-length', nth(from, 1));
      if (!set(edgeOf(nth(from, 2)), by.value)) return bad('twice', phrase);
    } else if (at) {
      if (!set(edgeOf(nth(at, 1)), 0)) return bad('twice', phrase);
    } else if (corner) {
      if (!corner.slice(1).every((edge) => set(edgeOf(edge), 0))) return bad('twice', phrase);
    } else if (turned) placed.turn = Number(turned[1]) * (turned[2]?.toLowerCase() === 'left' ? -1 : 1);
    else if (cut) {
      const by = parseLength(nth(cut, 2), unit);
      if (!by.ok) return bad('bad-length', nth(cut, 2));
      placed.cut = { how: nth(cut, 1).toLowerCase().replace(/s$/, ''), by: by.value };
    } else if (/^(?:no|without a?) ?mat$/i.test(phrase)) placed.isBare = true;
    else if (!MIDDLE.test(phrase)) return bad('not-understood', phrase);
  }
  return ok(placed);
}

function shapeOf(name: string, size: Size, cut: Placed['cut']): Shape | null {
  if (/half circle/i.test(name)) return { kind: 'half-circle', d: size.w };
  if (/\bcircle/i.test(name)) return { kind: 'circle', d: size.w };
  switch (cut?.how) {
    case 'dovetail':
    case 'point':
      return { kind: 'banner', end: cut.how, depth: cut.by, ...size };
    case 'clipped':
      return { kind: 'tag', corners: 'clipped', corner: cut.by, ...size };
    case 'rounded':
      return { kind: 'tag', corners: 'round', corner: cut.by, ...size };
    case 'scallop':
      return { kind: 'scallop-strip', scallop: cut.by, ...size };
    case 'flap':
      return { kind: 'pocket', flap: cut.by, ...size };
    default:
      return null;
  }
}

/** A line's size and what stands before and after it; a circle has one measure. */
function readSize(line: string, unit: 'in' | 'cm'): Line<{ name: string; size: Size; rest: string }> {
  const isRound = /^\D*\bcircle/i.test(line);
  const match = SIZE.exec(line) ?? (isRound ? ACROSS.exec(line) : null);
  if (!match) return bad('no-size', line);
  const name = line
    .slice(0, match.index)
    .replace(/[\s:,]+$/, '')
    .trim();
  const rest = line.slice(match.index + match[0].length);
  if (SIZE.test(match[0])) {
    const size = parseSize(match[0], unit);
    return size.ok && size.value.w > 0 && size.value.h > 0
      ? ok({ name, size: size.value, rest })
      : bad('bad-size', match[0]);
  }
  const across = parseLength(match[0], unit);
  if (!across.ok || across.value === 0) return bad('bad-size', match[0]);
  return ok({
    name,
    size: { w: across.value, h: /half/i.test(name) ? Math.ceil(across.value / 2) : across.value },
    rest,
  });
}

/** Whether something of a layer lies on the page. */
const touches = ({ x, y, w, h }: Rect, page: Size): boolean => x < page.w && y < page.h && x + w > 0 && y + h > 0;

/** What one line says. */
type Entry =
  | { readonly page: PageFormat }
  | { readonly words: 'title' | 'journaling'; readonly at: Rect }
  | { readonly layer: MeasuredLayer };

function readPage(size: Size, phrases: readonly string[], line: string, isFirst: boolean): Line<Entry> {
  const unknown = phrases.find((part) => !/^(spread|single)$/i.test(part));
  if (!isFirst) return bad('page-not-first', line);
  return unknown === undefined
    ? ok({ page: { ...size, spread: phrases.some((part) => /^spread$/i.test(part)) } })
    : bad('not-understood', unknown);
}

/** @param page as it was told before, null where it is the first line */
function readEntry(line: string, page: PageFormat | null, assumed: PageFormat, unit: 'in' | 'cm'): Line<Entry> {
  const read = readSize(line, unit);
  if (!read.ok) return read;
  const { name, size, rest } = read.value;
  const phrases = rest
    .split(/[,;]|\band\b/i)
    .map((part) => part.trim())
    .filter(Boolean);
  if (/^page$/i.test(name)) return readPage(size, phrases, line, page === null);
  const on = page ?? assumed;
  const whole = { w: on.spread ? 2 * on.w : on.w, h: on.h };
  const place = readPlace(phrases, size, whole, unit);
  if (!place.ok) return place;
  const { x, y, turn, isBare, cut } = place.value;
  const at = { x, y, ...size };
  if (!touches(at, whole)) return bad('off-page', line);
  if (/^title$/i.test(name)) return ok({ words: 'title', at });
  if (/^journal(l?ing)?$/i.test(name)) return ok({ words: 'journaling', at });
  const shape = shapeOf(name, size, cut);
  return ok({
    layer: { name: name || 'layer', ...at, turn, ...(shape ? { shape } : {}), ...(isBare ? { isBare } : {}) },
  });
}

const ASSUMED: Record<MeasureSystem, PageFormat> = {
  in: { w: inches(12), h: inches(12), spread: false },
  cm: { w: mm(305), h: mm(305), spread: false },
};

/**
 * Reads a design as people write it, a layer a line from the bottom up: `page 12 x 12`, `strip 12 x 3, 1 1/4 up from
 * the foot`, `photo 4 x 6, 2 from the left, turned 2`, `title 6 x 1, at the foot`. What is not said is centred; lines
 * of one name are of one paper. `about 1 1/4` is taken, and told. Without a page line it is 12 x 12, or 30.5 cm.
 * @param system what measures without a unit are in
 * @returns the design, or every line that could not be read
 */
export function readDesign(text: string, system: MeasureSystem): Result<ReadDesign, DesignTextError> {
  const lines: DesignLineError[] = [];
  const vague: { line: number; text: string }[] = [];
  const layers: MeasuredLayer[] = [];
  let page: PageFormat | null = null;
  let [title, journaling]: [Rect | null, Rect | null] = [null, null];
  for (const [i, raw] of text.split('\n').entries()) {
    const told = plainNumber(raw);
    if (told === '' || told.startsWith('#')) continue;
    for (const [, about = ''] of told.matchAll(VAGUE)) vague.push({ line: i + 1, text: about.trim() });
    const entry = readEntry(told.replace(VAGUE, '$1'), page, ASSUMED[system], system);
    page ??= ASSUMED[system];
    if (!entry.ok) {
      lines.push({ line: i + 1, ...entry.error });
      continue;
    }
    if ('page' in entry.value) page = entry.value.page;
    else if ('layer' in entry.value) layers.push(entry.value.layer);
    else if ((entry.value.words === 'title' ? title : journaling) !== null)
      lines.push({ line: i + 1, kind: 'twice', text: entry.value.words });
    else if (entry.value.words === 'title') title = entry.value.at;
    else journaling = entry.value.at;
  }
  if (lines.length === 0 && layers.length === 0) lines.push({ line: 1, kind: 'nothing', text: '' });
  return lines.length > 0
    ? err({ kind: 'not-read', lines })
    : ok({ design: { page: page ?? ASSUMED[system], layers, title, journaling }, vague });
}
