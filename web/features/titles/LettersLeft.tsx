import { Button as Press } from 'react-aria-components';
import styled from 'styled-components';
import { formatLength, TICKS_PER_INCH } from '../../../core/ground/length';
import type { Amounts } from '../../../core/stock/ledger';
import { markWorn } from '../../../core/acts';
import type { Letters } from '../../../core/page/titles';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';

const VOWELS = 'AEIOUaeiou';
const inOrder = (a: string, b: string): number =>
  Number(VOWELS.includes(b)) - Number(VOWELS.includes(a)) || a.localeCompare(b);

/** Letters are drawn as high as they are to each other: an inch as 30 pixels, none too small to read. */
const letterSize = (height: number): number => Math.max(15, Math.min(40, (height / TICKS_PER_INCH) * 30));

export interface LettersLeftProps {
  letters: readonly Letters[];
  taken: ReadonlyMap<string, Amounts>;
}

/** The letters left of every set, vowels first; what the title takes is lifted. Pressed, one more of a letter is worn. */
export function LettersLeft({ letters, taken }: LettersLeftProps) {
  const kits = useBench((b) => b.kits);
  const system = useSettings((s) => s.system);
  return (
    <section aria-label="Letters left">
      <h2>Letters left</h2>
      <Soft>vowels first · what the title takes is lifted · press a letter that is worn: it is used last</Soft>
      {letters
        .filter(({ isEndless }) => !isEndless)
        .map(({ id, name, lot, left, worn, height, isMeasured, colour }) => (
          <SetRow key={id}>
            <div>
              <strong>{name}</strong>
              <br />
              <Soft>
                {isMeasured ? `${formatLength(height, system)} high · ` : ''}
                {kits.get(lot?.kit ?? '')?.name ?? ''}
              </Soft>
            </div>
            <Glyphs>
              {Object.keys(left)
                .sort(inOrder)
                .map((glyph) => (
                  <Glyph
                    key={glyph}
                    $isLifted={(taken.get(id)?.[glyph] ?? 0) > 0}
                    $isGone={(left[glyph] ?? 0) === 0}
                    $isWorn={(worn[glyph] ?? 0) > 0}
                  >
                    <Press
                      aria-label={`${glyph}: ${left[glyph] ?? 0} left, ${worn[glyph] ?? 0} worn`}
                      onPress={() => {
                        const next = ((worn[glyph] ?? 0) + 1) % ((left[glyph] ?? 0) + 1);
                        void act(markWorn(id, glyph, next), { isQuiet: true });
                      }}
                    >
                      <b style={{ color: colour, fontSize: letterSize(height) }}>{glyph}</b>
                      <span>
                        {left[glyph] ?? 0}
                        {(worn[glyph] ?? 0) > 0 ? ` · ${worn[glyph]} worn` : ''}
                      </span>
                    </Press>
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
  gap: 4px 6px;
  align-items: flex-end;
`;
const Glyph = styled.li<{ $isLifted: boolean; $isGone: boolean; $isWorn: boolean }>`
  opacity: ${({ $isGone }) => ($isGone ? 0.35 : 1)};
  transform: translateY(${({ $isLifted }) => ($isLifted ? -6 : 0)}px);
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    min-width: 26px;
    padding: 0 2px;
    font: inherit;
    color: inherit;
    background: none;
    border: 0;
    border-radius: 4px;
    cursor: pointer;
  }
  b {
    font: 750 24px/1.15 ${heading};
    -webkit-text-stroke: 3px ${({ theme }) => theme.sheet};
    paint-order: stroke;
    filter: drop-shadow(0 1px 1px rgba(40, 20, 30, ${({ $isLifted }) => ($isLifted ? 0.6 : 0.3)}));
    opacity: ${({ $isWorn }) => ($isWorn ? 0.55 : 1)};
  }
  span {
    font-size: 13px;
    font-variant-numeric: tabular-nums;
    color: ${({ theme }) => theme.soft};
  }
`;
