import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { hasAll, plainWords, wordsAsked } from '../../../core/finding';
import { formatSize, TICKS_PER_INCH } from '../../../core/length';
import type { Photo } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { pictureOf, useImageUrls } from '../../data/images';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { dayWords } from '../../ui/dayWords';
import { PictureFill } from '../../ui/PictureFill';
import { Columns, Empty, Row, Screen, Soft, Stack } from '../../ui/Screen';
import { TextField } from '../../ui/TextField';
import { AddPhotos } from './AddPhotos';
import { PhotoSlip } from './PhotoSlip';
import { PrintsSlip } from './PrintsSlip';
import { StorySlip } from './StorySlip';
import { useChosen } from './useChosen';

const SCALE = 22;

type Shown = 'all' | 'waiting' | 'to-print' | 'used';
const SHOWN: readonly (readonly [Shown, string])[] = [
  ['all', 'all'],
  ['waiting', 'that wait for a page'],
  ['to-print', 'still to print'],
  ['used', 'on a page'],
];

/** Photos: stories with their pictures, at one scale, and the colours taken from them. */
export function PhotosScreen() {
  const { photos, stories, pages } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const all = useMemo(() => [...photos.values()], [photos]);
  const urls = useImageUrls(useMemo(() => all.map(({ image }) => image), [all]));
  const used = useMemo(
    () => new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo))),
    [pages],
  );
  const [text, setText] = useState('');
  const [which, setWhich] = useState<Shown>('all');
  const [chosen, setChosen] = useChosen();
  const inOrder = [...stories.values()].sort((a, b) => b.date.localeCompare(a.date));
  const waiting = new Set(all.filter(({ id }) => !used.has(id)).map(({ id }) => id));
  const isShown = (photo: Photo): boolean => {
    const story = stories.get(photo.story);
    const words = plainWords(
      [
        photo.name,
        photo.taken,
        story?.name,
        story?.place,
        story?.date,
        dayWords(story?.date ?? ''),
        story?.people,
      ].join(' '),
    );
    const isOf = {
      all: true,
      waiting: waiting.has(photo.id),
      'to-print': photo.isPrinted !== true && waiting.has(photo.id),
      used: used.has(photo.id),
    }[which];
    return isOf && hasAll(words, wordsAsked(text));
  };
  const shown = all.filter(isShown);
  const photo = chosen && 'photo' in chosen ? photos.get(chosen.photo) : undefined;
  const story = chosen && 'story' in chosen ? stories.get(chosen.story) : undefined;
  const close = (): void => setChosen(null);
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
          {all.length === 0 && (
            <Empty>
              <h2>No photos yet</h2>
              <p>
                Choose their story and size on the right, then drop them there. Their day and main colours are taken
                from the picture; nothing leaves this machine.
              </p>
            </Empty>
          )}
          {all.length > 0 && shown.length === 0 && (
            <Empty>
              <p>No photo is like that.</p>
              <Button
                onPress={() => {
                  setText('');
                  setWhich('all');
                }}
              >
                Show all
              </Button>
            </Empty>
          )}
          {inOrder.map((one) => {
            const own = shown.filter((candidate) => candidate.story === one.id);
            const here = all.filter((candidate) => candidate.story === one.id && waiting.has(candidate.id)).length;
            return own.length === 0 ? null : (
              <section key={one.id} aria-label={one.name}>
                <Row $gap={14}>
                  <h2>{one.name}</h2>
                  <Soft>{[dayWords(one.date), one.place, one.people].filter(Boolean).join(' · ')}</Soft>
                  <Button
                    look="quiet"
                    aria-label={`Plan the pages of ${one.name}`}
                    onPress={() => setChosen({ story: one.id })}
                  >
                    {here > 0 ? 'plan its pages' : 'change it'}
                  </Button>
                </Row>
                <Prints>
                  {own.map((print) => {
                    const picture = pictureOf(print, urls);
                    const [w, h] = [(print.w / TICKS_PER_INCH) * SCALE, (print.h / TICKS_PER_INCH) * SCALE];
                    return (
                      <li key={print.id}>
                        <Print
                          type="button"
                          aria-pressed={photo?.id === print.id}
                          aria-label={`${print.name}, ${formatSize(print, system)}`}
                          onClick={() => setChosen(photo?.id === print.id ? null : { photo: print.id })}
                        >
                          <svg width={w} height={h} aria-hidden>
                            {picture && <PictureFill {...picture} x={0} y={0} width={w} height={h} />}
                          </svg>
                        </Print>
                        <Colours aria-hidden>
                          {print.colours.map(({ hex, share }) => (
                            <i key={hex} style={{ background: hex, flexGrow: share }} />
                          ))}
                        </Colours>
                        <Caption
                          type="button"
                          tabIndex={-1}
                          aria-hidden
                          onClick={() => setChosen(photo?.id === print.id ? null : { photo: print.id })}
                        >
                          {print.name}
                        </Caption>
                        <Soft>
                          {formatSize(print, system)} ·{' '}
                          {used.has(print.id) ? 'on a page' : print.isPrinted ? 'printed, waiting' : 'waiting'}
                        </Soft>
                      </li>
                    );
                  })}
                </Prints>
              </section>
            );
          })}
        </Stack>
        {photo ? (
          <PhotoSlip
            key={photo.id}
            photo={photo}
            url={urls.get(photo.image)}
            isUsed={used.has(photo.id)}
            onClose={close}
          />
        ) : story ? (
          <StorySlip
            key={story.id}
            story={story}
            waiting={all.filter((one) => one.story === story.id && waiting.has(one.id))}
            onClose={close}
          />
        ) : (
          <AddPhotos />
        )}
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
const Prints = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 18px 22px;
  padding-top: 10px;
  align-items: flex-start;
  li {
    display: flex;
    flex-direction: column;
    align-items: flex-start;
  }
  strong {
    font-size: 15px;
  }
`;
const Print = styled.button`
  padding: 0;
  cursor: pointer;
  background: ${({ theme }) => theme.line};
  border: 3px solid #fff;
  box-shadow: 0 1px 4px ${({ theme }) => theme.shade};
  svg {
    display: block;
  }
  &[aria-pressed='true'] {
    border-color: ${({ theme }) => theme.beet};
  }
`;
/** Opens what its picture opens; the keyboard has that already. */
const Caption = styled.button`
  all: unset;
  cursor: pointer;
  font-weight: 700;
  font-size: 15px;
  &:hover {
    text-decoration: underline;
  }
`;
const Colours = styled.div`
  display: flex;
  width: 100%;
  height: 8px;
  margin: 6px 0 2px;
  i {
    flex-basis: 4px;
  }
`;
