import styled from 'styled-components';
import { whatWorks, type Working } from '../../../core/page/design';
import { groupBy } from '../../../core/ground/groupBy';
import { formatLength, formatSize, type MeasureSystem } from '../../../core/ground/length';
import { changePage, printTo } from '../../../core/acts';
import { evenCrop, lostBy } from '../../../core/page/photos';
import type { Page, PagePhoto, Photo } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { inSentence } from '../../ui/inSentence';
import { designWords, formatWords } from '../../ui/pageWords';
import { Row, Slip, Wrong } from '../../ui/Screen';
import { nameOfSlot } from './layerName';
import { SmallerPaper } from './SmallerPaper';
import type { PageWork } from './usePageWork';
import { agreeing } from '../../words/countWords';

/** Which photos are to be smaller, how large each, and what of a picture is lost where that is known. */
function smallerWords(
  was: readonly PagePhoto[],
  now: readonly PagePhoto[],
  photos: ReadonlyMap<string, Photo>,
  system: MeasureSystem,
): string {
  const changed = now.flatMap((place, i) => {
    const before = was[i];
    if (!before || (before.w === place.w && before.h === place.h)) return [];
    const photo = photos.get(place.photo ?? '');
    const lost = photo?.dots ? Math.round(100 * lostBy(evenCrop(photo.dots, place))) : 0;
    return [{ number: i + 1, size: formatSize(place, system), lost, isPrinted: photo?.isPrinted === true }];
  });
  const sizes = [...groupBy(changed, ({ size }) => size)].map(
    ([size, own]) =>
      `${agreeing(own.length, 'photo', 'photos')} ${own.map(({ number }) => number).join(', ')} at ${size}`,
  );
  const lost = Math.max(0, ...changed.map((one) => one.lost));
  const how = changed.some(({ isPrinted }) => isPrinted) ? ', trimmed where printed already' : '';
  return `with ${sizes.join(' and ')}${how}${lost > 0 ? ` (at most ${lost} % of a picture is lost)` : ''}`;
}

/** What would work instead, as it stands on its button. */
function workingWords(
  { kind, name, measure, change }: Working,
  page: Page,
  photos: ReadonlyMap<string, Photo>,
  system: MeasureSystem,
): string {
  switch (kind) {
    case 'narrower-mats':
      return `mats of ${formatLength(measure ?? 0, system)}`;
    case 'no-mats':
      return 'without mats';
    case 'smaller-place': {
      const place = change.photos?.[measure ?? 0];
      return place ? `with a place of ${formatSize(place, system)}` : '';
    }
    case 'smaller-prints':
      return smallerWords(page.photos, change.photos ?? [], photos, system);
    case 'option':
      return inSentence(name);
    case 'overlap':
      return 'let them overlap';
    case 'design':
      return `in the design ${inSentence(name)}`;
    case 'spread':
      return 'over a spread';
    case 'larger':
      return 'on a 12 × 12';
    case 'fewer':
      return page.photos.length > 1 ? `without photo ${(measure ?? 0) + 1}` : 'without the photo';
  }
}

/** Why the page cannot be so, and the nearest that can: one press takes it. */
export function CannotBe({ page, work }: { page: Page; work: PageWork }) {
  const { error, layout, short } = work;
  const system = useSettings((s) => s.system);
  const { faces, photos } = useBench((b) => b);
  return (
    <>
      {error && (
        <Slip aria-label="What would work">
          <Wrong role="alert">{designWords(error, system)}</Wrong>
          <Ways>
            <span>It would work</span>
            {whatWorks(page, error).map((way) => (
              <Button
                key={way.kind}
                onPress={() =>
                  void act(
                    way.kind === 'smaller-prints'
                      ? printTo(page.id, way.change.photos ?? [])
                      : changePage(page.id, way.change, 'Changed what did not fit'),
                  )
                }
              >
                {workingWords(way, page, photos, system)}
              </Button>
            ))}
          </Ways>
        </Slip>
      )}
      {layout &&
        short.map((piece) => (
          <Wrong role="alert" key={piece.id}>
            {piece.face === null ? 'No paper' : `No ${faces.get(piece.face)?.name ?? 'paper'}`} is left for the{' '}
            {inSentence(nameOfSlot(layout, piece.slot))}, which needs a piece of{' '}
            {formatWords({ ...piece, spread: false }, system)}. Give it another paper, choose a smaller page or another
            design, or unpack more paper.
          </Wrong>
        ))}
      {layout && short.some(({ slot }) => slot === 'ground') && (
        <SmallerPaper page={page} layout={layout} work={work} />
      )}
    </>
  );
}

const Ways = styled(Row)`
  padding-top: 8px;
  button {
    white-space: normal;
    text-align: left;
    max-width: 100%;
  }
`;
