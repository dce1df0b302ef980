import { nanoid } from 'nanoid';
import { useState } from 'react';
import { DropZone, FileTrigger, type FileDropItem } from 'react-aria-components';
import styled from 'styled-components';
import { parseSize } from '../../../core/length';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { addPhotos } from '../../../core/making';
import type { Photo, Story } from '../../../core/things';
import type { Image } from '../../data/stockDb';
import { today } from '../../data/today';
import { readPicture } from '../../workers/picturesClient';
import { whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { measureWords } from '../../ui/measureWords';
import { Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { PRINT_SIZES, type PrintSize } from './printSizes';

const NEW_STORY = 'new';

const nameOf = (file: File): string => file.name.replace(/\.[^.]+$/, '').replaceAll(/[_-]+/g, ' ') || 'photo';

/** Adds photos: their story and print size are said once, then files are dropped or chosen, many at once. */
export function AddPhotos() {
  const stories = useBench((b) => b.stories);
  const [chosen, setChosen] = useState<string | null>(null);
  const [name, setName] = useState('');
  const [date, setDate] = useState('');
  const [place, setPlace] = useState('');
  const [size, setSize] = useState<PrintSize>('6x4');
  const [other, setOther] = useState('');
  const [isPrinted, setPrinted] = useState(false);
  const [isReading, setReading] = useState<{ done: number; of: number } | null>(null);
  const [troubles, setTroubles] = useState<readonly string[]>([]);
  const first = [...stories.values()].sort((a, b) => b.date.localeCompare(a.date))[0]?.id ?? NEW_STORY;
  const story = chosen ?? first;
  const print = parseSize(size === 'other' ? other : size);
  const sizeError =
    size !== 'other' || other === ''
      ? null
      : !print.ok
        ? /[x×]|by/i.test(other)
          ? measureWords(print.error)
          : 'Write width and height, such as 3 1/4 x 4 3/4.'
        : print.value.w === 0 || print.value.h === 0
          ? 'A photo of no size cannot be laid out.'
          : null;

  const add = async (files: readonly File[]): Promise<void> => {
    const wrong: string[] = [];
    if (story === NEW_STORY && name.trim() === '')
      wrong.push('Which story are they of? Give the new story a name first.');
    if (!print.ok || sizeError !== null) wrong.push('What size are they printed? Put the size right first.');
    setTroubles(wrong);
    if (wrong.length > 0 || !print.ok) return;
    const storyId = story === NEW_STORY ? nanoid(8) : story;
    const photos: Photo[] = [];
    const pictures: Image[] = [];
    const days: string[] = [];
    for (const [i, file] of files.entries()) {
      setReading({ done: i, of: files.length });
      const picture = file.size === 0 ? null : await readPicture(file).catch((error: unknown) => whyOf(error));
      if (typeof picture === 'string') {
        wrong.push(`${file.name} was not read: ${picture}. Choose it again.`);
        continue;
      }
      if (!picture) {
        wrong.push(
          file.size === 0
            ? `${file.name} is empty: it has 0 bytes. Copy it again from the camera.`
            : `${file.name} cannot be read as a picture. JPEG, PNG and WebP can; save it as one of these.`,
        );
        continue;
      }
      const { w, h } = print.value;
      // A print lies as its picture does.
      const turned = picture.w > picture.h !== w > h && picture.w !== picture.h;
      if (picture.taken !== null) days.push(picture.taken.slice(0, 10));
      const image = nanoid(8);
      const id = nanoid(8);
      pictures.push({ id: image, type: picture.type, bytes: picture.bytes });
      photos.push({
        id,
        story: storyId,
        name: nameOf(file),
        image,
        w: turned ? h : w,
        h: turned ? w : h,
        colours: picture.colours,
        added: today(),
        dots: { w: picture.w, h: picture.h },
        ...(picture.taken === null ? {} : { taken: picture.taken }),
        ...(picture.isGrey ? { isGrey: true } : {}),
        ...(isPrinted ? { isPrinted: true } : {}),
      });
    }
    // Of a new story whose day she did not say, the first photo's own data tells it.
    const begun: Story = {
      id: storyId,
      name: name.trim(),
      date: date.trim() || (days.sort()[0] ?? ''),
      place: place.trim(),
    };
    setReading(null);
    setTroubles(wrong);
    if (photos.length > 0 && (await act(addPhotos(photos, story === NEW_STORY ? [begun] : []), { pictures }))) {
      setChosen(storyId);
      setName('');
    }
  };

  return (
    <Slip aria-label="Add photos">
      <Stack>
        <h2>Add photos</h2>
        <Choice
          label="Story"
          options={[
            ...[...stories.values()].map((s): [string, string] => [s.id, s.name]),
            [NEW_STORY, 'a new story …'],
          ]}
          value={story}
          onChange={setChosen}
        />
        {story === NEW_STORY && (
          <>
            <TextField label="What it is called" value={name} onChange={setName} />
            <TextField
              label="When (a day, a month, a year)"
              value={date}
              onChange={setDate}
              placeholder="2026-09-12, or 2026, or about 1998"
            />
            <TextField label="Where" value={place} onChange={setPlace} />
          </>
        )}
        <Choice<PrintSize> label="Printed size" options={PRINT_SIZES} value={size} onChange={setSize} />
        {size === 'other' && (
          <TextField
            label="Width x height"
            value={other}
            onChange={setOther}
            error={sizeError}
            isMeasure
            placeholder="3 1/4 x 4 3/4"
          />
        )}
        <Tick isSelected={isPrinted} onChange={setPrinted}>
          they are printed already
        </Tick>
        <Drop
          onDrop={(event) => {
            void Promise.all(
              event.items.filter((item): item is FileDropItem => item.kind === 'file').map((item) => item.getFile()),
            ).then(add);
          }}
        >
          <FileTrigger
            allowsMultiple
            acceptedFileTypes={['image/*']}
            onSelect={(list) => {
              if (list) void add([...list]);
            }}
          >
            <Button look="main" isDisabled={isReading !== null}>
              Choose files
            </Button>
          </FileTrigger>
          <Soft>or drop them here</Soft>
        </Drop>
        {isReading && (
          <p role="status">
            Reading {isReading.done + 1} of {isReading.of} …
          </p>
        )}
        {troubles.map((trouble) => (
          <Wrong key={trouble} role="alert">
            {trouble}
          </Wrong>
        ))}
        <Soft>Put a copy on the page, not the only print. Pictures stay in this browser.</Soft>
      </Stack>
    </Slip>
  );
}

const Drop = styled(DropZone)`
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 8px;
  padding: 22px;
  border: 2px dashed ${({ theme }) => theme.soft};
  border-radius: 6px;
  &[data-drop-target] {
    background: ${({ theme }) => theme.marigoldWash};
    border-color: ${({ theme }) => theme.marigold};
  }
`;
