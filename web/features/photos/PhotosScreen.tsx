import { useMemo } from 'react';
import styled from 'styled-components';
import { byDay } from '../../../core/ground/days';
import { useBench } from '../../data/benchStore';
import { useImageUrls } from '../../data/images';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Columns, Empty, Screen, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { AddPhotos } from './AddPhotos';
import { PhotoSlip } from './PhotoSlip';
import { PrintsSlip } from './PrintsSlip';
import { StorySlip } from './StorySlip';
import { StoryPrints } from './StoryPrints';
import { useChosen } from './useChosen';
import { usePhotosShown, type Shown } from './usePhotosShown';

const SHOWN: readonly (readonly [Shown, string])[] = [
  ['all', 'all'],
  ['waiting', 'that wait for a page'],
  ['to-print', 'still to print'],
  ['used', 'on a page'],
];

/** Nothing to show: there is none yet, or none is like that. */
function NoneShown({ hasAny, onAll }: { hasAny: boolean; onAll: () => void }) {
  if (hasAny)
    return (
      <Empty>
        <p>No photo is like that.</p>
        <Button onPress={onAll}>Show all</Button>
      </Empty>
    );
  return (
    <Empty>
      <h2>No photos yet</h2>
      <p>
        Choose their story and size on the right, then drop them there. Their day and main colours are taken from the
        picture; nothing leaves this machine.
      </p>
    </Empty>
  );
}

interface PhotosPartProps {
  of: ReturnType<typeof usePhotosShown>;
  urls: ReadonlyMap<string, string>;
  chosen: ReturnType<typeof useChosen>[0];
  onChoose: ReturnType<typeof useChosen>[1];
}

/** The stories, the latest first, with what is shown of each. */
function Stories({ of: { all, used, waiting, shown }, urls, chosen, onChoose }: PhotosPartProps) {
  const stories = useBench((b) => b.stories);
  const inOrder = [...stories.values()].sort((a, b) => byDay(b.date, a.date));
  return inOrder.map((one) => {
    const own = shown.filter((candidate) => candidate.story === one.id);
    return (
      own.length > 0 && (
        <StoryPrints
          key={one.id}
          story={one}
          photos={own}
          urls={urls}
          used={used}
          waiting={all.filter(({ id, story }) => story === one.id && waiting.has(id)).length}
          chosen={chosen && 'photo' in chosen ? chosen.photo : null}
          onPlan={() => onChoose({ story: one.id })}
          onChoose={(id) => onChoose(id === null ? null : { photo: id })}
        />
      )
    );
  });
}

/** What is told of the photo or the story that is chosen; of none, photos are added. */
function OfChosen({ of: { all, used, waiting }, urls, chosen, onChoose }: PhotosPartProps) {
  const { photos, stories } = useBench((b) => b);
  const photo = chosen && 'photo' in chosen ? photos.get(chosen.photo) : undefined;
  const story = chosen && 'story' in chosen ? stories.get(chosen.story) : undefined;
  const close = (): void => onChoose(null);
  if (photo)
    return (
      <PhotoSlip key={photo.id} photo={photo} url={urls.get(photo.image)} isUsed={used.has(photo.id)} onClose={close} />
    );
  if (!story) return <AddPhotos />;
  const waits = all.filter((one) => one.story === story.id && waiting.has(one.id));
  return <StorySlip key={story.id} story={story} waiting={waits} onClose={close} />;
}

/** Photos: stories with their pictures, at one scale, and the colours taken from them. */
export function PhotosScreen() {
  const of = usePhotosShown();
  const { all, waiting, shown, text, setText, which, setWhich } = of;
  const urls = useImageUrls(useMemo(() => all.map(({ image }) => image), [all]));
  const [chosen, onChoose] = useChosen();
  const parts = { of, urls, chosen, onChoose };
  const showAll = (): void => {
    setText('');
    setWhich('all');
  };
  return (
    <Screen
      title="Photos"
      about={all.length > 0 ? `${waiting.size} of ${all.length} wait for a page` : undefined}
      actions={
        all.length > 0 && (
          <PrintsSlip
            photos={all}
            urls={urls}
            waiting={new Set(all.filter(({ id, isPrinted }) => waiting.has(id) && !isPrinted).map(({ id }) => id))}
          />
        )
      }
    >
      {all.length > 0 && (
        <Filters>
          <TextField label="Search" value={text} onChange={setText} placeholder="story, place, day …" />
          <Choice<Shown> label="Photos" options={SHOWN} value={which} onChange={setWhich} />
        </Filters>
      )}
      <Columns $widths="1fr 330px">
        <Stack $gap={20}>
          {shown.length === 0 && <NoneShown hasAny={all.length > 0} onAll={showAll} />}
          <Stories {...parts} />
        </Stack>
        <OfChosen {...parts} />
      </Columns>
    </Screen>
  );
}

const Filters = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 320px) minmax(0, 220px);
  gap: 12px;
  padding-bottom: 10px;
  flex: none;
`;
