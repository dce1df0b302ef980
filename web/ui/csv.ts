import Papa from 'papaparse';

/**
 * Rows as a table: RFC 4180, a byte order mark so that office programs read it as UTF-8, and cells that begin as
 * formulas do (= + - @, tab) with an apostrophe before them, so that opening it runs nothing.
 */
export const csvOf = (rows: readonly Readonly<Record<string, string | number>>[]): string =>
  `\ufeff${Papa.unparse([...rows], { escapeFormulae: true, newline: '\r\n' })}\r\n`;
