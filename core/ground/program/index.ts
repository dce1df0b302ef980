export { Lines } from './lines';
export type { Term } from './lines';
export { runProgram } from './runProgram';
export type { Limits, ProgramSolver, Solved } from './runProgram';
