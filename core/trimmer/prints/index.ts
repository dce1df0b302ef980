export { layPrints, PRINT_PAPERS } from './layPrints';
export type { LaidPhoto, LaidSheet, PrintPaper, WantedPrint } from './layPrints';
