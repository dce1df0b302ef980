import { fold, type LedgerEvent } from '../core/stock/ledger';
import { doAct, partWith, turnBack, type Done } from '../core/acts';
import { EMPTY_BENCH, type Bench } from '../core/stock/bench';
import { seededRandom } from '../core/ground/random';
import type { Shelf } from '../core/stock/bench';
import { nth } from '../core/ground/nth';

/** Entries already there, beside those the stash came with. */
const ENTRIES = 10_000;
/** Acts done since the one that is taken back. */
const SINCE = 100;

interface Stash {
  readonly shelf: Shelf;
  readonly events: readonly LedgerEvent[];
}

/** The stash with pieces lent and come back many times. */
function lived({ shelf, events }: Stash, ids: readonly string[]): Bench {
  const random = seededRandom(5);
  const lending = Array.from({ length: ENTRIES / 2 }, (_, n): LedgerEvent[] => {
    const piece = nth(ids, Math.floor(random() * ids.length));
    const day = '2026-11-01';
    return [
      { id: `out${n}`, day, type: 'lent', to: 'the neighbour', piece },
      { id: `back${n}`, day, type: 'back', piece },
    ];
  });
  const folded = fold([...events, ...lending.flat()]);
  if (!folded.ok) throw new Error(folded.error.kind);
  return { ...EMPTY_BENCH, kits: shelf.kits, lots: shelf.lots, ledger: folded.value };
}

/** An act on a stash of 10,000 pieces after 10,000 entries, and one taken back of which 100 acts were done since. */
export function actedOn(stash: Stash): () => { readonly entries: number } {
  const ids = [...stash.shelf.ledger.pieces.keys()];
  let n = 0;
  const now = { day: '2026-11-02', newId: () => `n${++n}` };
  const give = (bench: Bench, piece: string): Done => {
    const act = partWith({ pieces: [piece], lots: [] }, { how: 'given' })(bench, now);
    const done = act.ok ? doAct(bench, act.value, now) : act;
    if (!done.ok) throw new Error(done.error.kind);
    return done.value;
  };
  const first = give(lived(stash, ids), nth(ids, 0));
  const later = ids
    .slice(1, SINCE + 1)
    .reduce<Done[]>((done, id) => [...done, give((done.at(-1) ?? first).bench, id)], []);
  const { bench } = nth(later, later.length - 1);
  const since = later.map(({ act }) => act);
  return () => {
    const done = give(bench, nth(ids, SINCE + 1));
    const undone = turnBack(done.bench, { act: first.act, way: 'undo', since: [...since, done.act] }, now);
    if (!undone.ok) throw new Error(undone.error.kind);
    return { entries: undone.value.bench.ledger.events.size };
  };
}
