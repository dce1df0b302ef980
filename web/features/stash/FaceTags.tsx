import { useState } from 'react';
import styled from 'styled-components';
import type { Face, Lot } from '../../../core/things';
import { act } from '../../data/acts';
import { changeFace } from '../../data/faceActs';
import { Choice } from '../../ui/Choice';
import { Soft } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';

type Told = 'none' | 'quiet' | 'busy';
type Base = 'none' | 'white' | 'cream';
const SCALES: readonly (readonly [Told, string])[] = [
  ['none', 'as its pattern'],
  ['quiet', 'quiet'],
  ['busy', 'busy'],
];
const BASES: readonly (readonly [Base, string])[] = [
  ['none', 'not told'],
  ['white', 'white'],
  ['cream', 'cream'],
];

/** What she says of a face: its colours, how busy it looks, what it is printed on, which way up, its motifs and words. */
export function FaceTags({ face, lot }: { face: Face; lot: Lot }) {
  const [words, setWords] = useState((face.words ?? []).join(', '));
  const keepWords = (): void => {
    const list = words
      .split(/[,;]+/)
      .map((word) => word.trim().toLowerCase())
      .filter(Boolean);
    if (list.join() !== (face.words ?? []).join())
      void changeFace(
        face,
        ({ words: _, ...now }) => (list.length > 0 ? { ...now, words: list } : now),
        `What ${face.name} shows`,
      );
  };
  const recolour = (at: number, hex: string): void => {
    void changeFace(
      face,
      (now) => ({ ...now, colours: now.colours.map((colour, i) => (i === at ? { ...colour, hex } : colour)) }),
      `Colours of ${face.name}`,
    );
  };
  return (
    <>
      <Colours role="group" aria-label="Its colours">
        {face.colours.map(({ hex, share }, i) => (
          <label key={i}>
            <input
              type="color"
              aria-label={`Colour ${i + 1}`}
              value={hex}
              onChange={(event) => recolour(i, event.target.value)}
            />
            <Soft>{Math.round(share * 100)} %</Soft>
          </label>
        ))}
      </Colours>
      <Three>
        <Choice<Told>
          label="How busy it looks"
          options={SCALES}
          value={face.scale ?? 'none'}
          onChange={(to) => {
            void changeFace(
              face,
              ({ scale: _, ...now }) => (to === 'none' ? now : { ...now, scale: to }),
              `How busy ${face.name} looks`,
            );
          }}
        />
        <Choice<Base>
          label="Printed on"
          options={BASES}
          value={face.base ?? 'none'}
          onChange={(to) => {
            void changeFace(
              face,
              ({ base: _, ...now }) => (to === 'none' ? now : { ...now, base: to }),
              `What ${face.name} is printed on`,
            );
          }}
        />
        <Choice<'any' | 'upright'>
          label="Right way up"
          options={[
            ['any', 'any way'],
            ['upright', 'one way up'],
          ]}
          value={lot.upright ? 'upright' : 'any'}
          onChange={(to) => {
            void act({
              label: `Which way up ${lot.name} lies`,
              changes: [{ table: 'lots', key: lot.id, change: (now) => ({ ...now, upright: to === 'upright' }) }],
            });
          }}
        />
      </Three>
      <Wide>
        <TextField
          label="Motifs, and words printed on it"
          value={words}
          onChange={setWords}
          onBlur={keepWords}
          placeholder="moth, lantern, good night"
        />
      </Wide>
    </>
  );
}

const Three = styled.div`
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 12px;
  width: 100%;
`;
const Wide = styled.div`
  width: 100%;
`;
const Colours = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  label {
    display: flex;
    gap: 6px;
    align-items: center;
  }
  input {
    width: 44px;
    height: 34px;
    padding: 2px;
    border: 1.5px solid ${({ theme }) => theme.soft};
    border-radius: 5px;
    background: ${({ theme }) => theme.sheet};
    cursor: pointer;
  }
`;
