import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import { dayOf, ordered, type Opening, type OrderKeys } from '../../../core/kit/album';
import { dropAlbum, pageRecord } from '../../../core/acts';
import type { Album } from '../../../core/stock/things';
import { act, say } from '../../data/acts';
import { benchStore } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { MenuList } from '../../ui/MenuList';

export interface AlbumActionsProps {
  album: Album;
  openings: readonly Opening[];
  onChange: (to: (now: Album) => Album) => void;
}

type Way = keyof OrderKeys | 'side' | 'apart';

/** What a page sorts by: its day, the kit that most of it is of, its first photo's story. */
function orderKeys(): OrderKeys {
  const { bench } = benchStore.getState();
  return {
    day: dayOf,
    kit: (page) => pageRecord(page.id, bench)[0]?.kit.month ?? '',
    story: ({ photos }) =>
      bench.stories.get(bench.photos.get(photos.find(({ photo }) => photo !== null)?.photo ?? '')?.story ?? '')?.name ??
      '',
  };
}

async function print(album: Album, openings: readonly Opening[]): Promise<void> {
  const table = document.querySelector('[aria-label="The album, lying open"]');
  if (!table || openings.length === 0) return say('Nothing lies in it yet.', 'refused');
  const { contactSheet } = await import('./contactSheet');
  const bytes = await contactSheet(album, openings, table);
  keepFile(`album-${album.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}

/** The album as open files: JSON as its schema says, and a picture of each page, in one zip. */
async function keepOpen(album: Album, openings: readonly Opening[]): Promise<void> {
  const table = document.querySelector('[aria-label="The album, lying open"]');
  if (!table || openings.length === 0) return say('Nothing lies in it yet.', 'refused');
  const [{ albumFile }, { shownPng }, { zipSync, strToU8 }] = await Promise.all([
    import('./albumFile'),
    import('../../ui/drawnPage'),
    import('fflate'),
  ]);
  const { json, pictures } = albumFile(album, openings);
  const files: Record<string, Uint8Array> = { 'album.json': strToU8(JSON.stringify(json, null, 2)) };
  for (const [place, path] of pictures) {
    const shown = table.querySelector(`button[data-place="${CSS.escape(place)}"]`);
    const png = shown && (await shownPng(shown, DOTS));
    if (png) files[path] = new Uint8Array(await png.arrayBuffer());
  }
  keepFile(`album-${album.id}.zip`, zipSync(files, { level: 0 }) as Uint8Array<ArrayBuffer>, 'application/zip');
}
/** Dots to an inch of a page's picture. */
const DOTS = 100;

/** Other orders, and the sheet to print. */
export function AlbumActions({ album, openings, onChange }: AlbumActionsProps) {
  const choose = (way: Way): void => {
    if (way === 'apart') void act(dropAlbum(album));
    else if (way === 'side') onChange((now) => ({ ...now, startsOn: now.startsOn === 'right' ? 'left' : 'right' }));
    else onChange((now) => ordered(now, way, orderKeys(), benchStore.getState().bench.pages));
  };
  return (
    <>
      <MenuTrigger>
        <Button>This album …</Button>
        <MenuList>
          <Menu onAction={(key) => choose(key as Way)}>
            <MenuItem id="day">Order it by day</MenuItem>
            <MenuItem id="story">Order it by story</MenuItem>
            <MenuItem id="kit">Order it by kit</MenuItem>
            <MenuItem id="side">Begin it on the {album.startsOn === 'right' ? 'left' : 'right'}</MenuItem>
            <MenuItem id="apart">Take the album apart; its pages stay</MenuItem>
          </Menu>
        </MenuList>
      </MenuTrigger>
      <Button
        onPress={() => {
          print(album, openings).catch((error: unknown) => say(`That did not work: ${String(error)}`, 'refused'));
        }}
      >
        Print a contact sheet
      </Button>
      <Button
        onPress={() => {
          keepOpen(album, openings).catch((error: unknown) => say(`That did not work: ${String(error)}`, 'refused'));
        }}
      >
        As open files
      </Button>
    </>
  );
}
