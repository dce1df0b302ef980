/** What every worker answers at once, however long its other answers take: so it is known that it is there. */
export interface Answering {
  hello(): true;
}

export const hello = (): true => true;
