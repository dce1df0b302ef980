import styled from 'styled-components';
import type { Face, Lot } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { Choice } from '../../ui/Choice';
import { Soft } from '../../ui/Screen';
import { KeptTextField } from '../../ui/KeptTextField';
import { changeFace, changeLot } from '../../../core/acts';

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

function FaceColours({ face }: { face: Face }) {
  const recolour = (at: number, hex: string): void => {
    void act(
      changeFace(face.id, (now) => ({
        ...now,
        colours: now.colours.map((colour, i) => (i === at ? { ...colour, hex } : colour)),
      })),
    );
  };
  return (
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
  );
}

/**
 * What she says of a face: its colours, how busy it looks, what it is printed on, which way up, its motifs and words.
 */
export function FaceTags({ face, lot }: { face: Face; lot: Lot }) {
  const keepWords = (words: string): void => {
    const list = words
      .split(/[,;]+/)
      .map((word) => word.trim().toLowerCase())
      .filter(Boolean);
    if (list.join() !== (face.words ?? []).join())
      void act(changeFace(face.id, ({ words: _, ...now }) => (list.length > 0 ? { ...now, words: list } : now)));
  };
  return (
    <>
      <FaceColours face={face} />
      <Three>
        <Choice<Told>
          label="How busy it looks"
          options={SCALES}
          value={face.scale ?? 'none'}
          onChange={(to) => {
            void act(changeFace(face.id, ({ scale: _, ...now }) => (to === 'none' ? now : { ...now, scale: to })));
          }}
        />
        <Choice<Base>
          label="Printed on"
          options={BASES}
          value={face.base ?? 'none'}
          onChange={(to) => {
            void act(changeFace(face.id, ({ base: _, ...now }) => (to === 'none' ? now : { ...now, base: to })));
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
            void act(changeLot(lot.id, { upright: to === 'upright' }));
          }}
        />
      </Three>
      <Wide>
        <KeptTextField
          label="Motifs, and words printed on it"
          value={(face.words ?? []).join(', ')}
          onKeep={keepWords}
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
