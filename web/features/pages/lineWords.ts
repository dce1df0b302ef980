import type { DesignLineError } from '../../../core/page/design';

/** What is wrong with a line of a design, and what would do. */
export function lineWords({ line, kind, text }: DesignLineError): string {
  switch (kind) {
    case 'no-size':
      return `Line ${line}: how large is it? Write width x height, such as 12 x 3.`;
    case 'bad-size':
      return `Line ${line}: ${text} is no size that can be cut.`;
    case 'bad-length':
      return `Line ${line}: ${text} cannot be read as a measure.`;
    case 'not-understood':
      return `Line ${line}: “${text}” is not understood. Say how far from the head, the foot, the left or the right.`;
    case 'off-page':
      return `Line ${line} lies wholly off the page.`;
    case 'page-not-first':
      return `Line ${line}: the page's size comes first.`;
    case 'twice':
      return `Line ${line}: “${text}” was told before, and only one of the two can be.`;
    case 'nothing':
      return 'There is no layer yet.';
  }
}
