import { formatLength, formatSize, type MeasureSystem } from '../../core/ground/length';
import type { PieceState } from '../../core/stock/ledger';
import { isFreshSheet } from '../../core/trimmer/onHand';
import type { Lot, LotKind, Punch } from '../../core/stock/things';

const KINDS: Record<LotKind, string> = {
  paper: 'patterned paper',
  cardstock: 'cardstock',
  vellum: 'vellum',
  acetate: 'acetate',
  'cut-apart': 'cut-apart sheet',
  card: 'cards',
  stickers: 'stickers',
  alpha: 'alpha',
  washi: 'washi tape',
  ribbon: 'ribbon',
  twine: 'twine',
  ephemera: 'ephemera',
  dots: 'enamel dots',
  embellishment: 'embellishment',
  packaging: 'packaging',
  tool: 'tool',
  medium: 'ink, paint or paste',
};

/** Of a roll its width is its size. */
const ROLLS: readonly LotKind[] = ['washi', 'ribbon', 'twine'];

/** All kinds with the words for them, to choose from. */
export const KIND_CHOICES = Object.entries(KINDS) as [LotKind, string][];

export const kindWords = (kind: LotKind): string => KINDS[kind];

const punchSize = ({ size, height }: Punch, system: MeasureSystem): string =>
  height === undefined ? formatLength(size, system) : formatSize({ w: size, h: height }, system);

/** `12 × 12 · patterned paper · upright`. */
export function lotWords(
  lot: Pick<Lot, 'kind' | 'size' | 'upright' | 'note' | 'height' | 'punch'>,
  system: MeasureSystem,
): string {
  return [
    lot.size
      ? ROLLS.includes(lot.kind)
        ? `${formatLength(lot.size.w, system)} wide`
        : formatSize(lot.size, system)
      : null,
    kindWords(lot.kind),
    lot.height ? `${formatLength(lot.height, system)} high` : null,
    lot.punch
      ? `${lot.punch.shape} of ${punchSize(lot.punch, system)}${lot.punch.reach ? `, reaches ${formatLength(lot.punch.reach, system)}` : ''}`
      : null,
    lot.upright ? 'one way up' : null,
    lot.note || null,
  ]
    .filter((part) => part !== null)
    .join(' · ');
}

/** What a paper was before a plan takes it: a sheet never cut, a card or strip as it came, or what a cut left. */
export const takenWords = (piece: Pick<PieceState, 'from' | 'w' | 'h'>, lot: Pick<Lot, 'isLeftover'>): string =>
  isFreshSheet(piece, lot) ? 'a whole sheet' : piece.from === null && !lot.isLeftover ? 'as it came' : 'a leftover';
