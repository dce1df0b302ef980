export { emptyLedger, fold } from './fold';
export type { Ledger, LotState, PieceState, PieceWhere } from './ledger';
export type { LedgerError } from './ledgerError';
export { opposite } from './opposite';
export { balanceOf, sumOfBalances } from './balance';
export type { Balance } from './balance';
export { historyOf, historyOfLot } from './history';
export { addAmounts } from './amounts';
export type { Amounts, CutChild, LedgerEvent, NewPiece, Received, Stock } from './events';
