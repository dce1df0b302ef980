import { nanoid } from 'nanoid';
import { useMemo, type ReactNode } from 'react';
import { albumRemarks, leavesOf, openingsOf, pagesInNone } from '../../../core/kit/album';
import { isSame } from '../../../core/stock/bench';
import type { Album } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { countWords } from '../../words/countWords';
import { KeptTextField } from '../../ui/KeptTextField';
import { formatWords } from '../../ui/pageWords';
import { Columns, Screen, Stack } from '../../ui/Screen';
import { AlbumActions } from './AlbumActions';
import { AlbumHints } from './AlbumHints';
import { ChosenPlace } from './ChosenPlace';
import { HowThick } from './HowThick';
import { KeptBack } from './KeptBack';
import { NotIn } from './NotIn';
import { Openings } from './Openings';
import { useArranging } from './useArranging';

/** An album lying open, all of it: what is chosen is moved by keys, by dragging, or as a hint proposes. */
export function AlbumBench({ album, shelf }: { album: Album; shelf: ReactNode }) {
  const { pages, albums } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const openings = useMemo(() => openingsOf(album, pages), [album, pages]);
  const leaves = useMemo(() => leavesOf(album, pages), [album, pages]);
  const remarks = useMemo(() => albumRemarks(album, pages), [album, pages]);
  const others = useMemo(() => pagesInNone(album.size, { pages, albums }), [album.size, pages, albums]);
  const { chosen, choose, change, push, takeOut, add, move, say } = useArranging(album, leaves);
  const count = leaves.filter(({ page }) => page !== null).length;
  return (
    <Screen
      title="Album"
      about={`${album.name} · ${countWords(count, 'page')} of ${formatWords({ ...album.size, spread: false }, system)}`}
      actions={<AlbumActions album={album} openings={openings} onChange={change} />}
    >
      {shelf}
      <Columns $widths="minmax(0, 1fr) 300px">
        <Openings album={album} openings={openings} chosen={chosen} onChoose={choose} onMove={move} />
        <Stack $gap={18}>
          <ChosenPlace
            leaf={leaves.find(({ place }) => place.id === chosen) ?? null}
            onPush={push}
            onTakeOut={takeOut}
            onAdd={(place) => add(place, chosen)}
            onSay={say}
          />
          <AlbumHints remarks={remarks} onTake={(to) => change((now) => (isSame(now, album) ? to : now))} />
          <HowThick album={album} onChange={change} />
          <KeptBack album={album} />
          <NotIn pages={others} onAdd={({ id }) => add({ id: nanoid(8), page: id }, null)} />
          <KeptTextField
            label="Name of the album"
            value={album.name}
            onKeep={(name) => change((now) => (name.trim() === '' ? now : { ...now, name: name.trim() }))}
          />
        </Stack>
      </Columns>
    </Screen>
  );
}
