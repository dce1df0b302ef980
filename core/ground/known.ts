/** The first of a list that fits; one is known to be there. @throws RangeError where none is: a bug in the caller */
export function known<T>(list: readonly T[], fits: (one: T) => boolean): T {
  for (const one of list) if (fits(one)) return one;
  throw new RangeError('what is known to be there is not');
}
