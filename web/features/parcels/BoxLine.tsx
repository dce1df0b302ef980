import { useRef, type KeyboardEvent } from 'react';
import { Button as AriaButton, Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import type { ReadLine } from '../../../core/listing';
import type { Amounts } from '../../../core/ledger';
import type { Face, Lot } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { amountWords } from '../../ui/amountWords';
import { lotWords } from '../../ui/lotWords';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { problemWords } from './problemWords';

export interface BoxLineProps {
  line: Exclude<ReadLine, { status: 'blank' }>;
  lot: Lot | null;
  faces: readonly Face[];
  /** How many are here; null: not looked at. */
  here: number | null;
  onHere: (n: number) => void;
  /** Puts another text in the line's place. */
  onReplace: (text: string) => void;
}

const focusNext = (from: HTMLElement, step: 1 | -1): void => {
  const all = [...from.closest('ul')!.querySelectorAll<HTMLElement>('li input[type="checkbox"]')];
  all[all.indexOf(from.closest('li')!.querySelector('input')!) + step]?.focus();
};

/** One thing of the list: its drawing, what it is, and whether it is in the box. Keys: Space, digits, arrows. */
export function BoxLine({ line, lot, faces, here, onHere, onReplace }: BoxLineProps) {
  const system = useSettings((s) => s.system);
  const row = useRef<HTMLLIElement>(null);
  if (line.status === 'not-read') {
    const { problem, text } = line;
    const meant = problem.closest === null ? null : text.slice(0, problem.from) + problem.closest + text.slice(problem.to);
    return (
      <Wrong>
        <code>{text.trim()}</code>
        <span>{problemWords(problem)}</span>
        {meant !== null && <Button look="quiet" onPress={() => onReplace(meant)}>Write {problem.closest}</Button>}
        <Button look="quiet" onPress={() => onReplace(`# ${text}`)}>Leave it out</Button>
      </Wrong>
    );
  }
  const { item } = line;
  const amounts: Amounts = item.letters ?? { '': item.length ?? item.count };
  const press = (event: KeyboardEvent): void => {
    const digit = /^\d$/.test(event.key) ? Math.min(item.count, Number(event.key)) : null;
    if (event.key === ' ') onHere(item.count);
    else if (digit !== null) onHere(digit);
    else if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    event.stopPropagation();
    focusNext(event.target as HTMLElement, event.key === 'ArrowUp' ? -1 : 1);
  };
  const told = item.count > 1 ? `${here ?? 0} of ${item.count}` : item.measure === 'sheets' || item.measure === 'count' ? `${here ?? 0} of 1` : amountWords({ measure: item.measure }, amounts, system);
  return (
    <Line ref={row} onKeyDownCapture={press} $isMissing={here !== null && here < item.count}>
      <Drawn><ThingDrawing lot={lot!} colours={faces[0]?.colours.map(({ hex }) => hex) ?? []} amounts={amounts} scale={4.2} /></Drawn>
      <div><strong>{item.name}</strong><small>{lotWords({ ...item }, system)}</small></div>
      {here !== null && here < item.count && <Owed>{item.count - here} owed</Owed>}
      {item.count > 1 && <Fewer aria-label={`One fewer of ${item.name}`} onPress={() => onHere(Math.max(0, (here ?? item.count) - 1))}>−</Fewer>}
      <Tick isSelected={here === item.count} isIndeterminate={here !== null && here > 0 && here < item.count} onChange={(isHere) => onHere(isHere ? item.count : 0)} aria-label={`${item.name} is here`}>
        <i aria-hidden>{here === item.count ? '✓' : here ? '–' : ''}</i>{told}
      </Tick>
    </Line>
  );
}

const Line = styled.li<{ $isMissing: boolean }>`
  display: grid; grid-template-columns: 150px 1fr auto auto 128px; gap: 12px; align-items: center; min-height: 58px; padding: 3px 8px; border: 2px solid transparent; border-bottom-color: ${({ theme }) => theme.line};
  background: ${({ theme, $isMissing }) => ($isMissing ? theme.paper : 'none')};
  &:focus-within { border-color: ${({ theme }) => theme.beet}; background: ${({ theme }) => theme.paper}; }
  small { display: block; color: ${({ theme }) => theme.soft}; font-size: 14px; }
`;
const Drawn = styled.div`overflow: hidden; max-height: 54px;`;
const Owed = styled.span`background: ${({ theme }) => theme.marigoldWash}; color: ${({ theme }) => theme.marigoldInk}; padding: 3px 10px; font-size: 14px;`;
const Fewer = styled(AriaButton)`
  width: 36px; height: 36px; border-radius: 50%; border: 1.5px solid ${({ theme }) => theme.soft}; background: none; color: inherit; font-size: 18px; cursor: pointer;
`;
const Tick = styled(Checkbox)`
  display: flex; align-items: center; gap: 10px; cursor: pointer; min-height: 44px; grid-column: 5;
  i { width: 26px; height: 26px; border: 2px solid ${({ theme }) => theme.soft}; border-radius: 4px; display: grid; place-items: center; font-style: normal; font-weight: 700; color: ${({ theme }) => theme.pond}; background: ${({ theme }) => theme.sheet}; flex: none; }
  &[data-focus-visible] i { outline: 3px solid ${({ theme }) => theme.beet}; }
`;
const Wrong = styled.li`
  display: flex; flex-wrap: wrap; gap: 4px 12px; align-items: center; padding: 8px; border-left: 6px solid ${({ theme }) => theme.brick}; background: ${({ theme }) => theme.brickWash}; color: ${({ theme }) => theme.brick};
  code { font-weight: 600; } span { flex-basis: 100%; font-size: 15px; }
`;
