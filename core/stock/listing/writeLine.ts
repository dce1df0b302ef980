import { lineOf, rowOf } from './columns';
import type { ListItem } from './listItem';

/** An item as a line that reads back as the same item: sizes in inches, rolls in inches. */
export const writeLine = (item: ListItem): string => lineOf(rowOf(item));
