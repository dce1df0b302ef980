/** Why an event is refused; every case names the event and what it stumbles over. */
export interface LedgerError {
  readonly kind:
    | 'same-event-twice'
    | 'same-piece-twice'
    | 'no-such-piece'
    | 'piece-not-here'
    | 'piece-not-on-page'
    | 'below-zero'
    | 'not-whole'
    | 'not-above-zero'
    | 'not-a-size'
    | 'slot-differs'
    | 'not-its-opposite'
    | 'areas-do-not-add-up'
    | 'part-off-the-piece'
    | 'parts-overlap'
    | 'nothing-to-undo'
    | 'already-undone'
    | 'parts-are-gone'
    | 'moved-from-elsewhere'
    | 'not-in-that-kit'
    | 'not-all-of-it';
  readonly event: string;
  /** The piece, lot or part in the way. */
  readonly subject: string;
  readonly has: number | null;
  readonly wants: number | null;
}
