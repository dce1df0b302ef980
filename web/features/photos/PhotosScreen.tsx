import { useMemo } from 'react';
import styled from 'styled-components';
import { formatSize, TICKS_PER_INCH } from '../../../core/length';
import type { Photo } from '../../../core/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useImageUrls } from '../../data/images';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Columns, Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { AddPhotos } from './AddPhotos';
import { PrintsSlip } from './PrintsSlip';

const SCALE = 22;

/** Photos: stories with their pictures, at one scale, and the colours taken from them. */
export function PhotosScreen() {
  const { photos, stories, pages } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const all = useMemo(() => [...photos.values()], [photos]);
  const urls = useImageUrls(useMemo(() => all.map(({ image }) => image), [all]));
  const used = useMemo(() => new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo))), [pages]);
  const inOrder = [...stories.values()].sort((a, b) => b.date.localeCompare(a.date));
  const remove = (photo: Photo): void => { void act({ label: `Took ${photo.name} away`, changes: [{ table: 'photos', key: photo.id, after: null }] }); };
  const waiting = new Set(all.filter(({ id }) => !used.has(id)).map(({ id }) => id));
  return (
    <Screen title="Photos" about={all.length > 0 ? `${waiting.size} of ${all.length} wait for a page` : undefined} actions={all.length > 0 && <PrintsSlip photos={all} urls={urls} waiting={waiting} />}>
      <Columns $widths="1fr 320px">
        <Stack $gap={20}>
          {all.length === 0 && <Empty><h2>No photos yet</h2><p>Choose their story and size on the right, then drop them there. Their main colours are taken from the picture; nothing leaves this machine.</p></Empty>}
          {inOrder.map((story) => {
            const own = all.filter((photo) => photo.story === story.id);
            return own.length === 0 ? null : (
              <section key={story.id} aria-label={story.name}>
                <Row $gap={14}><h2>{story.name}</h2><Soft>{[story.date, story.place].filter(Boolean).join(' · ')}</Soft></Row>
                <Prints>
                  {own.map((photo) => (
                    <li key={photo.id}>
                      <Print src={urls.get(photo.image)} alt={photo.name} style={{ width: (photo.w / TICKS_PER_INCH) * SCALE, height: (photo.h / TICKS_PER_INCH) * SCALE }} />
                      <Colours aria-hidden>{photo.colours.map(({ hex, share }) => <i key={hex} style={{ background: hex, flexGrow: share }} />)}</Colours>
                      <strong>{photo.name}</strong>
                      <Soft>{formatSize(photo, system)} · {used.has(photo.id) ? 'on a page' : 'waiting'}</Soft>
                      {!used.has(photo.id) && <Button look="quiet" aria-label={`Take ${photo.name} away`} onPress={() => remove(photo)}>take away</Button>}
                    </li>
                  ))}
                </Prints>
              </section>
            );
          })}
        </Stack>
        <AddPhotos />
      </Columns>
    </Screen>
  );
}

const Prints = styled.ul`
  display: flex; flex-wrap: wrap; gap: 18px 22px; padding-top: 10px; align-items: flex-start;
  li { display: flex; flex-direction: column; align-items: flex-start; }
  strong { font-size: 15px; }
`;
const Print = styled.img`object-fit: cover; background: ${({ theme }) => theme.line}; border: 3px solid #fff; box-shadow: 0 1px 4px ${({ theme }) => theme.shade};`;
const Colours = styled.div`display: flex; width: 100%; height: 8px; margin: 6px 0 2px; i { flex-basis: 4px; }`;
