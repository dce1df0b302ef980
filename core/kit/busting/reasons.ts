import { affinity, type ColourShare } from '../../ground/colour';
import type { PurposedPlan } from '../../page/cutlist';
import type { Layout } from '../../page/design';
import { area } from '../../ground/geometry';
import { groupBy } from '../../ground/groupBy';
import { inches } from '../../ground/length';
import { pairsOf } from '../taste';
import { newestMonth, type Face } from '../../stock/things';
import { countOfShape, shapedFor } from './leads';
import type { Leftover } from './leftovers';
import type { BustingInput, Proposal, Reason } from './proposal';

/** A leftover of the plan smaller than this is for punches: its paper is used up. Common practice, no source. */
const SCRAP = inches(2) * inches(3);

/** Papers of which nothing worth a page is left: all pieces of them are cut, and nothing but scraps comes of that. */
function finished(leftovers: readonly Leftover[], { sheets }: PurposedPlan): string[] {
  const used = new Map(sheets.map((sheet) => [sheet.stock, sheet]));
  const byLot = groupBy(leftovers, ({ lot }) => lot);
  return [...byLot].flatMap(([lot, own]) => {
    const isAll = own.every(({ stock }) => {
      const sheet = used.get(stock.id);
      return sheet !== undefined && sheet.nubbins.every((nubbin) => area(nubbin) < SCRAP);
    });
    return isAll ? [lot.name] : [];
  });
}

/** Papers that go by hue on a page, in that order. */
function inHues({ lead, faces }: BustingInput, layout: Layout, papers: Proposal['papers']): string[] {
  if (lead.kind !== 'hues') return [];
  const own = layout.slots.filter(({ isByHue }) => isByHue).flatMap(({ id }) => papers[id] ?? []);
  return [...new Set(own)].flatMap((id) => faces.find((face) => face.id === id)?.name ?? []);
}

/** What she thinks of the colours that lie together on a page; nothing where nothing is known of them. */
function together(faces: readonly Face[], likedPairs: BustingInput['likedPairs']): Reason[] {
  const known = pairsOf(faces).flatMap((pair) => {
    const score = likedPairs.get(pair);
    return score === undefined ? [] : [{ pair, score }];
  });
  if (known.length === 0) return [];
  const liking = known.reduce((sum, { score }) => sum + score, 0) / known.length;
  return [{ kind: 'together', pairs: known.flatMap(({ pair, score }) => (score > 0 ? [pair] : [])), liking }];
}

interface Reasoned {
  readonly layout: Layout;
  readonly list: Proposal['list'];
  readonly plan: PurposedPlan;
  readonly papers: Proposal['papers'];
  readonly colours: readonly ColourShare[];
}

/** Why a page is proposed. */
export function reasons(
  input: BustingInput,
  leftovers: readonly Leftover[],
  { layout, list, plan, papers, colours }: Reasoned,
): Reason[] {
  const known = new Map(leftovers.map((one) => [one.stock.id, one]));
  const used = plan.sheets.flatMap(({ stock }) => known.get(stock) ?? []);
  const kits = used.flatMap(({ kit }) => kit ?? []).sort((a, b) => a.month.localeCompare(b.month));
  const newest = newestMonth(input.shelf.kits.values());
  const faces = input.faces.filter(({ id }) => Object.values(papers).includes(id));
  const differences = faces.map((face) => affinity(colours, face.colours)).filter(Number.isFinite);
  const whole = used.filter(({ stock }) => stock.fresh);
  const hidden = used.filter(({ isHidden }) => isHidden).length;
  const fresh = whole.filter(({ kit }) => kit !== null && kit.month === newest && !kit.isOpened).length;
  const meant = faces.filter(({ id }) => input.meant.includes(id)).map(({ name }) => name);
  const ends = finished(leftovers, plan);
  const shapes = shapedFor(input.lead, list);
  const hues = inHues(input, layout, papers);
  const { kind } = input.lead;
  return [
    { kind: 'pieces', leftovers: used.length - whole.length - hidden, sheets: whole.length - fresh, fresh },
    ...(hidden > 0 ? [{ kind: 'middles', count: hidden } as const] : []),
    ...(ends.length > 0 ? [{ kind: 'finishes', names: ends } as const] : []),
    ...(shapes > 0 && (kind === 'strips' || kind === 'boxes')
      ? [{ kind: 'shapes', of: kind, count: shapes, there: countOfShape(input.lead, leftovers) } as const]
      : []),
    ...(hues.length > 2 ? [{ kind: 'hues', names: hues } as const] : []),
    ...(kits[0] ? [{ kind: 'oldest', month: kits[0].month, kit: kits[0].name } as const] : []),
    ...(meant.length > 0 ? [{ kind: 'meant', names: meant } as const] : []),
    ...together(faces, input.likedPairs),
    { kind: 'kits', names: [...new Set(kits.map(({ name }) => name))] },
    { kind: 'frees', area: plan.stats.pieceArea + plan.stats.wasteArea },
    ...(differences.length > 0
      ? [{ kind: 'colours', difference: differences.reduce((a, b) => a + b) / differences.length } as const]
      : []),
  ];
}
