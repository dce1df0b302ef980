export { readLine, readList, MOST_OF_A_LINE } from './readList';
export { amountsOf, ofDesign, receiptOf, unpack } from './unpack';
export type { Unpacked } from './unpack';
export { LIST_COLUMNS, lineOf, rowOf } from './columns';
export type { ListRow } from './columns';
export { writeLine } from './writeLine';
export type { FaceSketch, ListItem, ListProblem, ReadLine } from './listItem';
export { suggestWords, wordBefore } from './suggestWords';
export { closestWord } from './closestWord';
