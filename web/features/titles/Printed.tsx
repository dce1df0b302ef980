import type { PrintedPart } from '../../../core/page/titles';
import { WayList, WayPick } from './WayList';

export interface PrintedProps {
  parts: readonly PrintedPart[];
  chosen: PrintedPart | null;
  onChoose: (part: PrintedPart | null) => void;
}

const takes = ({ rest, isCutShort }: PrintedPart): string =>
  rest === '' ? (isCutShort ? 'cut short, or the rest of it covered' : 'nothing to spell') : `and “${rest}” in letters`;

/** Things that have the title, or part of it, printed on them. */
export function Printed({ parts, chosen, onChoose }: PrintedProps) {
  if (parts.length === 0) return null;
  return (
    <section aria-label="Printed already">
      <h2>Printed already</h2>
      <WayList>
        {parts.map((part) => {
          const isChosen = chosen?.what.lot === part.what.lot && chosen.what.part === part.what.part;
          return (
            <li key={`${part.what.lot}/${part.what.part}`}>
              <WayPick type="button" aria-pressed={isChosen} onClick={() => onChoose(isChosen ? null : part)}>
                <b>{part.thing}</b> <span>{takes(part)}</span>
              </WayPick>
            </li>
          );
        })}
      </WayList>
    </section>
  );
}
