import type { PieceState } from '../../../core/stock/ledger';
import type { Lot } from '../../../core/stock/things';
import { type Bench } from '../../../core/stock/bench';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import { kitWords } from '../../ui/dayWords';
import type { Label } from './labelsPdf';
import { type ChosenThings } from '../../../core/acts';
import { heldIn } from '../../../core/ground/heldIn';
import { countWords } from '../../words/countWords';

type Known = Pick<Bench, 'ledger' | 'lots' | 'kits'>;

/** What a bag with these things is labelled with: how much paper, what else, from which kits. */
export function labelOf(
  title: string,
  { pieces, lots }: ChosenThings,
  { ledger, lots: all, kits }: Known,
  system: MeasureSystem,
): Label {
  const papers = pieces
    .map((id) => ledger.pieces.get(id))
    .filter((piece): piece is PieceState => piece !== undefined)
    .sort((a, b) => b.solid - a.solid);
  const things = [...new Set([...papers.map(({ lot }) => lot), ...lots])]
    .map((id) => all.get(id))
    .filter((lot): lot is Lot => lot !== undefined);
  const from = [...new Set(things.map(({ kit }) => kit))]
    .map((id) => kits.get(id))
    .filter((kit) => kit !== undefined)
    .sort((a, b) => a.month.localeCompare(b.month));
  const others = things.filter(({ measure }) => measure !== 'sheets').map(({ name }) => name);
  return {
    title,
    lines: [
      ...(papers.length > 0
        ? [
            `${countWords(papers.length, 'piece')} of paper, ${formatArea(
              papers.reduce((sum, { solid }) => sum + solid, 0),
              system,
            )}`,
          ]
        : []),
      ...(others.length > 0 ? [others.join(', ')] : []),
      ...(from.length > 0 ? [from.map(kitWords).join('; ')] : []),
    ],
    // One of each size tells more than three of the largest.
    pieces: papers
      .filter(({ w, h }, i) => papers.findIndex((other) => other.w === w && other.h === h) === i)
      .map(({ w, h, missing }) => ({ w, h, missing })),
  };
}

/** A label for each place that things are kept in, in the places' order. */
export function labelsOfPlaces(bench: Known, system: MeasureSystem): Label[] {
  const places = [...new Set([...bench.ledger.lots.values()].map(({ place }) => place))]
    .filter((place) => place !== '')
    .sort();
  return places
    .map((place) => {
      const here = new Set([...bench.ledger.lots.values()].filter((lot) => lot.place === place).map(({ lot }) => lot));
      const pieces = [...bench.ledger.pieces.values()]
        .filter(({ where, lot }) => where === 'here' && here.has(lot))
        .map(({ id }) => id);
      const lots = [...here].filter((lot) => Object.keys(heldIn(bench.ledger.lots, lot).here).length > 0);
      return labelOf(place, { pieces, lots }, bench, system);
    })
    .filter(({ lines }) => lines.length > 0);
}
