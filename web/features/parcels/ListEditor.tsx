import {
  memo,
  useImperativeHandle,
  useLayoutEffect,
  useMemo,
  useRef,
  useState,
  type ClipboardEvent,
  type KeyboardEvent,
  type Ref,
  type RefObject,
} from 'react';
import styled from 'styled-components';
import {
  linesOfTable,
  suggestWords,
  wordBefore,
  type Doubt,
  type Entry,
  type ReadLine,
} from '../../../core/stock/listing';
import { useBench } from '../../data/benchStore';
import { Key } from '../../ui/Button';
import { countWords } from '../../words/countWords';
import { Row } from '../../ui/Screen';
import { mono } from '../../ui/theme';
import { ListFile } from './ListFile';
import { ListHelp } from './ListHelp';
import { nth } from '../../../core/ground/nth';

export interface ListEditorHandle {
  /** Puts the caret on a stretch of a line. */
  show: (line: number, from: number, to: number) => void;
}

export interface ListEditorProps {
  ref: Ref<ListEditorHandle>;
  value: string;
  lines: readonly ReadLine[];
  entries: readonly Entry[];
  onChange: (text: string) => void;
  /** The name that a file of it gets. */
  name: string;
}

/** Of a line being typed, pixels. */
const LINE_HEIGHT = 26;

const HELP = [
  '2 x 12x12 moths / lamplight, ink + amber, upright',
  '1 x 6x12 sticker sheet',
  'alpha puffy: A3 E4 N2',
  'washi 10 yd, lamp',
  'ephemera 32, moths and jars',
  '# a line that is left out',
];

/** Words that may be meant where she types, and cells of a spreadsheet that become lines. */
function useTyping(value: string, onChange: (text: string) => void) {
  const typing = useRef<HTMLTextAreaElement>(null);
  const faces = useBench((b) => b.faces);
  const own = useMemo(() => [...new Set([...faces.values()].flatMap((face) => face.name.split(' ')))], [faces]);
  // Where she types; null: nowhere, or she has put the words that are offered aside.
  const [caret, setCaret] = useState<number | null>(null);
  const begun = caret === null ? '' : wordBefore(value, caret);
  const offered = useMemo(() => suggestWords(begun, own), [begun, own]);
  const take = (word: string): void => {
    if (caret === null) return;
    const at = caret;
    onChange(`${value.slice(0, at - begun.length)}${word}${value.slice(at)}`);
    setCaret(null);
    requestAnimationFrame(() => {
      typing.current?.focus();
      typing.current?.setSelectionRange(at - begun.length + word.length, at - begun.length + word.length);
    });
  };
  const press = (event: KeyboardEvent): void => {
    if (offered.length === 0) return;
    if (event.key === 'Tab' && !event.shiftKey) {
      event.preventDefault();
      take(nth(offered, 0));
    }
    if (event.key === 'Escape') setCaret(null);
  };
  /** Cells of a spreadsheet become lines where the caret is. */
  const paste = (event: ClipboardEvent<HTMLTextAreaElement>): void => {
    const table = linesOfTable(event.clipboardData.getData('text/plain'));
    if (table === null) return;
    event.preventDefault();
    const { selectionStart, selectionEnd } = event.currentTarget;
    onChange(value.slice(0, selectionStart) + table + value.slice(selectionEnd));
  };
  return { typing, setCaret, offered, take, press, paste };
}

/** What is drawn under the lines being typed is scrolled as they are. */
function useUnder(typing: RefObject<HTMLTextAreaElement | null>) {
  const under = useRef<HTMLDivElement>(null);
  const follow = (): void => {
    const { scrollTop: top, scrollLeft: left } = typing.current ?? { scrollTop: 0, scrollLeft: 0 };
    under.current?.scrollTo({ top, left });
  };
  // What is pasted is scrolled to its end before it is read.
  useLayoutEffect(follow);
  return { under, follow };
}

function WordsOffered({ words, onTake }: { words: readonly string[]; onTake: (word: string) => void }) {
  return (
    <Offered aria-label="Words that may be meant" role="group">
      {words.map((word, i) => (
        <button key={word} type="button" tabIndex={-1} onClick={() => onTake(word)}>
          {word}
          {i === 0 && <Key aria-hidden>Tab</Key>}
        </button>
      ))}
    </Offered>
  );
}

