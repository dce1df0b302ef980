/** So many times a variable. */
export type Term = readonly [number, string];

const number = (n: number): string => (Number.isInteger(n) ? String(n) : n.toPrecision(15));
const sum = (terms: readonly Term[]): string[] =>
  terms.map(([n, name]) => ` ${n < 0 ? '-' : '+'} ${number(Math.abs(n))} ${name}`);

/** Lines of a program in LP format, a term to a line. */
export class Lines {
  private readonly lines: string[] = [];
  private n = 0;

  head(text: string): void {
    this.lines.push(text);
  }

  row(terms: readonly Term[], relation: '<=' | '>=' | '=', right: number): void {
    if (terms.length === 0) return;
    this.lines.push(` r${this.n++}:`, ...sum(terms), ` ${relation} ${right}`);
  }

  terms(terms: readonly Term[]): void {
    this.lines.push(' obj:', ...sum(terms));
  }

  toString(): string {
    return this.lines.join('\n');
  }
}
