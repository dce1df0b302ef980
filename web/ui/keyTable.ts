/** A key, or several that do the same, as `KeyboardEvent.key` has them; `Ctrl+` stands for Ctrl and ⌘. */
interface KeyEntry {
  readonly keys: readonly string[];
  /** As it is shown. */
  readonly shown: string;
  readonly where: string;
  readonly does: string;
  /** It goes on while the key is held; what else is done is done once. */
  readonly mayBeHeld?: boolean;
}

const key = (shown: string, keys: readonly string[], where: string, does: string): KeyEntry => ({
  shown,
  keys,
  where,
  does,
});
/** One that moves, step by step. */
const held = (...entry: Parameters<typeof key>): KeyEntry => ({ ...key(...entry), mayBeHeld: true });

const EVERYWHERE = 'Everywhere';

/** Every key there is: what binds them, and what the sheet of keys lists. A new key is a line here. */
export const KEY_TABLE = {
  undo: key('Ctrl Z', ['Ctrl+z'], EVERYWHERE, 'undo the last thing'),
  redo: key('Ctrl Y, Ctrl Shift Z', ['Ctrl+y', 'Ctrl+Y', 'Ctrl+Z'], EVERYWHERE, 'do it again'),
  find: key('F', ['f', 'F'], EVERYWHERE, 'find anything, on whatever screen'),
  help: key('?', ['?'], EVERYWHERE, 'this sheet'),
  'go-1': key('1', ['1'], EVERYWHERE, 'Parcels'),
  'go-2': key('2', ['2'], EVERYWHERE, 'Stash'),
  'go-3': key('3', ['3'], EVERYWHERE, 'Photos'),
  'go-4': key('4', ['4'], EVERYWHERE, 'Share-out'),
  'go-5': key('5', ['5'], EVERYWHERE, 'Pages'),
  'go-6': key('6', ['6'], EVERYWHERE, 'Cuts'),
  'go-7': key('7', ['7'], EVERYWHERE, 'Titles'),
  'go-8': key('8', ['8'], EVERYWHERE, 'Wrap-up'),
  'go-9': key('9', ['9'], EVERYWHERE, 'Busters'),
  'go-0': key('0', ['0'], EVERYWHERE, 'Album'),
  'gather-shuffle': key('S', ['s', 'S'], 'A kit of your own', 'other things that go'),
  'box-all': key('Space', [' '], 'Parcels, a line of the box', 'all of it is here'),
  'box-count': key(
    '0 … 9',
    ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'],
    'Parcels, a line of the box',
    'so many are here',
  ),
  'box-more': key('+', ['+'], 'Parcels, a line of the box', 'one too many'),
  'box-damaged': key('D', ['d', 'D'], 'Parcels, a line of the box', 'one is damaged'),
  'box-wrong': key('W', ['w', 'W'], 'Parcels, a line of the box', 'the wrong thing came'),
  'box-edit': key('E', ['e', 'E'], 'Parcels, a line of the box', 'put right how it was understood'),
  'doubt-next': held('N', ['n', 'N'], 'Parcels', 'the next line in doubt'),
  'doubt-before': held('P', ['p', 'P'], 'Parcels', 'the line in doubt before'),
  'box-move': held('↑ ↓', ['ArrowUp', 'ArrowDown'], 'Parcels, a line of the box', 'line by line'),
  search: key('/', ['/'], 'Stash', 'search'),
  'paste-table': key('Ctrl V', [], 'Stash, Parcels’ list', 'take in what was copied from a spreadsheet'),
  'take-out': key('B', ['b', 'B'], 'Stash, a piece', 'take it to the bench'),
  'count-there': key('Space', [' '], 'Stash, taking stock', 'it is there, as many as thought'),
  'count-gone': key('0', ['0'], 'Stash, taking stock', 'it is not there'),
  go: key('Enter', ['Enter'], 'Share-out, Pages, Cuts, a kit of your own', 'the main button'),
  'new-page': key('N', ['n', 'N'], 'Pages', 'a new page'),
  'push-left': held('←', ['ArrowLeft'], 'Pages, a layer chosen', 'push it to the left'),
  'push-right': held('→', ['ArrowRight'], 'Pages, a layer chosen', 'push it to the right'),
  'push-up': held('↑', ['ArrowUp'], 'Pages, a layer chosen', 'push it up'),
  'push-down': held('↓', ['ArrowDown'], 'Pages, a layer chosen', 'push it down'),
  'far-left': held('Shift ←', ['Shift+ArrowLeft'], 'Pages, a layer chosen', 'farther'),
  'far-right': held('Shift →', ['Shift+ArrowRight'], 'Pages, a layer chosen', 'farther'),
  'far-up': held('Shift ↑', ['Shift+ArrowUp'], 'Pages, a layer chosen', 'farther'),
  'far-down': held('Shift ↓', ['Shift+ArrowDown'], 'Pages, a layer chosen', 'farther'),
  'turn-left': held('[', ['['], 'Pages, a layer chosen', 'turn it a degree'),
  'turn-right': held(']', [']'], 'Pages, a layer chosen', 'turn it a degree the other way'),
  lift: key('PgUp', ['PageUp'], 'Pages, a layer chosen', 'over the next'),
  lower: key('PgDn', ['PageDown'], 'Pages, a layer chosen', 'under the next'),
  'put-back': key('Home', ['Home'], 'Pages, a layer chosen', 'put it back'),
  'take-off': key('Delete', ['Delete', 'Backspace'], 'Pages, a thing chosen', 'take it off the page'),
  foam: key('O', ['o', 'O'], 'Pages, a thing chosen', 'on foam, or flat'),
  'lay-cluster': key('C', ['c', 'C'], 'Pages', 'lay the cluster that is proposed'),
  'next-cluster': key('X', ['x', 'X'], 'Pages', 'propose another cluster'),
  'left-next': held('→', ['ArrowRight'], 'Wrap-up', 'the next thing that is left'),
  'left-before': held('←', ['ArrowLeft'], 'Wrap-up', 'the one before'),
  'fate-kit': key('K', ['k', 'K'], 'Wrap-up', 'it stays with the kit'),
  'fate-back': key('B', ['b', 'B'], 'Wrap-up, a kit of your own', 'it goes back to the kit it came with'),
  'fate-stash': key('S', ['s', 'S'], 'Wrap-up', 'it goes to the stash'),
  'fate-month': key('M', ['m', 'M'], 'Wrap-up', 'it is kept for a month'),
  'fate-give': key('G', ['g', 'G'], 'Wrap-up', 'give it away'),
  'fate-sell': key('V', ['v', 'V'], 'Wrap-up', 'sell it'),
  'fate-lend': key('L', ['l', 'L'], 'Wrap-up', 'lend it'),
  'fate-recycle': key('R', ['r', 'R'], 'Wrap-up', 'recycle it'),
  'last-page': key('P', ['p', 'P'], 'Wrap-up', 'make the page that is proposed'),
  'album-next': held('→', ['ArrowRight'], 'Album', 'choose the next page'),
  'album-before': held('←', ['ArrowLeft'], 'Album', 'choose the one before'),
  'album-later': held('Shift →', ['Shift+ArrowRight'], 'Album', 'move it later'),
  'album-earlier': held('Shift ←', ['Shift+ArrowLeft'], 'Album', 'move it earlier'),
  'album-out': key('Delete', ['Delete', 'Backspace'], 'Album', 'take it out of the album'),
  cut: key('Space', [' '], 'Cuts', 'cut'),
  'cut-run': key('A', ['a', 'A'], 'Cuts', 'all cuts at this setting, one after another'),
  'cut-back': key('Backspace', ['Backspace'], 'Cuts', 'take the last cut back'),
} as const satisfies Record<string, KeyEntry>;

export type KeyId = keyof typeof KEY_TABLE;

/** The keys of one place, as they are listed. */
export const keysByPlace = (): Map<string, KeyEntry[]> => {
  const places = new Map<string, KeyEntry[]>();
  for (const entry of Object.values<KeyEntry>(KEY_TABLE))
    places.set(entry.where, [...(places.get(entry.where) ?? []), entry]);
  return places;
};

/** Whether a key is one of an entry's. */
export const isKeyOf = (id: KeyId, pressed: string): boolean =>
  (KEY_TABLE[id].keys as readonly string[]).includes(pressed);

/** Whether it goes on while its key is held. */
export const mayBeHeld = (id: KeyId): boolean => (KEY_TABLE[id] as KeyEntry).mayBeHeld ?? false;
