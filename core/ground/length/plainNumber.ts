const SIGNS: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** A number with its fraction written out: `8½` is `8 1/2`. */
export const plainNumber = (text: string): string =>
  text.replace(/\s*([¼½¾⅛⅜⅝⅞])/g, (_, sign: string, at: number) => `${at > 0 ? ' ' : ''}${SIGNS[sign]}`).trim();
