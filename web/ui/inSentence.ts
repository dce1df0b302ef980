import { DESIGNS, OUTER_MAT } from '../../core/page/design';

const OF_THE_HOUSE = new Set([...DESIGNS.flatMap(({ slots }) => slots.map(({ name }) => name)), OUTER_MAT.name]);

/** A layer's name within a sentence: the house's with a small letter, hers as she wrote it. */
export const inSentence = (name: string): string => (OF_THE_HOUSE.has(name) ? name.toLowerCase() : name);
