import { nanoid } from 'nanoid';
import { beginPage, buyWish, type Begun } from '../../core/acts';
import type { Wish } from '../../core/stock/things';
import { act, keepDraft } from './acts';
import { today } from './today';

/** Begins a page; its id, or null where that failed. */
export async function startPage(fields: Begun): Promise<string | null> {
  const id = nanoid(8);
  return (await act(beginPage(id, fields))) ? id : null;
}

/** A wish come true becomes a parcel of her own to unpack; the draft's id, or null where that failed. */
export async function unpackWish(wish: Wish): Promise<string | null> {
  const id = nanoid(8);
  return (await act(buyWish(wish, id, 'Bought by myself'))) ? id : null;
}

/** Begins a packing list; its id, or null where it could not be kept. */
export async function startDraft(club: string): Promise<string | null> {
  const id = nanoid(8);
  const draft = { id, club, name: '', month: today().slice(0, 7), list: '', here: {} };
  return (await keepDraft(draft, true)) ? id : null;
}
