export { readLine, readList } from './readList';
export { receiptOf, unpack } from './unpack';
export type { Unpacked } from './unpack';
export { writeLine } from './writeLine';
export type { FaceSketch, ListItem, ListProblem, ReadLine } from './listItem';
export { closestWord } from './closestWord';
