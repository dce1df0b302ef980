// What is done with things on the bench tray; comes with the first of it.
import { pageLayout } from '../../core/page/design';
import { layOn, putAway, putOnPage, type Chosen } from '../../core/acts';
import { freePlace } from '../../core/page/placing';
import type { Page, PlacedWhat } from '../../core/stock/things';
import { act } from '../data/acts';

/** Lays something at the place of the page that has the fewest. */
export function layAtPlace(page: Page, what: PlacedWhat): void {
  const layout = pageLayout(page);
  // A page that cannot be laid out yet has no places: the thing lies in its middle.
  const middle = { x: page.format.w / 2, y: page.format.h / 2 };
  const at = freePlace(layout.ok ? layout.value.accents : [middle], page.placed ?? []);
  void act(layOn(page.id, [{ what, ...at, turn: 0 }]), { isQuiet: true });
}

/** Uses what is out on the page. */
export const use = (page: string, chosen: readonly Chosen[]): Promise<boolean> => act(putOnPage(page, chosen));

/** Puts what is out away again. */
export const putBack = (page: string, chosen: readonly Chosen[]): Promise<boolean> => act(putAway(page, chosen));
