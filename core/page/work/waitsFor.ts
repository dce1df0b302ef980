import { openListOf, pageState } from '../cutlist';
import { looksOf } from '../placing';
import type { Page } from '../../stock/things';
import { intentionsOf } from './intentions';
import { stepsOf, timeLeft, type WorkedOn } from './stepsOf';
import { stepsNow } from './waits';

/** What an unfinished page waits for. */
export type Waiting =
  | { readonly kind: 'photos'; readonly count: number }
  | { readonly kind: 'papers' }
  | { readonly kind: 'drying'; readonly left: number }
  | { readonly kind: 'title' }
  | { readonly kind: 'writing' }
  | { readonly kind: 'date' }
  | { readonly kind: 'label'; readonly name: string }
  | { readonly kind: 'meant'; readonly words: string };

/** A page on the shelf of unfinished ones. */
export interface Unfinished {
  readonly page: Page;
  readonly waits: readonly Waiting[];
  /** Her own minutes until it is done. */
  readonly minutes: number;
  /** Nothing is missing that she does not have: it can be finished in one evening. */
  readonly canBeDone: boolean;
}

/** An evening at the desk, minutes; so long a wait is none. Common practice, no source. */
const EVENING = 180;

const TO_WRITE_ON = /\b(labels?|tags?|cards?|journal\w*)\b/i;

/** Something on a page that is there to be written on, while nothing is written anywhere; null: nothing is. */
function emptyLabel(page: Page, bench: WorkedOn): string | null {
  if (page.journaling.trim() !== '') return null;
  const laid = (page.placed ?? []).flatMap(({ what }) => {
    const looks = looksOf(what, bench);
    return looks?.kind === 'small' && looks.thing.words === '' ? [looks.name] : [];
  });
  return [...(page.more ?? []).map(({ name }) => name), ...laid].find((name) => TO_WRITE_ON.test(name)) ?? null;
}

function waitsOf(page: Page, bench: WorkedOn, now: number): readonly Waiting[] {
  const photos = page.photos.filter(({ photo }) => photo === null).length + (page.photos.length === 0 ? 1 : 0);
  const drying = Math.max(
    0,
    ...stepsNow(stepsOf(page, bench), now).map(({ is, left }) => (is === 'drying' ? left : 0)),
  );
  const isToPlan = pageState(page, bench) === 'idea' && (openListOf(page, bench)?.length ?? 0) > 0;
  const label = emptyLabel(page, bench);
  return [
    ...(photos > 0 ? [{ kind: 'photos' as const, count: photos }] : []),
    ...(isToPlan ? [{ kind: 'papers' as const }] : []),
    ...(drying > 0 ? [{ kind: 'drying' as const, left: drying }] : []),
    ...(page.title.trim() === '' ? [{ kind: 'title' as const }] : []),
    ...(page.journaling.trim() === '' ? [{ kind: 'writing' as const }] : []),
    ...(page.date.trim() === '' ? [{ kind: 'date' as const }] : []),
    ...(label === null ? [] : [{ kind: 'label' as const, name: label }]),
    ...intentionsOf(page, bench).flatMap(({ isKept, intention }) =>
      isKept ? [] : [{ kind: 'meant' as const, words: intention.words }],
    ),
  ];
}

/** The pages that are not done, the oldest first, with what each waits for. @param now milliseconds since 1970 */
export function unfinishedPages(pages: Iterable<Page>, bench: WorkedOn, now: number): readonly Unfinished[] {
  return [...pages]
    .filter(({ finished }) => finished === null)
    .sort((a, b) => a.started.localeCompare(b.started))
    .map((page) => {
      const waits = waitsOf(page, bench, now);
      const { minutes, finish } = timeLeft(stepsOf(page, bench));
      const isMissing = waits.some(({ kind }) => kind === 'photos');
      return { page, waits, minutes, canBeDone: !isMissing && finish <= EVENING };
    });
}
