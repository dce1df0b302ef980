import { nth } from '../../../core/ground/nth';
import { useState, type ReactNode } from 'react';
import { DialogTrigger } from 'react-aria-components';
import { inches } from '../../../core/ground/length';
import { changePage, earlier, fillPlace } from '../../../core/acts';
import type { Page, PagePhoto } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Row, Stack } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { SlipOver } from '../../ui/SlipOver';

export interface PlaceButtonProps {
  page: Page;
  /** Its place in the page's list. */
  at: number;
  children: ReactNode;
}

/** Opens the slip of one photo of a page. */
export function PlaceButton({ page, at, children }: PlaceButtonProps) {
  return (
    <DialogTrigger>
      <Button look="quiet">{children}</Button>
      <SlipOver title={`Photo ${at + 1} of the page`}>
        {(close) => <Fields page={page} at={at} onDone={close} />}
      </SlipOver>
    </DialogTrigger>
  );
}

const KEPT = '';
type Mats = 'page' | 'none' | 'one' | 'two';
const MATS: readonly (readonly [Mats, string])[] = [
  ['page', 'one, as the page has it'],
  ['none', 'none'],
  ['one', 'one, its own'],
  ['two', 'two'],
];
type Corners = 'square' | NonNullable<PagePhoto['rounded']>;
const CORNERS: readonly (readonly [Corners, string])[] = [
  ['square', 'square'],
  ['all', 'all rounded'],
  ['outer', 'rounded at the outside of the photos'],
];
/** What the margins of one mat, or of two, are called. */
const STAND_OUT = [['Stands out'], ['The inner stands out', 'The outer stands out']] as const;
const BEGIN = { one: [inches(1 / 8)], two: [inches(1 / 16), inches(1 / 8)] } as const;

const matsNow = ({ mats }: PagePhoto): Mats => (mats ? nth(['none', 'one', 'two'] as const, mats.length) : 'page');

function withMats({ mats: _, ...place }: PagePhoto, to: Mats): PagePhoto {
  if (to === 'page') return place;
  return { ...place, mats: to === 'none' ? [] : BEGIN[to] };
}

interface FieldsProps {
  page: Page;
  at: number;
  onDone: () => void;
}

/** One photo of the page, or a place kept for one. */
function Fields({ page, at, onDone }: FieldsProps) {
  const place = page.photos[at];
  const put = (change: (now: PagePhoto) => PagePhoto, words: string): void => {
    const photos = (now: Page) => ({ photos: now.photos.map((one, i) => (i === at ? change(one) : one)) });
    void act(changePage(page.id, photos, words), { isQuiet: true });
  };
  if (!place) return null;
  return (
    <Stack>
      <Which page={page} at={at} place={place} onPut={put} />
      {place.photo === null && <PlaceSize place={place} onPut={put} />}
      <Around place={place} onPut={put} />
      <Border place={place} onPut={put} />
      <Row>
        <Button look="main" onPress={onDone}>
          So
        </Button>
        {at > 0 && (
          <Button
            look="quiet"
            onPress={() => {
              void act(earlier(page.id, at), { isQuiet: true });
              onDone();
            }}
          >
            before photo {at}
          </Button>
        )}
        <Button
          look="quiet"
          onPress={() => {
            const photos = (now: Page) => ({ photos: now.photos.filter((_, i) => i !== at) });
            void act(changePage(page.id, photos, 'Left a photo out'), { isQuiet: true });
            onDone();
          }}
        >
          not on this page
        </Button>
      </Row>
    </Stack>
  );
}

interface PartProps {
  place: PagePhoto;
  onPut: (change: (now: PagePhoto) => PagePhoto, words: string) => void;
}

