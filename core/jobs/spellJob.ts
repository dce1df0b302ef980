import { ok, type Result } from '../ground/result';
import { spell, type LetterSet, type SpellSolver } from '../page/spelling';
import { refuse, type JobError } from './jobError';
import { checkIds } from './readLength';

/** A spell job as JSON, already found to match `docs/formats/spell.job.schema.json`. */
export interface JsonSpellJob {
  sets: { id: string; letters: Record<string, number | boolean> }[];
  titles: { id: string; text: string; worth?: number }[];
  case?: 'any' | 'exact';
  mix?: 'title' | 'word' | 'letter';
  standIns?: boolean;
  seconds?: number;
}

const token = (key: string): string => key.replaceAll('~', '~0').replaceAll('/', '~1');

/** The letters of a set, each by one character in normal form C. */
function readLetters(
  letters: JsonSpellJob['sets'][number]['letters'],
  at: string,
): Result<LetterSet['letters'], JobError> {
  const read = new Map<string, number>();
  for (const [key, n] of Object.entries(letters)) {
    if (key.startsWith('x-')) continue;
    const glyph = key.normalize('NFC');
    if ([...glyph].length !== 1) return refuse('not-a-glyph', `${at}/${token(key)}`, 'a glyph is one character');
    read.set(glyph, (read.get(glyph) ?? 0) + Number(n));
  }
  return ok(read);
}

const asObject = (letters: ReadonlyMap<string, number>): Record<string, number> => Object.fromEntries(letters);

/** Titles from the letters left. */
export function spellTitles(job: JsonSpellJob, solver: SpellSolver, isOver: () => boolean): Result<unknown, JobError> {
  for (const list of ['sets', 'titles'] as const) {
    const ids = checkIds(job[list], `/${list}`);
    if (!ids.ok) return ids;
  }
  const sets: LetterSet[] = [];
  for (const [i, { id, letters }] of job.sets.entries()) {
    const read = readLetters(letters, `/sets/${i}/letters`);
    if (!read.ok) return read;
    sets.push({ id, letters: read.value });
  }
  const { titles, left, stats } = spell(
    {
      sets,
      titles: job.titles.map(({ id, text, worth = 1 }) => ({ id, text, worth })),
      isAnyCase: job.case !== 'exact',
      mix: job.mix ?? 'word',
      standIns: job.standIns ?? false,
    },
    solver,
    isOver,
  );
  const { worthBound, optimal, ...figures } = stats;
  return ok({
    titles: titles.map((title) =>
      title.spelt
        ? {
            ...title,
            words: title.words.map(({ text, letters }) => ({
              text,
              letters: letters.map(({ how, ...laid }) => (how === null ? laid : { ...laid, how })),
            })),
          }
        : title,
    ),
    left: Object.fromEntries(left.map(({ id, letters }) => [id, asObject(letters)])),
    stats: { ...figures, bound: { worth: worthBound }, optimal },
  });
}
