import type { Did, DidKind } from '../../core/acts';
import type { Page } from '../../core/stock/things';
import { agreeing, oneOrMore } from '../words/countWords';

const things = (n: number): string => oneOrMore(n, 'thing');
/** A thing by its name, or so many things. */
const what = ({ name, count }: Did): string => (name === '' || count > 1 ? things(count) : name);
const page = ({ name }: Pick<Did, 'name'>): string => pageTitle(name);

/** What a page is called; one without a title has that for a name. */
export const pageTitle = (title: string): string => (title.trim() === '' ? 'Page without a title' : title);

export const pageName = ({ title }: Pick<Page, 'title'>): string => pageTitle(title);

/** What was done, as it is told her. */
const WORDS: Record<DidKind, (did: Did) => string> = {
  'began-page': ({ name }) => `Started ${name.trim() === '' ? 'a page' : name}`,
  'began-pages': ({ name, count }) => `Began ${agreeing(count, 'a page', `${count} pages`)} for ${name}`,
  'changed-page': ({ name }) => (name === '' ? 'Changed the page' : name),
  'changed-cut-page': ({ name, count }) =>
    `${name === '' ? 'Changed the page' : name}: ${agreeing(count, 'a piece cut for it goes', `${count} pieces cut for it go`)} back to the stash`,
  'peeled-off': ({ name }) => `Peeled ${name} off`,
  'took-version': (did) => `Took this version of ${page(did)}`,
  'told-page': (did) => `${page(did)} is told`,
  noted: ({ name }) => `A note on ${name.trim() === '' ? 'it' : name}`,
  'dropped-page': (did) => `Dropped ${page(did)}`,
  glued: (did) => `Glued ${page(did)}`,
  finished: (did) => `${page(did)} is done`,
  'opened-again': (did) => `Opened ${page(did)} again`,
  'took-papers': (did) => `Took out the papers for ${did.count === 1 ? page(did) : `${did.count} pages`}`,
  'gave-papers-back': (did) => `Gave the papers for ${page(did)} back`,
  cut: (did) => `Made ${agreeing(did.count, 'a cut', `${did.count} cuts`)} for ${page(did)}`,
  'punched-for': (did) => `Punched ${agreeing(did.count, 'a shape', `${did.count} shapes`)} for ${page(did)}`,
  'set-plan-aside': (did) => `Put the plan for ${page(did)} aside`,
  'noted-mishap': (did) => `Noted a mishap for ${page(did)}`,
  'machine-cut': () => 'The machine cut a sheet',
  'machine-slipped': () => 'The machine slipped',
  'cut-window': (did) => `Cut out a hidden middle for ${page(did)}`,
  'shared-out': ({ count }) => `Claimed the papers of ${agreeing(count, 'a page', `${count} pages`)}`,
  'forgot-share-out': () => 'Forgot a share-out',
  'took-out': (did) => `Took ${what(did)} to the bench`,
  'put-away': ({ count }) => `Put away ${things(count)}`,
  laid: (did) => `Laid ${what(did)} on the page`,
  'laid-in-place': (did) => `Laid ${things(did.count)} in place of paper on ${page(did)}`,
  'moved-laid': ({ name }) => `Moved ${name}`,
  'took-off': (did) => `Took ${what(did)} off the page`,
  'did-step': (did) => `Did a step of ${page(did)}`,
  'laid-title': ({ name }) => `Laid the letters of ${name} on the page`,
  'named-items': ({ name }) => `Told what is in ${name}`,
  used: (did) => `Used ${things(did.count)} on ${page(did)}`,
  given: (did) => `Gave ${what(did)} away`,
  sold: (did) => `Sold ${what(did)}`,
  lent: (did) => `Lent ${what(did)}`,
  recycled: (did) => `Recycled ${what(did)}`,
  'came-back': (did) => `${what(did)} came back`,
  'cut-in-stash': ({ name }) => `Cut ${name} apart`,
  'cut-strips': ({ name, count }) =>
    agreeing(count, `Cut the strip off ${name}`, `Cut the strips off ${things(count)}`),
  'cut-out': ({ name }) => `Cut ${name} out`,
  punched: ({ name }) => `Punched from ${name}`,
  counted: ({ name, count }) =>
    name === '' ? `Counted the stash: ${things(count)} put right` : `Counted ${name} anew`,
  moved: ({ name, count }) =>
    name === '' ? `Took ${things(count)} out of their place` : `Put ${things(count)} in ${name}`,
  'took-parcel-in': ({ name }) => `Put ${name} away`,
  arrived: ({ name }) => `${name} has come`,
  'changed-kit': ({ name }) => `Changed ${name}`,
  'decided-on': (did) => `Decided on ${what(did)}`,
  'closed-kit': ({ name }) => `Closed ${name}`,
  'opened-kit': ({ name }) => `Opened ${name} again`,
  'gathered-kit': ({ name, count }) => `Gathered ${name}: ${things(count)}`,
  'put-into-kit': (did) => `Put ${what(did)} into the kit`,
  'put-back': (did) => `Put ${what(did)} back with what it came with`,
  'took-kit-apart': ({ name }) => `Took ${name} apart`,
  'dropped-list': ({ name }) => `Dropped the list ${name}`.trim(),
  'left-out': ({ name }) => `Left out ${name}`,
  'took-table': () => 'Took a table in',
  'changed-lot': ({ name }) => `Changed ${name}`,
  'joined-lots': ({ name }) => `Put what is the same together: ${name}`,
  'parted-lot': ({ name }) => `Took ${name} apart`,
  'added-scrap': ({ name, count }) => `Put ${agreeing(count, 'a scrap', `${count} scraps`)} of ${name} away`,
  'changed-face': ({ name }) => `Changed ${name}`,
  'pictured-face': ({ name }) => `A picture of ${name}`,
  'changed-story': ({ name }) => `Changed ${name}`,
  'added-photos': ({ count }) => agreeing(count, 'Added a photo', `Added ${count} photos`),
  'changed-photo': ({ name }) => `Changed ${name}`,
  'removed-photo': ({ name }) => `Took ${name} away`,
  'kept-design': ({ name }) => `Kept the design ${name}`,
  'dropped-design': ({ name }) => `Dropped the design ${name}`,
  'kept-rule': ({ name }) => `A rule for “${name}”`,
  'dropped-rule': ({ name }) => `No rule any more for “${name}”`,
  wished: ({ name }) => `Wished for ${name}`,
  'dropped-wish': ({ name }) => `No longer wished for: ${name}`,
  'bought-wish': ({ name }) => `Bought ${name}`,
  'kept-aim': () => 'Set an aim',
  'dropped-aim': () => 'Dropped an aim',
  'began-album': ({ name }) => `Began the album ${name}`,
  'changed-album': ({ name }) => `Changed the album ${name}`,
  'dropped-album': ({ name }) => `Took the album ${name} apart`,
};

export const didWords = (did: Did): string => WORDS[did.kind](did);
