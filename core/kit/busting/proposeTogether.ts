import { best } from './best';
import { hiddenIn } from './hiddenIn';
import { leftoversOf, type Leftover } from './leftovers';
import type { BustingInput, Proposal } from './proposal';
import { found, newestOf, type BustingProgress } from './proposePages';

/** Whether two pages can both be made: no piece of paper and no photo is on both. */
const areApart = (a: Proposal, b: Proposal): boolean => {
  const sheets = new Set(a.plan.sheets.map(({ stock }) => stock));
  const photos = new Set(a.photos.flatMap(({ photo }) => photo ?? []));
  return (
    !b.plan.sheets.some(({ stock }) => sheets.has(stock)) &&
    !b.photos.some(({ photo }) => photo !== null && photos.has(photo))
  );
};

/**
 * Pages that can all of them be made, each from other pieces and with other photos: looked for again among what is left
 * until there are so many, or no more can be made. Where they are too few, also from what those chosen hide.
 * @yields after each attempt those chosen so far
 */
export function* proposeTogether(input: BustingInput, count: number): Generator<BustingProgress> {
  const all = leftoversOf(input.shelf, input.sources);
  const chosen: Proposal[] = [];
  const { hold } = input;
  const hidden = (): Leftover[] =>
    hold === null ? [] : chosen.flatMap((one) => hiddenIn(one, all, { mat: input.mat, hold }));
  let papers: readonly Leftover[] = all;
  while (chosen.length < count) {
    const sheets = new Set(chosen.flatMap(({ plan }) => plan.sheets.map(({ stock }) => stock)));
    const photos = new Set(chosen.flatMap((one) => one.photos.flatMap(({ photo }) => photo ?? [])));
    const leftovers = papers.filter(({ stock }) => !sheets.has(stock.id));
    const rest = { ...input, waiting: input.waiting.filter(({ id }) => !photos.has(id)) };
    const now: Proposal[] = [];
    // With little left, nothing is left untried.
    for (const { proposal, done } of found(rest, leftovers, chosen.length > 0)) {
      if (proposal) now.push(proposal);
      yield { proposals: chosen, done: (chosen.length + 0.9 * done) / count };
    }
    for (const one of best(now, newestOf(all), now.length, chosen))
      if (chosen.length < count && chosen.every((other) => areApart(one, other))) chosen.push(one);
    if (now.length > 0) continue;
    const more = hidden();
    if (more.every(({ stock }) => papers.some((one) => one.stock.id === stock.id))) break;
    papers = [...all, ...more];
  }
  yield { proposals: chosen, done: 1 };
}
