import { nanoid } from 'nanoid';
import { useState } from 'react';
import { byDay } from '../../../core/ground/days';
import { parseSize } from '../../../core/ground/length';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { addPhotos } from '../../../core/acts';
import { Choice } from '../../ui/Choice';
import { measureWords } from '../../ui/measureWords';
import { Slip, Soft, Stack, Wrong } from '../../ui/Screen';
import { SIZE_TYPED } from '../../ui/sizeTyped';
import { TextField } from '../../ui/TextField';
import { Tick } from '../../ui/Tick';
import { dayInDoubt } from './dayInDoubt';
import { PhotoDrop } from './PhotoDrop';
import { PRINT_SIZES, type PrintSize } from './printSizes';
import { readPhotos, type Told } from './readPhotos';

const NEW_STORY = 'new';

/** A story that is begun with its photos. */
interface BegunStory {
  readonly name: string;
  readonly date: string;
  readonly place: string;
}
const NO_STORY: BegunStory = { name: '', date: '', place: '' };

function NewStory({ told, onTold }: { told: BegunStory; onTold: (now: BegunStory) => void }) {
  const change = (key: keyof BegunStory) => (to: string) => onTold({ ...told, [key]: to });
  return (
    <>
      <TextField label="What it is called" value={told.name} onChange={change('name')} />
      <TextField
        label="When (a day, a month, a year)"
        value={told.date}
        onChange={change('date')}
        placeholder="2026-09-12, or 2026, or about 1998"
        description={dayInDoubt(told.date)}
      />
      <TextField label="Where" value={told.place} onChange={change('place')} />
    </>
  );
}

/** How large they are printed, and what is wrong with a size of her own. */
function usePrintSize() {
  const [size, setSize] = useState<PrintSize>('6x4');
  const [other, setOther] = useState('');
  const system = useSettings((s) => s.system);
  const print = size === 'other' ? parseSize(other, system) : parseSize(size);
  const errorOf = (): string | null => {
    if (size !== 'other' || other === '') return null;
    if (!print.ok)
      return /[x×]|by/i.test(other)
        ? measureWords(print.error)
        : `Write width and height, such as ${SIZE_TYPED[system]}.`;
    return print.value.w === 0 || print.value.h === 0 ? 'A photo of no size cannot be laid out.' : null;
  };
  return { size, setSize, other, setOther, print, sizeError: errorOf(), example: SIZE_TYPED[system] };
}

function PrintedSize({ told }: { told: ReturnType<typeof usePrintSize> }) {
  const { size, setSize, other, setOther, sizeError, example } = told;
  return (
    <>
      <Choice<PrintSize> label="Printed size" options={PRINT_SIZES} value={size} onChange={setSize} />
      {size === 'other' && (
        <TextField
          label="Width x height"
          value={other}
          onChange={setOther}
          error={sizeError}
          isMeasure
          placeholder={example}
        />
      )}
    </>
  );
}

/** Which story new photos are of: one there is, the latest before she chooses, or a new one. */
function useStoryChosen() {
  const stories = useBench((b) => b.stories);
  const [chosen, setChosen] = useState<string | null>(null);
  const [told, setTold] = useState(NO_STORY);
  const first = [...stories.values()].sort((a, b) => byDay(b.date, a.date))[0]?.id ?? NEW_STORY;
  return { stories, story: chosen ?? first, setChosen, told, setTold };
}

/** Reads files and adds them as photos, of a story that may begin with them. */
function useAdding() {
  const [isReading, setReading] = useState<{ done: number; of: number } | null>(null);
  const [troubles, setTroubles] = useState<readonly string[]>([]);
  const add = async (files: readonly File[], of: Told, begun: BegunStory | null): Promise<boolean> => {
    const { photos, pictures, wrong } = await readPhotos(files, of, (done) => setReading({ done, of: files.length }));
    setReading(null);
    setTroubles(wrong);
    if (photos.length === 0) return false;
    // Of a new story whose day she did not say, the first photo's own data tells it.
    const day = photos.flatMap(({ taken }) => taken?.slice(0, 10) ?? []).sort()[0] ?? '';
    const story = begun && {
      id: of.story,
      name: begun.name.trim(),
      date: begun.date.trim() || day,
      place: begun.place.trim(),
    };
    return act(addPhotos(photos, story ? [story] : []), { pictures });
  };
  return { isReading, troubles, setTroubles, add };
}

/** Adds photos: their story and print size are said once, then files are dropped or chosen, many at once. */
export function AddPhotos() {
  const { stories, story, setChosen, told, setTold } = useStoryChosen();
  const printed = usePrintSize();
  const { print, sizeError } = printed;
  const [isPrinted, setPrinted] = useState(false);
  const { isReading, troubles, setTroubles, add } = useAdding();
  const isNew = story === NEW_STORY;
  const addAll = async (files: readonly File[]): Promise<void> => {
    const wrong: string[] = [];
    if (isNew && told.name.trim() === '') wrong.push('Which story are they of? Give the new story a name first.');
    if (!print.ok || sizeError !== null) wrong.push('What size are they printed? Put the size right first.');
    setTroubles(wrong);
    if (wrong.length > 0 || !print.ok) return;
    const id = isNew ? nanoid(8) : story;
    if (await add(files, { story: id, print: print.value, isPrinted }, isNew ? told : null)) {
      setChosen(id);
      setTold((now) => ({ ...now, name: '' }));
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
        {isNew && <NewStory told={told} onTold={setTold} />}
        <PrintedSize told={printed} />
        <Tick isSelected={isPrinted} onChange={setPrinted}>
          they are printed already
        </Tick>
        <PhotoDrop isBusy={isReading !== null} onAdd={(files) => void addAll(files)} />
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
