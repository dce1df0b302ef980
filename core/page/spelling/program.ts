import { groupBy } from '../../ground/groupBy';
import { Lines, type Term } from '../../ground/program';
import { layingsOf, type Laying, type Layings } from './layings';
import type { Asked } from './parts';

/** What is asked of the program; figures reached before are kept. */
export interface Question {
  /** Most worth, least cost, fewest sets, fewest vowels, or fewest letters added to one set. */
  readonly aim: 'worth' | 'cost' | 'sets' | 'vowels' | 'short';
  readonly worth?: number;
  readonly cost?: number;
  readonly sets?: number;
  /** All titles must be spelt. */
  readonly isAll?: boolean;
}

/** The program in LP format, and the layings that its columns stand for. */
export interface SpellProgram {
  readonly lp: string;
  readonly layings: readonly Laying[];
  /** Columns of letters added to a set. */
  readonly added: readonly { readonly name: string; readonly letter: string }[];
}

const VOWELS = new Set('AEIOUaeiou');

/** A title is spelt; a part comes from a set; a title uses a set; a set is given letters. */
const spelt = (title: number): string => `y${title}`;
const from = (part: number, set: number): string => `z${part}_${set}`;
const uses = (title: number, set: number): string => `u${title}_${set}`;
const given = (set: number): string => `e${set}`;

const key = (...parts: readonly (string | number)[]): string => parts.join(' ');
const terms = (layings: readonly Laying[]): Term[] => layings.map(({ name }): Term => [1, name]);

/** Writes down which letters may be laid for which, and what each set has. */
class Writer {
  private readonly rows: [readonly Term[], '<=' | '>=' | '=', number][] = [];
  private readonly binaries: string[] = [];
  private readonly whole: string[];
  private readonly titles: readonly number[];
  readonly added: { readonly name: string; readonly letter: string }[] = [];
  private readonly setsUsed: Term[] = [];

  constructor(
    private readonly asked: Asked,
    private readonly question: Question,
    private readonly layings: Layings,
  ) {
    this.titles = [...new Set(asked.parts.map(({ title }) => title))];
    this.binaries.push(...this.titles.map(spelt));
    this.whole = layings.all.map(({ name }) => name);
  }

  write(): string {
    const { aim } = this.question;
    if (aim === 'short') this.giveToOneSet();
    if (this.asked.job.mix === 'letter') this.spellMixed();
    else this.spellFromOneSet();
    this.keepToWhatThereIs();
    if (aim === 'sets' || aim === 'vowels') this.countSets();
    return this.toLp();
  }

  private giveToOneSet(): void {
    const sets = this.asked.job.sets.map((_, set) => given(set));
    this.binaries.push(...sets);
    this.rows.push([sets.map((name): Term => [1, name]), '<=', 1]);
  }

  /** Letters added to a set for a part, of which it wants so many. */
  private addable(part: number, set: number, [letter, wants]: readonly [string, number]): Term[] {
    if (this.question.aim !== 'short') return [];
    const name = `a${this.added.length}_${part}`;
    this.whole.push(name);
    this.added.push({ name, letter });
    this.rows.push([
      [
        [1, name],
        [-wants, given(set)],
      ],
      '<=',
      0,
    ]);
    return [[1, name]];
  }

  private spellMixed(): void {
    const byLetter = groupBy(this.layings.all, ({ part, wanted }) => key(part, wanted));
    this.asked.parts.forEach(({ title, wanted }, part) =>
      [...wanted].forEach(([letter, n]) => {
        const added = (this.layings.sources[part] ?? []).flatMap((set) => this.addable(part, set, [letter, n]));
        this.rows.push([[...terms(byLetter.get(key(part, letter)) ?? []), ...added, [-n, spelt(title)]], '=', 0]);
      }),
    );
  }

