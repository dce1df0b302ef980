import { affinity, differenceCiede2000, hexToLab, type ColourShare, type LabD65 } from '../../ground/colour';
import { isQuiet } from '../papers';
import type { Face } from '../../stock/things';
import type { Remark } from './eyed';

/** Of the photos' colours, so much is a main one; paler is no colour to speak of; nearer is the same to the eye. */
const MAIN = 0.12;
const LEAST_CHROMA = 15;
const SAME = 20;

/** Three busy papers or more, of the faces that the page shows. @param layersOf the layers cut from a face */
export function busyPapers(faces: readonly Face[], layersOf: (face: string) => readonly string[]): Remark[] {
  const busy = faces.filter((face) => !isQuiet(face));
  if (busy.length < 3) return [];
  return [
    {
      kind: 'busy-papers',
      things: busy.flatMap(({ id }) => layersOf(id)),
      why: `${busy.length} busy papers: ${busy.map(({ name }) => name).join(', ')}. One with quiet ones is calmer; a plain mat between them helps.`,
    },
  ];
}

/** White beside cream looks like a mistake. */
export function whiteBesideCream(faces: readonly Face[], layersOf: (face: string) => readonly string[]): Remark[] {
  const [white, cream] = [faces.filter(({ base }) => base === 'white'), faces.filter(({ base }) => base === 'cream')];
  const [one] = white;
  const [other] = cream;
  if (!one || !other) return [];
  return [
    {
      kind: 'white-cream',
      things: [...white, ...cream].flatMap(({ id }) => layersOf(id)),
      why: `${one.name} is printed on white, ${other.name} on cream: ink all edges in one colour, or mat them.`,
    },
  ];
}

/** Colours so far apart have nothing in common (CIEDE2000, as affinity weighs it). */
const STRANGE = 40;

/** Two papers of which neither has anything of the other's colours: they fall out with each other. */
export function strangers(faces: readonly Face[], layersOf: (face: string) => readonly string[]): Remark[] {
  const coloured = faces.filter(({ colours }) =>
    colours.some(({ hex }) => {
      const { a, b } = hexToLab(hex);
      return Math.hypot(a, b) >= LEAST_CHROMA;
    }),
  );
  return coloured.flatMap((one, i) =>
    coloured
      .slice(i + 1)
      .filter((other) => Math.min(affinity(one.colours, other.colours), affinity(other.colours, one.colours)) > STRANGE)
      .map((other): Remark => ({
        kind: 'strangers',
        things: [...layersOf(one.id), ...layersOf(other.id)],
        why: `${one.name} and ${other.name} have nothing in common: edges inked in one colour, a mat between them or one shape on both would tie them.`,
      })),
  );
}

/** A main colour of the photos that nothing on the page has. @param there the colours of papers and things */
export function missingColour(photos: readonly ColourShare[], there: readonly LabD65[]): Remark[] {
  if (there.length === 0) return [];
  const found = photos.find(({ hex, share }) => {
    const lab = hexToLab(hex);
    return (
      share >= MAIN &&
      Math.hypot(lab.a, lab.b) >= LEAST_CHROMA &&
      there.every((other) => differenceCiede2000(lab, other) > SAME)
    );
  });
  return found
    ? [{ kind: 'photo-colour', colour: found.hex, why: 'A colour of the photos comes nowhere on the page.' }]
    : [];
}
