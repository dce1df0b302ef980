import styled from 'styled-components';
import { formatLength } from '../../../core/length';
import type { Amounts } from '../../../core/ledger';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import type { Letters } from './sets';

const VOWELS = 'AEIOUaeiou';
const inOrder = (a: string, b: string): number =>
  Number(VOWELS.includes(b)) - Number(VOWELS.includes(a)) || a.localeCompare(b);

/** The letters left of every set, vowels first; what the title takes is lifted. */
export function LettersLeft({ sets, taken }: { sets: readonly Letters[]; taken: ReadonlyMap<string, Amounts> }) {
  const kits = useBench((b) => b.kits);
  const system = useSettings((s) => s.system);
  return (
    <section aria-label="Letters left">
      <h2>Letters left</h2>
      <Soft>vowels first · what the title takes is lifted</Soft>
      {sets.map(({ lot, left, height, isMeasured, colour }) => (
        <SetRow key={lot.id}>
          <div>
            <strong>{lot.name}</strong>
            <br />
            <Soft>
              {isMeasured ? `${formatLength(height, system)} high · ` : ''}
              {kits.get(lot.kit)?.name ?? ''}
            </Soft>
          </div>
          <Glyphs>
            {Object.keys(left)
              .sort(inOrder)
              .map((glyph) => (
                <Glyph key={glyph} $isLifted={(taken.get(lot.id)?.[glyph] ?? 0) > 0} $isGone={(left[glyph] ?? 0) === 0}>
                  <b style={{ color: colour }}>{glyph}</b>
                  <span>{left[glyph] ?? 0}</span>
                </Glyph>
              ))}
          </Glyphs>
        </SetRow>
      ))}
    </section>
  );
}

const SetRow = styled.div`
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 10px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid ${({ theme }) => theme.line};
`;
const Glyphs = styled.ul`
  list-style: none;
  margin: 0;
  padding: 6px 0 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
`;
const Glyph = styled.li<{ $isLifted: boolean; $isGone: boolean }>`
  display: flex;
  flex-direction: column;
  align-items: center;
  min-width: 20px;
  opacity: ${({ $isGone }) => ($isGone ? 0.35 : 1)};
  transform: translateY(${({ $isLifted }) => ($isLifted ? -6 : 0)}px);
  b {
    font: 750 24px/1.1 ${heading};
    -webkit-text-stroke: 3px ${({ theme }) => theme.sheet};
    paint-order: stroke;
    filter: drop-shadow(0 1px 1px rgba(40, 20, 30, ${({ $isLifted }) => ($isLifted ? 0.6 : 0.3)}));
  }
  span {
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    color: ${({ theme }) => theme.soft};
  }
`;
