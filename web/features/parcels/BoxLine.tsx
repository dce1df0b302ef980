import { memo, useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import type { Correction } from '../../../core/stock/things';
import { boxAct } from './boxAct';
import { BoxThing } from './BoxThing';
import { BoxTick } from './BoxTick';
import { InsteadOf } from './InsteadOf';
import { LineDoubts } from './LineDoubts';
import { LineEdit } from './LineEdit';
import { NotRight } from './NotRight';
import type { BoxEntry, DraftActs } from './useDraft';

export interface BoxLineProps {
  entry: BoxEntry;
  /** The line as it came. */
  text: string;
  /** How many are here; null: not looked at. */
  here: number | null;
  /** Of those that are here. */
  damaged: number;
  acts: DraftActs;
  /** Of a half-used kit. */
  isOpened: boolean;
  /** Shows a stretch of a line where it was typed. */
  onShow: (line: number, from: number, to: number) => void;
}

const focusNext = (from: HTMLElement, step: 1 | -1): void => {
  const all = [...from.closest('ul')!.querySelectorAll<HTMLElement>('li input[type="checkbox"]')];
  all[all.indexOf(from.closest('li')!.querySelector('input')!) + step]?.focus();
};

/** Digits pressed one soon after the other are one number. */
const TOGETHER_MS = 1000;

const isCountedOf = ({ item: { measure } }: BoxEntry): boolean => measure !== 'length' && measure !== 'letters';

/** Its keys, see {@link boxAct}. */
function useBoxKeys({ entry, here, damaged, acts }: BoxLineProps, onInstead: () => void, onEdit: () => void) {
  const { key } = entry;
  const { count } = entry.item;
  const typed = useRef({ digits: '', at: 0 });
  return (event: KeyboardEvent): void => {
    const target = event.target as HTMLElement;
    const before = event.timeStamp - typed.current.at < TOGETHER_MS ? typed.current.digits : '';
    const act = target.closest('form') ? null : boxAct(event.key, { count, here, damaged, typed: before });
    if (!act || (event.key === '+' && !isCountedOf(entry)) || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    // What a held key does was done at the first; only the arrows go on.
    if (event.repeat && act.kind !== 'go') return;
    typed.current = /\d/.test(event.key) ? { digits: before + event.key, at: event.timeStamp } : { digits: '', at: 0 };
    if (act.kind === 'here') acts.setHere(key, act.n);
    if (act.kind === 'damaged') acts.setDamaged(entry, act.n);
    if (act.kind === 'instead') onInstead();
    if (act.kind === 'edit') onEdit();
    if (act.on !== 0) focusNext(target, act.on);
  };
}

/** What is in doubt of it. */
function DoubtsOf({
  entry: { item, doubts, key, line },
  acts,
  onShow,
}: Pick<BoxLineProps, 'entry' | 'acts' | 'onShow'>) {
  return (
    <LineDoubts
      name={item.name}
      doubts={doubts}
      onRight={() => acts.correct(key, { kind: item.kind })}
      onWrite={({ from, to, closest = '' }) => acts.write(line, from, to, closest)}
      onShow={({ from, to }) => onShow(line, from, to)}
    />
  );
}

/** One thing of the list: its drawing, what it is, and whether it is in the box. */
export const BoxLine = memo(function BoxLine(props: BoxLineProps) {
  const { entry, text, here, damaged, acts, isOpened, onShow } = props;
  const { item, doubts, key } = entry;
  const { count } = item;
  const [isAsked, setAsked] = useState(false);
  const [isEdited, setEdited] = useState(false);
  const tick = useRef<HTMLLIElement>(null);
  const press = useBoxKeys(
    props,
    () => setAsked(true),
    () => setEdited(true),
  );
  const done = (correction: Correction | null): void => {
    setEdited(false);
    if (correction) acts.correct(key, correction);
    tick.current?.querySelector<HTMLElement>('input[type=checkbox]')?.focus();
  };
  return (
    <Line
      ref={tick}
      onKeyDownCapture={press}
      $isMissing={here !== null && here < count}
      data-doubt={doubts.length > 0 || undefined}
    >
      <BoxThing
        entry={entry}
        text={text}
        here={here}
        damaged={damaged}
        onDamaged={(n) => acts.setDamaged(entry, n)}
        isOpened={isOpened}
      >
        <DoubtsOf entry={entry} acts={acts} onShow={onShow} />
      </BoxThing>
      <NotRight
        name={item.name}
        isCounted={isCountedOf(entry)}
        onDamaged={() => acts.setDamaged(entry, Math.min(count, damaged + 1))}
        onTooMany={() => acts.setHere(key, Math.max(count, here ?? 0) + 1)}
        onInstead={() => setAsked(true)}
        onMissing={() => acts.setHere(key, 0)}
        onEdit={() => setEdited(true)}
      />
      <BoxTick item={item} here={here} onHere={(n) => acts.setHere(key, n)} />
      {isEdited && <LineEdit item={item} onDone={done} />}
      {isAsked && (
        <InsteadOf
          name={item.name}
          onDone={(instead) => {
            setAsked(false);
            if (instead !== null) acts.putInstead(entry, instead);
          }}
        />
      )}
    </Line>
  );
});

const Line = styled.li<{ $isMissing: boolean }>`
  display: grid;
  grid-template-columns: 130px minmax(0, 1fr) 36px 36px 128px;
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
    grid-template-columns: 92px minmax(0, 1fr) 32px 36px 104px;
    gap: 8px;
  }
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
`;
