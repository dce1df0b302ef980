import styled from 'styled-components';
import type { Candidate, InKit, Role } from '../../../core/kit/gathering';
import { formatSize, type MeasureSystem } from '../../../core/ground/length';
import { vowelsIn } from '../../../core/page/titles';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { StockDrawing } from '../../parts/StockDrawing';
import { amountWords } from '../../ui/amountWords';
import { Button } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { whyWords } from './whyWords';

/** As they lie beside each other, papers first. */
const GROUPS: readonly (readonly [string, readonly Role[]])[] = [
  ['Patterned paper', ['busy', 'quiet']],
  ['Plain grounds', ['ground']],
  ['Cards', ['cards']],
  ['Small things', ['small']],
  ['Letters', ['letters']],
  ['Tape and twine', ['tape']],
];

/** Pixels to an inch, the same for all that has a size. */
const SCALE = 7;

/** What lies in the kit, drawn at one scale, each with where it is from, why it is in, and a way out. */
export function GatheredThings({ things, onOut }: { things: readonly InKit[]; onOut: (key: string) => void }) {
  return (
    <Box aria-label="In the kit" tabIndex={0}>
      {GROUPS.map(([name, roles]) => {
        const own = things.filter(({ thing }) => roles.includes(thing.role));
        return own.length === 0 ? null : (
          <section key={name} aria-label={name}>
            <h3>{name}</h3>
            <ul>
              {own.map((one) => (
                <Thing key={one.thing.key} one={one} act="leave out" onAct={onOut} />
              ))}
            </ul>
          </section>
        );
      })}
    </Box>
  );
}

/** How much there is of it: a size, a count, letters and how many of them are vowels. */
function howMuch({ lot, amounts }: Candidate, size: { w: number; h: number } | null, system: MeasureSystem): string {
  if (size) return formatSize(size, system);
  return lot.measure === 'letters' ? countWords(vowelsIn(amounts), 'vowel') : amountWords(lot, amounts, system);
}

export interface ThingProps {
  one: InKit;
  /** What its button does. */
  act: string;
  onAct: (key: string) => void;
}

/** One thing, drawn, with its button. */
export function Thing({ one, act, onAct }: ThingProps) {
  const { thing } = one;
  const pieces = useBench((b) => b.ledger.pieces);
  const system = useSettings((s) => s.system);
  const piece = 'piece' in thing.part ? (pieces.get(thing.part.piece) ?? null) : null;
  return (
    <li>
      <span>
        <StockDrawing lot={thing.lot} piece={piece} amounts={thing.amounts} scale={SCALE} />
      </span>
      <div>
        <strong>{thing.name}</strong>
        <small>
          {howMuch(thing, piece, system)} · {thing.kit.name}
        </small>
        <small>{whyWords(one)}</small>
        <Button look="quiet" aria-label={`${act}: ${thing.name}`} onPress={() => onAct(thing.key)}>
          {act}
        </Button>
      </div>
    </li>
  );
}

export const thingList = `
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 12px 16px;
  align-items: flex-end;
  li {
    width: 168px;
    line-height: 1.25;
  }
  li > span {
    display: block;
    max-height: 92px;
    overflow: hidden;
    padding-bottom: 4px;
  }
  strong,
  small {
    display: block;
    overflow-wrap: anywhere;
  }
  small {
    font-size: 13.5px;
  }
`;

/** The kit lies in a shallow box. */
const Box = styled.div`
  background: ${({ theme }) => theme.wood};
  border: 7px solid ${({ theme }) => theme.woodDeep};
  border-radius: 3px;
  padding: 12px 16px 16px;
  box-shadow: inset 0 4px 10px ${({ theme }) => theme.shade};
  h3 {
    font-size: 15px;
    color: ${({ theme }) => theme.woodInk};
    margin: 10px 0 6px;
  }
  section:first-child h3 {
    margin-top: 0;
  }
  ul {
    ${thingList}
  }
`;
