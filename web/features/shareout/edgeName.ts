import { inSentence } from '../../ui/inSentence';

/** What the strips are called that lie at the edge of a piece, on plain cardstock. */
export const edgeName = (slot: string): string => `Edge of the ${inSentence(slot)}`;
