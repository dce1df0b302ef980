/** What lies at a place of a list that is known to be there: an index that came from the list itself. */
export const nth = <T>(list: ArrayLike<T>, place: number): T => list[place] as T;
