import { useState, type KeyboardEvent } from 'react';
import { Checkbox } from 'react-aria-components';
import styled from 'styled-components';
import type { AlreadyOwned } from '../../../core/finding';
import { amountsOf, type ListItem } from '../../../core/listing';
import type { MeasureSystem } from '../../../core/length';
import type { Face, Lot } from '../../../core/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { amountWords, shareWords } from '../../ui/amountWords';
import { lotWords } from '../../ui/lotWords';
import { ThingDrawing } from '../../ui/ThingDrawing';
import { boxAct } from './boxAct';
import { InsteadOf } from './InsteadOf';
import { NotRight } from './NotRight';
import { ownedWords } from './ownedWords';
import { SmallButton } from './SmallButton';

export interface BoxLineProps {
  item: ListItem;
  lot: Lot;
  faces: readonly Face[];
  /** What she has of the same kind, size and colour; null: nothing. */
  owned: AlreadyOwned | null;
  /** How many are here; null: not looked at. */
  here: number | null;
  /** Of those that are here. */
  damaged: number;
  onHere: (n: number) => void;
  onDamaged: (n: number) => void;
  /** Something else came in its place: its line is put below, and this one is owed. */
  onInstead: (text: string) => void;
}

const focusNext = (from: HTMLElement, step: 1 | -1): void => {
  const all = [...from.closest('ul')!.querySelectorAll<HTMLElement>('li input[type="checkbox"]')];
  all[all.indexOf(from.closest('li')!.querySelector('input')!) + step]?.focus();
};

/** How much of it is here, beside its tick. */
function tickWords(item: ListItem, here: number | null, system: MeasureSystem): string {
  if (item.letters) return `${Object.values(item.letters).reduce((sum, n) => sum + n, 0)} letters`;
  return item.measure === 'length' ? amountWords(item, amountsOf(item, 1), system) : `${here ?? 0} of ${item.count}`;
}

/** One thing of the list: its drawing, what it is, and whether it is in the box. For its keys see {@link boxAct}. */
export function BoxLine({ item, lot, faces, owned, here, damaged, onHere, onDamaged, onInstead }: BoxLineProps) {
  const system = useSettings((s) => s.system);
  const [isAsked, setAsked] = useState(false);
  const { count } = item;
  const isCounted = item.measure !== 'length' && item.measure !== 'letters';
  const press = (event: KeyboardEvent): void => {
    const target = event.target as HTMLElement;
    const act = target.closest('form') ? null : boxAct(event.key, { count, here, damaged });
    if (!act || (event.key === '+' && !isCounted)) return;
    event.preventDefault();
    event.stopPropagation();
    if (act.kind === 'here') onHere(act.n);
    if (act.kind === 'damaged') onDamaged(act.n);
    if (act.kind === 'instead') setAsked(true);
    if (act.on !== 0) focusNext(target, act.on);
  };
  const isAll = here !== null && here >= count;
  return (
    <Line onKeyDownCapture={press} $isMissing={here !== null && !isAll}>
      <Drawn>
        <ThingDrawing
          lot={lot}
          colours={faces[0]?.colours.map(({ hex }) => hex) ?? []}
          amounts={amountsOf(item, count)}
          scale={4.2}
        />
      </Drawn>
      <div>
        <strong>{item.name}</strong>
        <small>
          {lotWords({ ...item }, system)}
          {item.designs !== undefined && ` · ${item.designs} designs`}
          {item.level !== undefined && ` · ${shareWords(item.kind, item.level)}`}
          {owned && <Owns> · {ownedWords(owned)}</Owns>}
        </small>
        <Owing>
          {damaged > 0 && (
            <Owed>
              {damaged} damaged, {damaged === 1 ? 'another is' : 'others are'} owed{' '}
              <Button look="quiet" onPress={() => onDamaged(0)}>
                no
              </Button>
            </Owed>
          )}
          {here !== null && here < count && <Owed>{count - here} owed</Owed>}
          {here !== null && here > count && <Owed>{here - count} too many</Owed>}
        </Owing>
      </div>
      <NotRight
        name={item.name}
        isCounted={isCounted}
        onDamaged={() => onDamaged(Math.min(count, damaged + 1))}
        onTooMany={() => onHere(Math.max(count, here ?? 0) + 1)}
        onInstead={() => setAsked(true)}
        onMissing={() => onHere(0)}
      />
      {count > 1 ? (
        <SmallButton aria-label={`One fewer of ${item.name}`} onPress={() => onHere(Math.max(0, (here ?? count) - 1))}>
          −
        </SmallButton>
      ) : (
        <span />
      )}
      <Tick
        isSelected={isAll}
        isIndeterminate={here !== null && here > 0 && !isAll}
        onChange={(isHere) => onHere(isHere ? count : 0)}
        aria-label={`${item.name} is here`}
      >
        <i aria-hidden>{isAll ? '✓' : here ? '–' : ''}</i>
        {tickWords(item, here, system)}
      </Tick>
      {isAsked && (
        <InsteadOf
          name={item.name}
          onDone={(text) => {
            setAsked(false);
            if (text !== null) onInstead(text);
          }}
        />
      )}
    </Line>
  );
}

const Line = styled.li<{ $isMissing: boolean }>`
  display: grid;
  grid-template-columns: 150px 1fr 36px 36px 128px;
  gap: 12px;
  align-items: center;
  min-height: 58px;
  padding: 3px 8px;
  border: 2px solid transparent;
  border-bottom-color: ${({ theme }) => theme.line};
  background: ${({ theme, $isMissing }) => ($isMissing ? theme.paper : 'none')};
  &:focus-within {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.paper};
  }
  @media (max-width: 1150px) {
    grid-template-columns: 92px 1fr 32px 36px 104px;
    gap: 8px;
  }
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
`;
const Drawn = styled.div`
  overflow: hidden;
  max-height: 54px;
`;
const Owns = styled.span`
  color: ${({ theme }) => theme.marigoldInk};
  font-weight: 600;
`;
const Owing = styled.span`
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
  &:not(:empty) {
    padding: 3px 0;
  }
`;
const Owed = styled.span`
  button {
    padding: 0 4px;
    min-height: 0;
  }
  background: ${({ theme }) => theme.marigoldWash};
  color: ${({ theme }) => theme.marigoldInk};
  padding: 3px 10px;
  font-size: 14px;
`;
const Tick = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 10px;
  cursor: pointer;
  min-height: 44px;
  i {
    width: 26px;
    height: 26px;
    border: 2px solid ${({ theme }) => theme.soft};
    border-radius: 4px;
    display: grid;
    place-items: center;
    font-style: normal;
    font-weight: 700;
    color: ${({ theme }) => theme.pond};
    background: ${({ theme }) => theme.sheet};
    flex: none;
  }
  &[data-focus-visible] i {
    outline: 3px solid ${({ theme }) => theme.beet};
  }
`;
