import { coloursIn } from '../../ground/colour';
import { parseSize } from '../../ground/length';
import type { Correction, LotKind } from '../things';
import { readLetters } from './readLetters';
import type { Thing } from './thing';

/** A thing as she says it is, in place of what was read; whatever she looked at is in doubt no more. */
export function correct(thing: Thing, { kind, count, name, size, colours, letters }: Correction): Thing {
  const told = size === undefined ? null : parseSize(size);
  const isAmount = thing.letters === null && count !== undefined;
  return {
    ...thing,
    ...(kind === undefined ? {} : { kind: kind satisfies LotKind, designs: null }),
    ...(isAmount ? { count, amount: null, isOfWholes: false } : {}),
    ...(name === undefined ? {} : { name, label: name, back: backOf(name) }),
    ...(told?.ok && told.value.w > 0 && told.value.h > 0 ? { size: told.value } : size === '' ? { size: null } : {}),
    ...(letters === undefined ? {} : { letters: readLetters(letters) ?? thing.letters }),
    ...(colours === undefined ? {} : { colours: coloursIn(colours) }),
    doubts: [],
  };
}

/** `moths / lamplight`: what stands behind the mark is the other face. */
const backOf = (name: string): string | null => name.split(/\s+\/\s+/)[1] ?? null;
