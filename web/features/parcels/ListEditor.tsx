import { useMemo, useRef, useState, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import { suggestWords, wordBefore, type ReadLine } from '../../../core/listing';
import { useBench } from '../../data/benchStore';
import { Key } from '../../ui/Button';
import { Row } from '../../ui/Screen';
import { mono } from '../../ui/theme';
import { ListFile } from './ListFile';
import { ListHelp } from './ListHelp';

export interface ListEditorProps {
  value: string;
  lines: readonly ReadLine[];
  onChange: (text: string) => void;
  /** The name that a file of it gets. */
  name: string;
}

const HELP = [
  '2 x 12x12 moths / lamplight, ink + amber, upright',
  '1 x 6x12 sticker sheet',
  'alpha puffy: A3 E4 N2',
  'washi 10 yd, lamp',
  'ephemera 32, moths and jars',
  '# a line that is left out',
];

/** The packing list on its slip; what is not understood is underlined where it stands. */
export function ListEditor({ value, lines, onChange, name }: ListEditorProps) {
  const under = useRef<HTMLDivElement>(null);
  const typing = useRef<HTMLTextAreaElement>(null);
  const faces = useBench((b) => b.faces);
  const own = useMemo(() => [...new Set([...faces.values()].flatMap((face) => face.name.split(' ')))], [faces]);
  // Where she types; null: nowhere, or she has put the words that are offered aside.
  const [caret, setCaret] = useState<number | null>(null);
  const begun = caret === null ? '' : wordBefore(value, caret);
  const offered = useMemo(() => suggestWords(begun, own), [begun, own]);
  const take = (word: string): void => {
    const at = caret!;
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
      take(offered[0]!);
    }
    if (event.key === 'Escape') setCaret(null);
  };
  const append = (more: string): void => onChange(value.trim() === '' ? more : `${value.replace(/\n*$/, '')}\n${more}`);
  const understood = lines.filter(({ status }) => status === 'read').length;
  const told = lines.filter(({ status }) => status !== 'blank').length;
  return (
    <Sheet>
      <label htmlFor="packing-list">The list, as it came or as you type it</label>
      <Typing>
        <Under ref={under} aria-hidden>
          {lines.map((line, i) => (
            <div key={i}>
              {marked(line)}
              {'\n'}
            </div>
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
          onBlur={() => setTimeout(() => setCaret(null), 200)}
          onScroll={(event) => {
            under.current!.scrollTop = event.currentTarget.scrollTop;
            under.current!.scrollLeft = event.currentTarget.scrollLeft;
          }}
        />
      </Typing>
      <Offered aria-label="Words that may be meant" role="group">
        {offered.map((word, i) => (
          <button key={word} type="button" tabIndex={-1} onClick={() => take(word)}>
            {word}
            {i === 0 && <Key aria-hidden>Tab</Key>}
          </button>
        ))}
      </Offered>
      <Row $gap={14}>
        <ListHelp onTake={append} />
        <ListFile name={name} lines={lines} onRead={append} />
      </Row>
      <small>
        {told === 0
          ? 'Count, size, name / back, colours, upright: one thing a line.'
          : `${told} lines, ${understood} understood`}
      </small>
    </Sheet>
  );
}

function marked(line: ReadLine) {
  if (line.status !== 'not-read') return line.text;
  const { from, to } = line.problem;
  return (
    <>
      {line.text.slice(0, from)}
      <mark>{line.text.slice(from, to) || ' '}</mark>
      {line.text.slice(to)}
    </>
  );
}

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
  > div {
    height: 26px;
  }
  mark {
    background: none;
    color: transparent;
    text-decoration: underline wavy ${({ theme }) => theme.brick} 2px;
    text-underline-offset: 4px;
    text-decoration-skip-ink: none;
  }
`;
