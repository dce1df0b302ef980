import { differenceCiede2000 } from '../../ground/colour';
import type { Remark, Role, Sheet } from './eyed';

/** Paler is no colour to speak of: chroma C*ab. */
const LEAST_CHROMA = 15;
/** Nearer is the same colour to the eye: CIEDE2000. */
const SAME = 20;
const JUDGED: readonly Role[] = ['layer', 'accent', 'title'];

/** A colour that occurs once looks like a stray. */
export function loneColours({ things }: Sheet): Remark[] {
  const coloured = things.flatMap(({ id, role, colour }) =>
    colour && (role === 'ground' || JUDGED.includes(role)) ? [{ id, role, colour }] : [],
  );
  return coloured.flatMap(({ id, role, colour }): Remark[] => {
    if (role === 'ground' || Math.hypot(colour.a, colour.b) < LEAST_CHROMA) return [];
    const others = coloured.filter((other) => other.id !== id);
    const isAlone = others.length > 0 && others.every((other) => differenceCiede2000(colour, other.colour) > SAME);
    return isAlone
      ? [
          {
            kind: 'lone-colour',
            things: [id],
            why: 'Its colour comes nowhere else; bring it in twice more, or take it out.',
          },
        ]
      : [];
  });
}
