import { useId, useMemo, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { placesOf } from '../../core/kit/finding';
import { useBench } from '../data/benchStore';
import { Soft } from '../ui/Screen';
import { SlipOver } from '../ui/SlipOver';
import { fieldLook } from '../ui/TextField';
import { hitsFor, type Hit } from './hits';

/** Finds anything that has a name, on whatever screen it is, and goes there. */
export function FindSlip({ onClose }: { onClose: () => void }) {
  const bench = useBench((b) => b);
  const go = useNavigate();
  const list = useId();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const places = useMemo(() => placesOf(bench), [bench]);
  const hits = useMemo(() => hitsFor(text, places, bench), [places, text, bench]);
  const open = (hit: Hit | undefined): void => {
    if (!hit) return;
    onClose();
    void go(hit.to);
  };
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') open(hits[at]);
    else if (event.key === 'ArrowDown') setAt(Math.min(hits.length - 1, at + 1));
    else if (event.key === 'ArrowUp') setAt(Math.max(0, at - 1));
    else return;
    event.preventDefault();
  };
  return (
    <SlipOver title="Find" isOpen onClose={onClose}>
      {() => (
        <>
          <Asked
            role="combobox"
            aria-label="What are you looking for?"
            aria-expanded={hits.length > 0}
            aria-controls={list}
            aria-activedescendant={hits[at] ? `${list}-${at}` : undefined}
            autoFocus
            autoComplete="off"
            placeholder="a page, a paper, a kit, a photo, a screen …"
            value={text}
            onChange={({ target }) => {
              setText(target.value);
              setAt(0);
            }}
            onKeyDown={press}
          />
          <Found id={list} hits={hits} at={at} onAt={setAt} onOpen={open} />
          {text.trim() !== '' && hits.length === 0 && <Soft role="status">Nothing is called so.</Soft>}
          <Soft>Words in any order, with or without accents. ↑ ↓ and Enter.</Soft>
        </>
      )}
    </SlipOver>
  );
}

interface FoundProps {
  id: string;
  hits: readonly Hit[];
  at: number;
  onAt: (at: number) => void;
  onOpen: (hit: Hit) => void;
}

function Found({ id, hits, at, onAt, onOpen }: FoundProps) {
  return (
    <Hits id={id} role="listbox" aria-label="Found">
      {hits.map((hit, i) => (
        <li
          key={hit.key}
          id={`${id}-${i}`}
          role="option"
          aria-selected={i === at}
          onClick={() => onOpen(hit)}
          onMouseMove={() => onAt(i)}
        >
          <span aria-hidden>{hit.drawn}</span>
          <strong>{hit.name}</strong>
          <small>{hit.about}</small>
        </li>
      ))}
    </Hits>
  );
}

const Asked = styled.input`
  ${fieldLook}
  color: ${({ theme }) => theme.ink};
  background: ${({ theme }) => theme.sheet};
  border: 1.5px solid ${({ theme }) => theme.soft};
`;
const Hits = styled.ul`
  width: 100%;
  li {
    display: grid;
    grid-template-columns: 60px 1fr auto;
    gap: 12px;
    align-items: center;
    padding: 6px 8px;
    cursor: pointer;
  }
  li[aria-selected='true'] {
    background: ${({ theme }) => theme.wood};
    color: ${({ theme }) => theme.woodInk};
  }
  li > span {
    display: grid;
    justify-items: center;
    overflow: hidden;
    max-height: 32px;
  }
  small {
    font-size: 14px;
  }
`;
