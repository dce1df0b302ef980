/** Where a file is wrong, and how. */
export interface FileError {
  readonly kind:
    | 'not-json'
    | 'not-ours'
    | 'too-new'
    | 'wrong'
    | 'same-id'
    | 'nothing-there'
    | 'ledger'
    | 'damaged'
    | 'no-room'
    | 'stopped';
  /** JSON pointer into the file's `bench.json`. */
  readonly at: string;
  readonly message: string;
}
