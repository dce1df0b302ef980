import { STEP_KINDS, type StepId } from '../../../core/page/work';

/** Steps within a sentence. */
export const stepWords = (ids: readonly StepId[]): string =>
  ids.map((id) => `${STEP_KINDS[id].name.charAt(0).toLowerCase()}${STEP_KINDS[id].name.slice(1)}`).join(', ');
