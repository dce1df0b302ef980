/** What stands in quotes is a name: it is hidden from all who look for counts, sizes, kinds and colours. */
const QUOTES =
  /(?<![\p{N}\p{L}])(["“„«])([^"“”„«»]*\p{L}[^"“”„«»]*)["”»]|(?<![\p{L}\d'’])(['‘])(?=\S)([^'‘’]*\p{L}[^'‘’]*)['’](?![\p{L}\d])|(?<=^|[\s(])["“]([^"“”]+)["”](?=$|[\s,;:)])/gu;
/** A comma in a measure, as it is written where centimetres are: `30,5 x 30,5`, `1,5 cm`, `2,5 m`. */
const DECIMAL_COMMA =
  /(?<=(?<!\d)\d{1,3}),(?=\d{1,2}\s*(?:[cm]?m(?=x\s*\d|\b)|[x×]\s*\d{1,3}(?:[.,]\d{1,2})?\s*[cm]m\b|[x×]\s*\d{1,3},\d{1,2}(?!\d)))|(?<=\d,\d{1,2}\s*[x×]\s*\d{1,3}),(?=\d{1,2}(?!\d))/giu;
/** Marks of a page that it was copied from, and small pictures. */
const ORNAMENTS =
  /<\/?[a-z][^<>]{0,80}>|&nbsp;|\p{Extended_Pictographic}\uFE0F?|(?<![\p{L}\d])[_*]{1,3}(?=[\p{L}\d])|(?<=[\p{L}\d])[_*]{1,3}(?![\p{L}\d])/giu;
const HIDDEN = '\uE000';
/** Between the two faces of a paper. */
export const BETWEEN_FACES = '\uE001';

/** A stretch of a line. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly text: string;
}

/** A line of which stretch after stretch is taken as it is understood; what is left keeps its place. */
export class Unread {
  /** The line with blanks for what was taken, and other signs for what stands in quotes. */
  left: string;

  constructor(readonly text: string) {
    this.left = text
      .replace(ORNAMENTS, (whole) => ' '.repeat(whole.length))
      .replace(QUOTES, (whole) => ` ${HIDDEN.repeat(whole.length - 2)} `)
      .replace(DECIMAL_COMMA, '.');
  }

  /** The same, of which something else can be taken. */
  copy(): Unread {
    const copy = new Unread(this.text);
    copy.left = this.left;
    return copy;
  }

  /** Takes the first match out of what is left. */
  take(pattern: RegExp): RegExpExecArray | null {
    const match = pattern.exec(this.left);
    if (match) this.blank(match.index, match.index + match[0].length);
    return match;
  }

  /** Takes all matches out, those only that are wanted. */
  takeAll(pattern: RegExp, wants: (match: RegExpExecArray) => boolean = () => true): RegExpExecArray[] {
    const found = [...this.left.matchAll(pattern)].filter(wants);
    for (const match of found) this.blank(match.index, match.index + match[0].length);
    return found;
  }

  blank(from: number, to: number): void {
    this.left = this.left.slice(0, from) + ' '.repeat(to - from) + this.left.slice(to);
  }

  /** Puts back what was taken between two places. */
  restore(from: number, to: number): void {
    this.left = this.left.slice(0, from) + this.text.slice(from, to) + this.left.slice(to);
  }

  /** Puts the mark between two faces in the place of a stretch. */
  mark(from: number, length: number): void {
    this.blank(from, from + length);
    const at = from + Math.floor(length / 2);
    this.left = this.left.slice(0, at) + BETWEEN_FACES + this.left.slice(at + 1);
  }

  /** What is left between two places, as it stands in the line, quotes too but for their marks. */
  words(from = 0, to = this.left.length): string {
    const own = [...this.left.slice(from, to)].map((sign, i) => (sign === HIDDEN ? this.text[from + i] : sign));
    return own.join('').replace(/\s+/g, ' ').trim();
  }

  /** As {@link words}; what stands in quotes beside other words keeps its marks: it is printed on the thing. */
  told(from = 0, to = this.left.length): string {
    const words = this.words(from, to);
    const inQuotes = [...this.left.slice(from, to).matchAll(new RegExp(`${HIDDEN}+`, 'gu'))].map(({ index, 0: run }) =>
      this.text.slice(from + index, from + index + run.length).trim(),
    );
    return inQuotes.reduce((all, one) => (one === '' || all === one ? all : all.replace(one, `"${one}"`)), words);
  }

  /** What is left between the marks of a pattern. */
  parts(marks: RegExp): Stretch[] {
    const out: Stretch[] = [];
    let from = 0;
    for (const mark of this.left.matchAll(marks)) {
      out.push({ from, to: mark.index, text: this.left.slice(from, mark.index) });
      from = mark.index + mark[0].length;
    }
    return [...out, { from, to: this.left.length, text: this.left.slice(from) }];
  }
}
