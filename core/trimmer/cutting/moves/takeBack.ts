import { freePart, leaves, replacePart, withoutIdleCuts, type Part } from '../parts/part';
import type { Problem } from '../problem/problem';
import { makeSheet, type State } from '../parts/state';
import { nth } from '../../../ground/nth';

/** Takes back all pieces of a part of a sheet; a sheet left without any is closed again. Mutates `state`. */
export function takeBack(problem: Problem, state: State, at: number, part: Part): void {
  const { kind, tree } = nth(state.sheets, at);
  for (const leaf of leaves(part)) if (leaf.use) state.left[leaf.use.item] = nth(state.left, leaf.use.item) + 1;
  const rest = withoutIdleCuts(replacePart(tree, part, freePart(part, nth(problem.kinds, kind))));
  if (rest.cut || rest.use) {
    state.sheets[at] = makeSheet(problem, kind, rest);
    return;
  }
  state.sheets.splice(at, 1);
  state.opened[kind] = nth(state.opened, kind) - 1;
}
