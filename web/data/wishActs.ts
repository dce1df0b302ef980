import { nanoid } from 'nanoid';
import { act, keepDraft } from './acts';
import type { Wish } from './bench';
import { today } from './today';

export const noteWish = (line: string): Promise<boolean> => {
  const wish: Wish = { id: nanoid(8), line, noted: today() };
  return act({ label: `Wished for ${line}`, changes: [{ table: 'wishes', key: wish.id, after: wish }] });
};

export const dropWish = ({ id, line }: Wish): Promise<boolean> =>
  act({ label: `No longer wished for: ${line}`, changes: [{ table: 'wishes', key: id, after: null }] });

/** A wish come true becomes a parcel of her own to unpack; the draft's id. */
export async function unpackWish(wish: Wish): Promise<string> {
  const id = nanoid(8);
  await keepDraft({ id, club: '', name: 'Bought by myself', month: today().slice(0, 7), list: wish.line, here: {} });
  await act({ label: `Bought ${wish.line}`, changes: [{ table: 'wishes', key: wish.id, after: null }] });
  return id;
}
