import styled from 'styled-components';
import { formatSize } from '../../../core/ground/length';
import { changePage } from '../../../core/acts';
import type { MeasuredDesign, Page, PagePhoto } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { PlaceButton } from './PlaceSlip';
import { agreeing } from '../../words/countWords';

/** The places that a design of measures has for photos. */
const placesOf = (own: MeasuredDesign | undefined): PagePhoto[] =>
  (own?.layers ?? []).filter(({ name }) => name.toLowerCase() === 'photo').map(({ w, h }) => ({ photo: null, w, h }));

/** Photos of the page and places kept for some, in order: each with its own size, mats and corners. */
export function PhotoPlaces({ page }: { page: Page }) {
  const photos = useBench((b) => b.photos);
  const system = useSettings((s) => s.system);
  const offered = placesOf(page.own).slice(page.photos.length);
  const set = (some: Parameters<typeof changePage>[1], words: string): void => {
    void act(changePage(page.id, some, words), { isQuiet: true });
  };
  if (page.photos.length === 0 && offered.length === 0) return null;
  return (
    <section aria-label="On this page">
      <Places>
        {page.photos.map(({ photo, w, h }, i) => (
          <li key={i}>
            <PlaceButton page={page} at={i}>
              {i + 1} · {photo === null ? 'a place kept' : (photos.get(photo)?.name ?? 'a photo')}
            </PlaceButton>
            <Soft>{formatSize({ w, h }, system)}</Soft>
          </li>
        ))}
      </Places>
      {page.photos.some(({ photo }) => photo === null) && (
        <Soft>A place kept waits for its photo: choose it there once it is taken, or print one to its size.</Soft>
      )}
      <Row>
        {offered.length > 0 && (
          <Button
            look="quiet"
            onPress={() => set((now) => ({ photos: [...now.photos, ...offered] }), 'Kept the design’s places')}
          >
            keep the design’s {agreeing(offered.length, 'place', `${offered.length} places`)}
          </Button>
        )}
        {page.photos.length > 1 && (
          <Tick
            isSelected={page.mayOverlap === true}
            onChange={(mayOverlap) => set({ mayOverlap }, 'Changed how photos lie')}
          >
            may overlap
          </Tick>
        )}
      </Row>
    </section>
  );
}

const Places = styled.ol`
  li {
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 2px 10px;
    align-items: center;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
