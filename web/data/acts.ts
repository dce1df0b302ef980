import { createStore, useStore } from 'zustand';
import type { Draft } from './bench';
import { benchChangedSince, benchStore } from './benchStore';
import { commitAct, LedgerRefusal, redoAct, undoAct, type NewAct } from './ledgerStore';
import { StockDb } from './stockDb';
import { today } from './today';

export const db = new StockDb();

/** The last thing said to her: what was done, or why it was not. */
interface Notice {
  readonly text: string;
  readonly tone: 'done' | 'refused';
  readonly n: number;
}
export const noticeStore = createStore<{ notice: Notice | null }>()(() => ({ notice: null }));
export const useNotice = (): Notice | null => useStore(noticeStore, (state) => state.notice);

let count = 0;
export const say = (text: string, tone: Notice['tone'] = 'done'): void =>
  noticeStore.setState({ notice: { text, tone, n: ++count } });

const REFUSED: Partial<Record<string, string>> = {
  'below-zero': 'there are not so many',
  'piece-not-here': 'it is no longer where it was',
  'piece-not-on-page': 'it belongs to another page',
  'parts-are-gone': 'what came of it is used already',
};

const reason = (error: unknown): string =>
  error instanceof LedgerRefusal
    ? `That cannot be: ${REFUSED[error.refusal.kind] ?? error.refusal.kind.replaceAll('-', ' ')} (${error.refusal.subject}). Nothing was changed.`
    : `That did not work: ${String(error)}. Nothing was changed.`;

async function attempt(doIt: () => Promise<string | null>): Promise<boolean> {
  const { bench } = benchStore.getState();
  try {
    const done = await doIt();
    await benchChangedSince(bench);
    if (done !== null) say(done);
    return true;
  } catch (error) {
    say(reason(error), 'refused');
    return false;
  }
}

/** Does an act and says so; false, and why, where it was refused. Quiet acts (typing) say nothing. */
export const act = (what: NewAct, quiet = false): Promise<boolean> =>
  attempt(async () => {
    await commitAct(db, what, today());
    return quiet ? null : what.label;
  });

/** Keeps a packing list being typed; it is no act and cannot be undone. */
export async function keepDraft(draft: Draft): Promise<void> {
  const { bench } = benchStore.getState();
  await db.drafts.put(draft);
  await benchChangedSince(bench);
}

export const undo = (): Promise<boolean> =>
  attempt(async () => {
    const label = await undoAct(db, today());
    return label === null ? 'There is nothing to undo.' : `Undone: ${label}`;
  });

export const redo = (): Promise<boolean> =>
  attempt(async () => {
    const label = await redoAct(db, today());
    return label === null ? 'There is nothing to do again.' : `Done again: ${label}`;
  });
