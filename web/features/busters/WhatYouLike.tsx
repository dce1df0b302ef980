import { useMemo } from 'react';
import styled from 'styled-components';
import type { Family } from '../../../core/ground/colour';
import { formatArea, type MeasureSystem } from '../../../core/ground/length';
import { scoreOf, tasteKey, tastesOf, type Said, type Taste, type TasteKind } from '../../../core/kit/taste';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { today } from '../../data/today';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';
import { FAMILY_NAMES } from '../../ui/familyNames';
import { Empty, Soft, Stack } from '../../ui/Screen';
import { pairWords } from './reasonWords';

const BY_PAGES = 'by-pages';
type Answer = typeof BY_PAGES | Said[string];
const ANSWERS: readonly (readonly [Answer, string])[] = [
  [BY_PAGES, 'by what I make'],
  ['like', 'I like it'],
  ['dislike', 'I do not like it'],
  ['neither', 'neither'],
];
/** Nearer to nothing than this, it is not told. */
const LEAST = 0.12;

const KINDS: readonly TasteKind[] = ['family', 'pattern', 'kit', 'pair'];
const MOST_PAIRS = 6;

function nameOf({ kind, value }: Taste, kits: ReadonlyMap<string, { readonly name: string }>): string {
  if (kind === 'pattern') return `Pattern: ${value}`;
  if (kind === 'family') return `Colour: ${FAMILY_NAMES[value as Family] ?? value}`;
  if (kind === 'kit') return `Kit: ${kits.get(value)?.name ?? value}`;
  return `Together: ${pairWords(value)}`;
}

const figures = ({ kind, used, left }: Taste, system: MeasureSystem): string =>
  kind === 'pair'
    ? `on ${countWords(used, 'page')}`
    : `${formatArea(used, system)} on pages, ${formatArea(left, system)} not`;

/** What her pages say of her likes and dislikes; hers to put right. Busters choose papers by it, a little. */
export function WhatYouLike() {
  const bench = useBench((b) => b);
  const { tastes: said, system, change } = useSettings();
  const tastes = useMemo(() => tastesOf(bench, today().slice(0, 7)), [bench]);
  const isTold = (taste: Taste): boolean => Math.abs(taste.score) >= LEAST || Object.hasOwn(said, tasteKey(taste));
  // The surest first within each kind; of pairs a few.
  const told = KINDS.flatMap((kind) => {
    const own = tastes.filter((taste) => taste.kind === kind && isTold(taste));
    return kind === 'pair' ? own.slice(0, MOST_PAIRS) : own;
  });
  const answer = (taste: Taste, to: Answer): void => {
    const { [tasteKey(taste)]: _, ...others } = said;
    change({ tastes: to === BY_PAGES ? others : { ...others, [tasteKey(taste)]: to } });
  };
  if (told.length === 0)
    return (
      <Empty>
        <h2>Nothing is known yet</h2>
        <p>When some papers have gone on pages and others have not, it is told here which, and you can put it right.</p>
      </Empty>
    );
  return (
    <Stack $gap={10}>
      <Soft>
        Only from which papers went on pages, and which had their time and did not. Pages out of leftovers take what you
        like a little sooner.
      </Soft>
      <List>
        {told.map((taste) => {
          const score = scoreOf(taste, said);
          return (
            <li key={tasteKey(taste)}>
              <Choice<Answer>
                label={nameOf(taste, bench.kits)}
                options={ANSWERS}
                value={said[tasteKey(taste)] ?? BY_PAGES}
                onChange={(to) => answer(taste, to)}
              />
              <Scale aria-label={score > 0 ? 'liked' : score < 0 ? 'not liked' : 'neither'} role="img">
                <i data-less={score < 0 || undefined} style={{ width: `${Math.abs(score) * 50}%` }} />
              </Scale>
              <Soft>{figures(taste, system)}</Soft>
            </li>
          );
        })}
      </List>
    </Stack>
  );
}

const List = styled.ul`
  max-width: 820px;
  li {
    display: grid;
    grid-template-columns: 280px 160px 1fr;
    gap: 16px;
    align-items: end;
    padding: 6px 2px 10px;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
/** From what is not liked on the left to what is on the right. */
const Scale = styled.div`
  position: relative;
  height: 12px;
  border-left: 1px solid ${({ theme }) => theme.line};
  border-right: 1px solid ${({ theme }) => theme.line};
  background: linear-gradient(
    90deg,
    transparent calc(50% - 1px),
    ${({ theme }) => theme.ink} calc(50% - 1px) calc(50% + 1px),
    transparent calc(50% + 1px)
  );
  i {
    position: absolute;
    top: 2px;
    bottom: 2px;
    left: 50%;
    background: ${({ theme }) => theme.pond};
  }
  i[data-less] {
    left: auto;
    right: 50%;
    background: ${({ theme }) => theme.brick};
  }
`;
