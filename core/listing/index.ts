export { readLine, readList } from './readList';
export { writeLine } from './writeLine';
export type { FaceSketch, ListItem, ListProblem, ReadLine } from './listItem';
export { closestWord } from './closestWord';
