import type { KeyboardEvent } from 'react';
import styled from 'styled-components';
import { formatSize } from '../../../core/ground/length';
import { undo } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { countWords } from '../../words/countWords';
import { kitWords } from '../../ui/dayWords';
import { kindWords } from '../../ui/lotWords';
import { Paper } from '../../ui/Paper';
import { Row, Soft } from '../../ui/Screen';
import { SIZE_TYPED } from '../../ui/sizeTyped';
import { SlipOver } from '../../ui/SlipOver';
import { TextField } from '../../ui/TextField';
import { inSmallWindow } from '../../ui/theme';
import { GAP_PLACES, largestOf, type GapPlace } from './scrapGap';
import { ABOUT, OLDER, useScrap } from './useScrap';

type ScrapWork = ReturnType<typeof useScrap>;

/** Scraps and leftovers, one line each: size, paper, Enter. What is not said stays as it was for the one before. */
export function ScrapsSlip({ onClose }: { onClose: () => void }) {
  const work = useScrap();
  const system = useSettings((s) => s.system);
  return (
    <SlipOver title="Add scraps" isOpen isWide onClose={onClose}>
      {() => (
        <>
          <KeptFields work={work} />
          <ScrapLineField work={work} />
          <Offers work={work} />
          <Understood work={work} />
          <Done work={work} />
          <Row>
            <Button slot="close">Close</Button>
            <Soft>What is not said stays as it was: of the same paper, {SIZE_TYPED[system]} and Enter will do.</Soft>
          </Row>
        </>
      )}
    </SlipOver>
  );
}

function KeptFields({ work: { kept } }: { work: ScrapWork }) {
  const kits = useBench((b) => b.kits);
  const inOrder = [...kits.values()]
    .filter(({ club, month }) => club !== '' || /-/.test(month))
    .sort((a, b) => b.month.localeCompare(a.month));
  return (
    <Fields>
      <Choice
        label="Of which kit"
        options={[
          [OLDER, 'older, kit not known'],
          [ABOUT, 'of about a year …'],
          ...inOrder.map((kit): [string, string] => [kit.id, kitWords(kit)]),
        ]}
        value={kept.kit}
        onChange={(kit) => kept.change({ kit })}
      />
      {kept.kit === ABOUT && (
        <TextField
          label="About"
          value={kept.year}
          onChange={(year) => kept.change({ year })}
          placeholder="2022"
          isMeasure
        />
      )}
      <TextField
        label="Kept in"
        value={kept.place}
        onChange={(place) => kept.change({ place })}
        placeholder="case B, scrap box …"
      />
    </Fields>
  );
}

function ScrapLineField({ work }: { work: ScrapWork }) {
  const { text, type, trouble, offers, picked, pick, add } = work;
  const system = useSettings((s) => s.system);
  const press = (event: KeyboardEvent): void => {
    if (event.key === 'Enter') void add();
    else if (event.key === 'ArrowDown' && offers.length > 0)
      pick(picked === null ? 0 : Math.min(offers.length - 1, picked + 1));
    else if (event.key === 'ArrowUp' && offers.length > 0) pick(picked === null || picked === 0 ? null : picked - 1);
    else return;
    event.preventDefault();
  };
  return (
    <Line onKeyDown={press}>
      <TextField
        label="A scrap: its size, and what paper it is of"
        value={text}
        onChange={type}
        error={trouble}
        placeholder={`${SIZE_TYPED[system]} leaf, red`}
        autoFocus
        autoComplete="off"
      />
      <Button look="main" hint="Enter" onPress={() => void add()}>
        Put it away
      </Button>
    </Line>
  );
}