/** Which photo it is; one that is taken later lays the page anew, or is printed to its place. */
function Which({ page, at, place, onPut }: PartProps & { page: Page; at: number }) {
  const { photos, stories } = useBench((b) => b);
  const [isPrintedTo, setPrintedTo] = useState(true);
  const own = new Set(page.photos.map(({ photo }) => photo));
  const waiting = [...photos.values()].filter(({ id }) => id === place.photo || !own.has(id));
  return (
    <>
      <Choice
        label="Photo"
        options={[
          [KEPT, 'a place kept, for one not taken yet'],
          ...waiting.map(({ id, name, story }): [string, string] => [id, `${name}, ${stories.get(story)?.name ?? ''}`]),
        ]}
        value={place.photo ?? KEPT}
        onChange={(id) => {
          if (id === KEPT) onPut((now) => ({ ...now, photo: null }), 'Kept a place for a photo');
          else void act(fillPlace(page.id, at, id, isPrintedTo && place.photo === null), { isQuiet: true });
        }}
      />
      {place.photo === null && (
        <Tick isSelected={isPrintedTo} onChange={setPrintedTo}>
          the photo is printed to this size
        </Tick>
      )}
    </>
  );
}

/** The size that a place is kept at: any, such as 3 1/4 x 4 3/4. */
function PlaceSize({ place, onPut }: PartProps) {
  const system = useSettings((s) => s.system);
  return (
    <Row style={{ alignItems: 'flex-end' }}>
      {(['w', 'h'] as const).map((side) => (
        <div key={side} style={{ width: 110 }}>
          <MeasureField
            label={side === 'w' ? 'Wide' : 'High'}
            value={place[side]}
            system={system}
            onChange={(to) => {
              if (to) onPut((now) => ({ ...now, [side]: to }), 'Changed a place for a photo');
            }}
            isKeptOnLeaving
          />
        </div>
      ))}
      <Button onPress={() => onPut(({ w, h, ...now }) => ({ ...now, w: h, h: w }), 'Turned a place for a photo')}>
        {place.w > place.h ? 'make it upright' : 'make it lie'}
      </Button>
    </Row>
  );
}

/** Its mats and its corners. */
function Around({ place, onPut }: PartProps) {
  const system = useSettings((s) => s.system);
  const { mats = [] } = place;
  return (
    <>
      <Choice<Mats>
        label="Mats"
        options={MATS}
        value={matsNow(place)}
        onChange={(to) => onPut((now) => withMats(now, to), 'Changed the mats of a photo')}
      />
      {mats.length > 0 && (
        <Row>
          {mats.map((margin, i) => (
            <div key={i} style={{ width: 150 }}>
              <MeasureField
                label={nth(nth(STAND_OUT, mats.length - 1), i)}
                value={margin}
                system={system}
                onChange={(to) => {
                  if (to)
                    onPut(
                      (now) => ({ ...now, mats: (now.mats ?? []).map((one, k) => (k === i ? to : one)) }),
                      'Changed the mats of a photo',
                    );
                }}
                isKeptOnLeaving
              />
            </div>
          ))}
        </Row>
      )}
      <Choice<Corners>
        label="Corners"
        options={CORNERS}
        value={place.rounded ?? 'square'}
        onChange={(to) =>
          onPut(
            ({ rounded: _, ...now }) => (to === 'square' ? now : { ...now, rounded: to }),
            'Changed the corners of a photo',
          )
        }
      />
    </>
  );
}

/** At least so much of a picture is seen beside the middle of its print. */
const LEAST_SEEN = inches(1 / 16);

/** The white border of its print: left round the picture, or trimmed off, which makes it smaller. */
function Border({ place, onPut }: PartProps) {
  const system = useSettings((s) => s.system);
  const { border = 0 } = place;
  const set = (to: number): void =>
    onPut(({ border: _, ...now }) => (to > 0 ? { ...now, border: to } : now), 'Changed the border of a photo');
  return (
    <Row style={{ alignItems: 'flex-end' }}>
      <div style={{ width: 190 }}>
        <MeasureField
          label="White border (0: none)"
          value={border}
          mayBeNothing
          most={Math.floor(Math.min(place.w, place.h) / 2) - LEAST_SEEN}
          system={system}
          onChange={(to) => {
            if (to !== null) set(to);
          }}
          isKeptOnLeaving
        />
      </div>
      {border > 0 && (
        <Button
          onPress={() =>
            onPut(
              ({ border: off = 0, w, h, ...now }) => ({ ...now, w: w - 2 * off, h: h - 2 * off }),
              'Trimmed a border off',
            )
          }
        >
          trim it off
        </Button>
      )}
    </Row>
  );
}
