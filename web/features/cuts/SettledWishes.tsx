import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Figures } from '../../ui/PlanFigures';
import type { Wishes } from './usePlan';
import type { PieceName } from '../../parts/pieceName';
import { nth } from '../../../core/ground/nth';

export interface SettledWishesProps {
  wishes: Wishes;
  onWish: (some: (now: Wishes) => Partial<Wishes>) => void;
  nameOf: PieceName;
}

/** Papers not to be cut and strips put together from shorter ones, each to be taken back. */
export function SettledWishes({ wishes: { forbidden, joined }, onWish, nameOf }: SettledWishesProps) {
  const { ledger, lots } = useBench((b) => b);
  return (
    <>
      {forbidden.length > 0 && (
        <section aria-label="Not from these">
          <h2>Not from these</h2>
          <Figures>
            {forbidden.map((id) => (
              <li key={id}>
                <span>{lots.get(ledger.pieces.get(id)?.lot ?? '')?.name}</span>
                <Button
                  look="quiet"
                  onPress={() => onWish((now) => ({ forbidden: now.forbidden.filter((other) => other !== id) }))}
                >
                  allow it again
                </Button>
              </li>
            ))}
          </Figures>
        </section>
      )}
      {joined.length > 0 && (
        <section aria-label="Joined strips">
          <h2>Joined from shorter strips</h2>
          <Figures>
            {joined.map((strip, i) => (
              <li key={i}>
                <span>
                  {nameOf(nth(nth(strip.sheets, 0).pieces, 0))}, {strip.parts.length} parts
                </span>
                <Button
                  look="quiet"
                  onPress={() => onWish((now) => ({ joined: now.joined.filter((other) => other !== strip) }))}
                >
                  not so
                </Button>
              </li>
            ))}
          </Figures>
        </section>
      )}
    </>
  );
}