/** Papers she has that are called so: by their drawings. */
function Offers({ work: { offers, picked, pick, read } }: { work: ScrapWork }) {
  const kits = useBench((b) => b.kits);
  if (offers.length === 0 || !read) return null;
  return (
    <div>
      <Soft>One of these? ↓ chooses, or a click.</Soft>
      <Faces role="listbox" aria-label="Papers you have that are called so">
        {offers.map(({ face, lot }, i) => (
          <li key={face.id} role="presentation">
            <button type="button" role="option" aria-selected={picked === i} onClick={() => pick(i)}>
              <Paper size={{ w: 8128 * 3, h: 8128 * 2 }} face={face.id} scale={26} />
              {face.name}
              <small>{kits.get(lot.kit)?.name}</small>
            </button>
          </li>
        ))}
      </Faces>
    </div>
  );
}

/** The scrap as it is understood, drawn; where something of it is gone, where that is. */
function Understood({ work: { read, front, missing, gapPlace, setGapPlace } }: { work: ScrapWork }) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  if (!read) return null;
  const face = typeof front === 'string' ? front : null;
  const scale = Math.min(16, 150 / (read.size.h / 8128), 220 / (read.size.w / 8128));
  const largest = largestOf(read.size, missing);
  return (
    <Shown role="status">
      <Paper size={read.size} face={face} missing={missing} isTorn={missing.length === 0} scale={scale} />
      <div>
        <strong>
          {read.count > 1 ? `${read.count} × ` : ''}
          {formatSize(read.size, system)}{' '}
          {face !== null ? faces.get(face)?.name : front !== null && typeof front !== 'string' ? front.name : 'plain'}
        </strong>
        <br />
        <Soft>
          {kindWords(read.kind)}
          {front !== null && typeof front !== 'string' && ' · a paper not here yet'}
          {read.gap && ` · largest whole piece ${formatSize(largest, system)}`}
        </Soft>
        {read.gap && (
          <Choice<GapPlace> label="What is gone is" options={GAP_PLACES} value={gapPlace} onChange={setGapPlace} />
        )}
      </div>
    </Shown>
  );
}

/** What was put away in this sitting, the last first, each to be taken back. */
function Done({ work: { done, takenBack } }: { work: ScrapWork }) {
  if (done.length === 0) return null;
  return (
    <Sitting role="group" aria-label="Put away just now">
      <h3>{countWords(done.length, 'scrap')} put away just now</h3>
      <List>
        {done.map(({ act, words }) => (
          <li key={act}>
            <span>{words}</span>
            <Button
              look="quiet"
              aria-label={`Take back: ${words}`}
              onPress={() => {
                void undo(act).then((isDone) => {
                  if (isDone) takenBack(act);
                });
              }}
            >
              take back
            </Button>
          </li>
        ))}
      </List>
    </Sitting>
  );
}

const Fields = styled.div`
  display: grid;
  grid-template-columns: minmax(220px, 1fr) repeat(auto-fit, minmax(120px, 200px));
  gap: 12px;
  width: 100%;
  ${inSmallWindow} {
    grid-template-columns: 1fr;
  }
`;
const Line = styled.div`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 12px;
  width: 100%;
  align-items: start;
  > button {
    margin-top: 20px;
  }
`;
const Faces = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  padding-top: 4px;
  button {
    display: flex;
    flex-direction: column;
    gap: 3px;
    align-items: flex-start;
    padding: 5px;
    font: inherit;
    font-size: 14px;
    color: inherit;
    background: none;
    border: 2px solid transparent;
    cursor: pointer;
    text-align: left;
    max-width: 120px;
  }
  button:hover {
    border-color: ${({ theme }) => theme.line};
  }
  button[aria-selected='true'] {
    border-color: ${({ theme }) => theme.beet};
    background: ${({ theme }) => theme.sheet};
  }
  small {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
`;
const Shown = styled.div`
  display: flex;
  gap: 18px;
  align-items: flex-start;
  min-height: 60px;
`;
const Sitting = styled.div`
  width: 100%;
`;
const List = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 2px 24px;
  max-height: 150px;
  overflow: auto;
  li {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    align-items: baseline;
  }
`;