/** The packing list on its slip; what is in doubt is underlined where it stands. */
export function ListEditor({ ref, value, lines, entries, onChange, name }: ListEditorProps) {
  const { typing, setCaret, offered, take, press, paste } = useTyping(value, onChange);
  const { under, follow } = useUnder(typing);
  useImperativeHandle(ref, () => ({
    show: (line, from, to) => {
      const start = value.split('\n').slice(0, line).join('\n').length + (line > 0 ? 1 : 0);
      typing.current?.focus();
      typing.current?.setSelectionRange(start + from, start + to);
      if (typing.current) typing.current.scrollTop = Math.max(0, (line - 3) * LINE_HEIGHT);
    },
  }));
  const doubts = useMemo(
    () => new Map(entries.map(({ line, doubts: own }) => [line, own.find(({ from, to }) => to > from)])),
    [entries],
  );
  const append = (more: string): void => onChange(value.trim() === '' ? more : `${value.replace(/\n*$/, '')}\n${more}`);
  const told = lines.filter(({ read }) => read !== 'nothing').length;
  return (
    <Sheet>
      <label htmlFor="packing-list">The list, as it came or as you type it</label>
      <Typing>
        <Under ref={under} aria-hidden>
          {lines.map((line, i) => (
            <Marked key={i} text={line.text} doubt={doubts.get(i)} />
          ))}
        </Under>
        <textarea
          id="packing-list"
          value={value}
          spellCheck={false}
          wrap="off"
          placeholder={HELP.join('\n')}
          ref={typing}
          onChange={(event) => {
            onChange(event.target.value);
            setCaret(event.target.selectionEnd);
          }}
          onKeyDown={press}
          onPaste={paste}
          onBlur={() => setTimeout(() => setCaret(null), 200)}
          onScroll={follow}
        />
      </Typing>
      <WordsOffered words={offered} onTake={take} />
      <Row $gap={14}>
        <ListHelp onTake={append} />
        <ListFile name={name} items={entries.map(({ item }) => item)} onRead={append} />
      </Row>
      <small>
        {told === 0
          ? 'Count, size, name / back, colours, upright: one thing a line.'
          : `${countWords(told, 'line')}, ${countWords(entries.length, 'thing')}`}
      </small>
    </Sheet>
  );
}

/** A line in which the first stretch in doubt is underlined. */
const Marked = memo(function Marked({ text, doubt }: { text: string; doubt: Doubt | undefined }) {
  return (
    <div>
      {doubt ? text.slice(0, doubt.from) : text}
      {doubt && <mark>{text.slice(doubt.from, doubt.to)}</mark>}
      {doubt && text.slice(doubt.to)}
      {'\n'}
    </div>
  );
});

const Sheet = styled.div`
  background: ${({ theme }) => theme.sheet};
  border: 1.5px solid ${({ theme }) => theme.line};
  padding: 12px 14px 14px;
  display: flex;
  flex-direction: column;
  gap: 8px;
  flex: 1;
  min-height: 400px;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  clip-path: polygon(
    0 0,
    100% 0,
    100% calc(100% - 6px),
    95% 100%,
    90% calc(100% - 6px),
    85% 100%,
    80% calc(100% - 6px),
    75% 100%,
    70% calc(100% - 6px),
    65% 100%,
    60% calc(100% - 6px),
    55% 100%,
    50% calc(100% - 6px),
    45% 100%,
    40% calc(100% - 6px),
    35% 100%,
    30% calc(100% - 6px),
    25% 100%,
    20% calc(100% - 6px),
    15% 100%,
    10% calc(100% - 6px),
    5% 100%,
    0 calc(100% - 6px)
  );
  label,
  small {
    font-size: 14px;
    color: ${({ theme }) => theme.soft};
  }
`;
const Typing = styled.div`
  position: relative;
  flex: 1;
  min-height: 220px;
  > * {
    position: absolute;
    inset: 0;
    font: 400 14px/26px ${mono};
    letter-spacing: 0;
    padding: 0 2px;
    margin: 0;
    white-space: pre;
    overflow: auto;
  }
  textarea {
    width: 100%;
    height: 100%;
    border: 0;
    background: none;
    resize: none;
    color: ${({ theme }) => theme.ink};
  }
  textarea:focus-visible {
    outline-offset: 4px;
  }
  textarea::placeholder {
    color: ${({ theme }) => theme.soft};
    opacity: 1;
  }
`;
const Offered = styled.div`
  display: flex;
  gap: 6px;
  flex-wrap: wrap;
  min-height: 28px;
  button {
    font: 400 14px/1 ${mono};
    padding: 5px 9px;
    border: 1px solid ${({ theme }) => theme.soft};
    border-radius: 14px;
    background: ${({ theme }) => theme.paper};
    color: inherit;
    cursor: pointer;
    display: inline-flex;
    gap: 8px;
    align-items: center;
  }
`;
const Under = styled.div`
  color: transparent;
  overflow: hidden !important;
  pointer-events: none;
  /* It goes as far as what is typed, whose bars take room. */
  && {
    padding-bottom: 30px;
  }
  > div {
    height: 26px;
    width: max-content;
    padding-right: 30px;
  }
  mark {
    background: none;
    color: transparent;
    text-decoration: underline wavy ${({ theme }) => theme.marigoldInk} 2px;
    text-underline-offset: 4px;
    text-decoration-skip-ink: none;
  }
`;