  private spellFromOneSet(): void {
    const byLetter = groupBy(this.layings.all, ({ part, set, wanted }) => key(part, set, wanted));
    this.asked.parts.forEach(({ title, wanted }, part) => {
      const sets = this.layings.sources[part] ?? [];
      this.binaries.push(...sets.map((set) => from(part, set)));
      this.rows.push([[...sets.map((set): Term => [1, from(part, set)]), [-1, spelt(title)]], '=', 0]);
      for (const set of sets)
        [...wanted].forEach(([letter, n]) => {
          const laid = terms(byLetter.get(key(part, set, letter)) ?? []);
          this.rows.push([[...laid, ...this.addable(part, set, [letter, n]), [-n, from(part, set)]], '=', 0]);
        });
    });
  }

  private keepToWhatThereIs(): void {
    for (const own of groupBy(this.layings.all, ({ set, serving }) => key(set, serving.glyph)).values()) {
      const [first] = own;
      if (!first) continue;
      const there = this.asked.job.sets[first.set]?.letters.get(first.serving.glyph) ?? 0;
      this.rows.push([terms(own), '<=', there]);
    }
  }

  private countSets(): void {
    const { parts, job } = this.asked;
    const titleOf = (part: number): number => parts[part]?.title ?? 0;
    for (const own of groupBy(this.layings.all, ({ part, set }) => key(titleOf(part), set)).values()) {
      const [first] = own;
      if (!first) continue;
      const name = uses(titleOf(first.part), first.set);
      this.binaries.push(name);
      this.setsUsed.push([1, name]);
      if (job.mix === 'letter')
        for (const { name: laid, part, wanted } of own)
          this.rows.push([
            [
              [1, laid],
              [-(parts[part]?.wanted.get(wanted) ?? 0), name],
            ],
            '<=',
            0,
          ]);
      else
        for (const part of new Set(own.map((one) => one.part)))
          this.rows.push([
            [
              [1, from(part, first.set)],
              [-1, name],
            ],
            '<=',
            0,
          ]);
    }
  }

  private toLp(): string {
    const { aim, worth, cost, sets, isAll = false } = this.question;
    const { all } = this.layings;
    const worths = this.titles.map((title): Term => [this.asked.job.titles[title]?.worth ?? 1, spelt(title)]);
    const costs = all.flatMap(({ name, serving }): Term[] => (serving.cost > 0 ? [[serving.cost, name]] : []));
    const vowels = all.flatMap(({ name, serving }): Term[] => (VOWELS.has(serving.glyph) ? [[1, name]] : []));
    const goal = {
      worth: worths,
      cost: costs,
      sets: this.setsUsed,
      vowels,
      short: this.added.map(({ name }): Term => [1, name]),
    }[aim];
    if (isAll) for (const title of this.titles) this.rows.push([[[1, spelt(title)]], '=', 1]);
    if (worth !== undefined) this.rows.push([worths, '>=', worth]);
    if (cost !== undefined) this.rows.push([costs, '<=', cost]);
    if (sets !== undefined) this.rows.push([this.setsUsed, '<=', sets]);
    const lines = new Lines();
    lines.head(aim === 'worth' ? 'Maximize' : 'Minimize');
    lines.terms(goal.length > 0 ? goal : [[0, spelt(this.titles[0] ?? 0)]]);
    lines.head('Subject To');
    for (const [own, relation, right] of this.rows) lines.row(own, relation, right);
    for (const [head, names] of [
      ['Binary', this.binaries],
      ['General', this.whole],
    ] as const) {
      if (names.length > 0) lines.head(head);
      for (const name of names) lines.head(` ${name}`);
    }
    lines.head('End');
    return lines.toString();
  }
}

/** Titles spelt from sets of letters as a mixed-integer program. */
export function writeProgram(asked: Asked, question: Question): SpellProgram {
  const layings = layingsOf(asked, question.aim === 'short');
  const writer = new Writer(asked, question, layings);
  return { lp: writer.write(), layings: layings.all, added: writer.added };
}
