export { servingFor } from './standIns';
export type { Serving } from './standIns';
export { spell } from './spell';
export { spellSolverFrom } from './solver';
export type { SpellSolver } from './spell';
export type {
  How,
  LaidLetter,
  LetterSet,
  SpellJob,
  Spelling,
  SpellStats,
  SpeltTitle,
  SpeltWord,
  WantedTitle,
} from './types';
