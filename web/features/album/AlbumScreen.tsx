import { nanoid } from 'nanoid';
import { Link, useParams } from 'react-router';
import { pagesInNone, sizeOfMost } from '../../../core/kit/album';
import { beginAlbum } from '../../../core/acts';
import type { Album } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { benchStore, useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { FORMATS } from '../../ui/pageWords';
import { Empty, Row, Screen } from '../../ui/Screen';
import { Shelf } from '../../ui/Shelf';
import { useGoAfter } from '../../ui/useGoAfter';
import { AlbumBench } from './AlbumBench';
import { LeadOn } from '../../ui/LeadOn';

/** An album of all pages that are glued and in none yet, of the size that most of them have. */
function newAlbum(): Album {
  const { bench } = benchStore.getState();
  const [, , usual] = FORMATS[0] ?? ['', '', { w: 1, h: 1 }];
  const size = sizeOfMost(pagesInNone(null, bench)) ?? { w: usual.w, h: usual.h };
  return {
    id: nanoid(8),
    name: bench.albums.size === 0 ? 'Album' : `Album ${bench.albums.size + 1}`,
    size,
    startsOn: 'right',
    places: pagesInNone(size, bench).map(({ id }) => ({ id: nanoid(8), page: id })),
  };
}

/** Albums: finished pages in order, as they face each other when the album lies open. */
export function AlbumScreen() {
  const { album: id } = useParams();
  const albums = useBench((b) => b.albums);
  const goAfter = useGoAfter();
  const begin = async (): Promise<void> => {
    const album = newAlbum();
    await goAfter(act(beginAlbum(album)).then((isDone) => (isDone ? `/album/${album.id}` : null)));
  };
  const beginButton = <Button onPress={() => void begin()}>Begin an album</Button>;
  const album = albums.get(id ?? '');
  const [first] = albums.keys();
  if (!album && first !== undefined) return <LeadOn to={`/album/${first}`} />;
  if (!album)
    return (
      <Screen title="Album">
        <Empty>
          <h2>No album yet</h2>
          <p>
            Glued pages are put in order here, as they face each other when the album lies open. It begins with all that
            are of one size.
          </p>
          {beginButton}
        </Empty>
      </Screen>
    );
  const shelf = (
    <Row style={{ justifyContent: 'space-between', flex: 'none' }}>
      <Shelf aria-label="Albums">
        {[...albums.values()].map((one) => (
          <Link key={one.id} to={`/album/${one.id}`} aria-current={one.id === album.id ? 'page' : undefined}>
            {one.name}
          </Link>
        ))}
      </Shelf>
      {beginButton}
    </Row>
  );
  return <AlbumBench key={album.id} album={album} shelf={shelf} />;
}
