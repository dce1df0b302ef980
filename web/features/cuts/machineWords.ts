import { MachineTrouble } from '../../data/machine';

const TROUBLE: Record<MachineTrouble['code'], string> = {
  'mat-empty': 'Nothing lies on the mat. Lay the sheet on it and begin again.',
  busy: 'The machine is cutting another sheet. Wait for it, then begin again.',
  'not-there':
    'No machine answers. It belongs to the little server that Nubbin is started with; without it, cut by hand or keep the SVG.',
  other: 'The machine would not take it',
};
/** What is wrong with the machine, and what helps. */
export const troubleWords = (error: unknown): string =>
  error instanceof MachineTrouble
    ? `${TROUBLE[error.code]}${error.code === 'other' ? `: ${error.message}.` : ''}`
    : String(error);
