import { formatArea, formatSize, type MeasureSystem } from '../../../core/ground/length';
import { borrowedFor, pageRecord, piecesOn, type KitOnPage } from '../../../core/acts';
import { type Bench } from '../../../core/stock/bench';
import type { Page } from '../../../core/stock/things';
import { rollWords } from '../../ui/amountWords';
import { countWords } from '../../words/countWords';

/** What of one kit is on a page, a line for each kind of thing. */
export const kitLines = ({ things, papers, rolls, letters }: KitOnPage, system: MeasureSystem): string[] =>
  [
    things.map(({ name, count }) => `${count} × ${name}`),
    papers.map(({ name, area }) => `${name} ${formatArea(area, system)}`),
    rolls.map(({ name, length }) => `${name} ${rollWords(length, system)}`),
    letters > 0 ? [countWords(letters, 'letter')] : [],
  ].flatMap((list) => (list.length > 0 ? [list.join(', ')] : []));

/** A part of a page's record: its heading and its lines. */
export interface RecordPart {
  readonly name: string;
  readonly lines: readonly string[];
}

/** All that a page's record says, part by part: by kit, its pieces, what was borrowed, what she noted. */
export function recordParts(page: Page, bench: Bench, system: MeasureSystem): readonly RecordPart[] {
  const parts: RecordPart[] = [
    ...pageRecord(page.id, bench).map((one) => ({ name: one.kit.name, lines: kitLines(one, system) })),
    {
      name: 'Cut for it',
      lines: piecesOn(page, bench).map(
        ({ name, paper, count, ...size }) =>
          `${count} × ${formatSize(size, system)}  ${[name, paper].filter(Boolean).join(', ')}`,
      ),
    },
    { name: 'Borrowed and given back', lines: borrowedFor(page.id, bench).map(({ name }) => name) },
    { name: 'Noted', lines: (page.notes ?? []).map(({ day, words }) => `${day}  ${words}`) },
  ];
  return parts.filter(({ lines }) => lines.length > 0);
}
