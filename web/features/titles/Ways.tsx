import type { Letters, WayToSpell } from '../../../core/page/titles';
import { wayWords } from './titleWords';
import { WayList, WayPick } from './WayList';

interface WaysProps {
  ways: readonly WayToSpell[];
  letters: readonly Letters[];
  chosen: string | null;
  onChoose: (key: string) => void;
}

/** Each way to spell it with what it needs, the best first. */
export function Ways({ ways, letters, chosen, onChoose }: WaysProps) {
  if (ways.length === 0) return null;
  return (
    <section aria-label="From which letters">
      <h2>From which letters</h2>
      <WayList>
        {ways.map((way) => {
          const { name, comes } = wayWords(way, letters);
          return (
            <li key={way.key}>
              <WayPick
                type="button"
                aria-pressed={way.key === chosen}
                disabled={!way.title.spelt}
                onClick={() => onChoose(way.key)}
              >
                <b>{name}</b> <span>{comes}</span>
              </WayPick>
            </li>
          );
        })}
      </WayList>
    </section>
  );
}
