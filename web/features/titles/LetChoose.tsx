import { useMemo } from 'react';
import styled from 'styled-components';
import type { Letters, Phrase, TitleFound } from '../../../core/page/titles';
import type { PlacedItem } from '../../../core/stock/things';
import { BrokenOff } from '../../ui/BrokenOff';
import { Soft } from '../../ui/Screen';
import { heading } from '../../ui/theme';
import { spelling } from '../../workers/spellingClient';
import { useAnswer } from '../../ui/useAnswer';

const MOST = 14;
const FROM: Record<Phrase['from'], string> = {
  story: 'your story',
  title: 'a title you had',
  thing: 'printed on a thing',
  theme: 'goes with the theme',
};

function foundWords({ from, thing, sets, times }: TitleFound, letters: readonly Letters[]): string {
  const set = letters.find(({ id }) => id === sets[0])?.name;
  const spelt = set === undefined ? 'nothing to spell: lay it' : `${set}${times > 1 ? `, ${times} times over` : ''}`;
  return `${from === 'thing' ? `${FROM.thing}: ${thing ?? ''}` : FROM[from]} · ${spelt}`;
}

export interface LetChooseProps {
  phrases: readonly Phrase[];
  theme: readonly string[];
  letters: readonly Letters[];
  isAnyCase: boolean;
  onChoose: (text: string) => void;
  /** Lays a thing on the page as its title. */
  onLay: (text: string, what: PlacedItem) => void;
}

/** The other way round: what the letters left can spell, from her own words and the theme's. */
export function LetChoose({ phrases, theme, letters, isAnyCase, onChoose, onLay }: LetChooseProps) {
  const ask = useMemo(
    () => () => spelling.ask((api) => api.fromLeft(phrases, theme, letters, isAnyCase)),
    [phrases, theme, letters, isAnyCase],
  );
  const { answer, trouble, again } = useAnswer(ask);
  return (
    <section aria-label="Or let the letters choose">
      <h2>Or let the letters choose</h2>
      <Soft>from the story, your own words, the phrases you have, and the theme</Soft>
      {trouble !== null && <BrokenOff what="The search for words" why={trouble} onAgain={again} />}
      {answer?.length === 0 && <p>Nothing of these can be spelt from one set.</p>}
      <ul>
        {answer?.slice(0, MOST).map((found) => (
          <li key={`${found.from} ${found.text}`}>
            <Pick
              type="button"
              onClick={() => {
                if (found.what && found.sets.length === 0) onLay(found.text, found.what);
                else onChoose(found.text);
              }}
            >
              <b>{found.text}</b>
              <span>{foundWords(found, letters)}</span>
            </Pick>
          </li>
        ))}
      </ul>
    </section>
  );
}

const Pick = styled.button`
  width: 100%;
  display: flex;
  flex-direction: column;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  padding: 6px 2px;
  cursor: pointer;
  b {
    font: 700 18px/1.2 ${heading};
    color: ${({ theme }) => theme.beetInk};
  }
  span {
    font-size: 15px;
    color: ${({ theme }) => theme.soft};
  }
`;
