import { createStore, useStore } from 'zustand';
import type { Deciding, Refusal } from '../../core/acts';
import type { Result } from '../../core/ground/result';
import type { Draft } from '../../core/stock/things';
import type { Written } from './actStore';
import { benchChangedSince, benchStore } from './benchStore';
import { didWords } from './didWords';
import { refusalWords } from './refusalWords';
import { StockDb, type Image } from './stockDb';
import { today } from './today';

export const db = new StockDb();

/** What writes acts: a screen that is only looked at does without. */
const actStore = () => import('./actStore');

/** Fetches what writes acts, at the first sign that something will be done. */
export function getReadyToAct(): () => void {
  const ready = (): void => void actStore().catch(() => undefined);
  const [signs, once] = [['pointerdown', 'keydown'] as const, { once: true }];
  for (const sign of signs) addEventListener(sign, ready, once);
  return () => {
    for (const sign of signs) removeEventListener(sign, ready);
  };
}

/** The last thing said to her: what was done, or why it was not. `undoes`: the act that its Undo takes back. */
interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'refused';
  readonly undoes: number | null;
  readonly n: number;
}
export const noticeStore = createStore<{ notice: Notice | null }>()(() => ({ notice: null }));
export const useNotice = (): Notice | null => useStore(noticeStore, (state) => state.notice);

let count = 0;
export const say = (text: string, tone: Notice['tone'] = 'done', undoes: number | null = null): void =>
  noticeStore.setState({ notice: { text, tone, undoes, n: ++count } });

/** A quiet act makes the Undo of what was told before it stale; a refusal stays until it is read. */
const dropNotice = (): void =>
  noticeStore.setState(({ notice }) => (notice?.tone === 'done' ? { notice: null } : { notice }));

/** What the browser says when nothing can be written, in words. */
function troubleWords(error: unknown): string {
  const said = `${(error as Error)?.name} ${String(error)}`;
  if (/quota/i.test(said))
    return 'This browser has no room left for Nubbin. Export everything in Settings, or make room on the disk. Nothing was changed.';
  if (/DatabaseClosed/.test(said))
    return 'A newer Nubbin is open in another window. Reload this one to go on. Nothing was changed.';
  return `That did not work: ${String(error)}. Nothing was changed.`;
}

/** Writes, waits until it is known on the screen, and tells what came of it; null where nothing was written. */
async function attempt<T extends Written | null>(
  write: () => Promise<Result<T, Refusal>>,
  told: (written: T) => { text: string; undoes: number | null } | null,
): Promise<T | null> {
  const { bench } = benchStore.getState();
  try {
    const written = await write();
    if (!written.ok) {
      say(`${refusalWords(written.error)}. Nothing was changed.`, 'refused');
      return null;
    }
    if (written.value !== null && written.value.seq !== null) await benchChangedSince(bench);
    const notice = told(written.value);
    if (notice) say(notice.text, 'done', notice.undoes);
    else dropNotice();
    return written.value;
  } catch (error) {
    say(troubleWords(error), 'refused');
    return null;
  }
}

/** How an act is told and what goes with it. */
export interface Manner {
  /** Quiet acts (typing) say nothing. */
  readonly isQuiet?: boolean;
  /** Pictures that its records name. */
  readonly pictures?: readonly Image[];
}

/** Asked once she has something of her own: whether the browser keeps it even when the disk is full. */
let isAsked = false;
function askToKeep(): void {
  if (isAsked) return;
  isAsked = true;
  void navigator.storage?.persist?.().catch(() => undefined);
}

/** Does an act and says so; null, and why, where it was refused. `seq` is null where it changed nothing. */
export async function actOn(
  deciding: Deciding,
  { isQuiet = false, pictures = [] }: Manner = {},
): Promise<Written | null> {
  const written = await attempt(
    async () => (await actStore()).commitAct(db, deciding, today(), pictures),
    // What was cut goes back: that is told, however quietly it was changed.
    ({ did, seq }) => {
      if (seq === null) return isQuiet ? null : { text: 'It is so already.', undoes: null };
      return isQuiet && did.kind !== 'changed-cut-page' ? null : { text: didWords(did), undoes: seq };
    },
  );
  if (written) askToKeep();
  return written;
}

/** Does an act and says so; false, and why, where it was refused. */
export const act = async (deciding: Deciding, manner?: Manner): Promise<boolean> =>
  (await actOn(deciding, manner)) !== null;

/** Keeps a packing list being typed; it is no act and cannot be undone. False, and why, where it could not be kept. */
export async function keepDraft(draft: Draft, isNew = false): Promise<boolean> {
  const { bench } = benchStore.getState();
  try {
    const isKept = await (await actStore()).keepDraft(db, draft, isNew);
    if (!isKept) say('This list was put away or dropped in another window. What you type here is not kept.', 'refused');
    else await benchChangedSince(bench);
    return isKept;
  } catch (error) {
    say(troubleWords(error), 'refused');
    return false;
  }
}

const turned =
  (words: string, none: string) =>
  (written: Written | null): { text: string; undoes: null } => ({
    text: written ? `${words}: ${didWords(written.did)}` : none,
    undoes: null,
  });

/** Takes an act back. @param which its number; absent: the last one */
export const undo = async (which?: number): Promise<boolean> =>
  (await attempt(
    async () => (await actStore()).undoAct(db, today(), which),
    turned('Undone', 'There is nothing to undo.'),
  )) !== null;

export const redo = async (): Promise<boolean> =>
  (await attempt(
    async () => (await actStore()).redoAct(db, today()),
    turned('Done again', 'There is nothing to do again.'),
  )) !== null;

/** A piece and what it was cut from. */
function* lineOf(id: string): Generator<string> {
  const { pieces } = benchStore.getState().bench.ledger;
  for (let at: string | null = id; at !== null; at = pieces.get(at)?.from ?? null) yield at;
}

/** Takes the last cut of some sheets or pieces back, whatever else was done since. */
export async function undoCutOf(ids: readonly string[]): Promise<boolean> {
  const { ledger } = benchStore.getState().bench;
  const own = new Set(ids.flatMap((id) => [...lineOf(id)]));
  const isOwnCut = (id: string): boolean => {
    const event = ledger.events.get(id);
    return event?.type === 'cut' && [...lineOf(event.piece)].some((piece) => own.has(piece));
  };
  const last = await db.acts
    .orderBy('seq')
    .reverse()
    .filter(({ undone, events }) => undone === 0 && events.some(isOwnCut))
    .first();
  if (last?.seq !== undefined) return undo(last.seq);
  say('There is no cut to take back.');
  return false;
}
