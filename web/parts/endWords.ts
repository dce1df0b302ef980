/** What the ends of a part are called, from which a cut is measured. */
export const END_WORDS = {
  x: { near: 'the left edge', far: 'the right edge' },
  y: { near: 'the head', far: 'the foot' },
} as const;
