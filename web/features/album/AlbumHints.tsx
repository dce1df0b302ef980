import type { AlbumRemark } from '../../../core/kit/album';
import type { Album } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { Button } from '../../ui/Button';
import { Stack } from '../../ui/Screen';

/** What is seen, and what would be done about it. */
const wordsOf = (remark: AlbumRemark): { readonly seen: string; readonly does: string } =>
  remark.kind === 'empty-side'
    ? {
        seen: `A side stays empty so that ${pageName(remark.before)} opens flat.`,
        does: `Move ${pageName(remark.moves)} over it`,
      }
    : {
        seen: 'A page with one photo sits well beside one with many.',
        does: `Exchange ${pageName(remark.many)} and ${pageName(remark.one)}`,
      };

/** What would be better, each with the press that does it. */
export function AlbumHints({ remarks, onTake }: { remarks: readonly AlbumRemark[]; onTake: (album: Album) => void }) {
  if (remarks.length === 0) return null;
  return (
    <section aria-label="Could be better">
      <h2>Could be better</h2>
      <Stack as="ul" $gap={8}>
        {remarks.map((remark) => {
          const { seen, does } = wordsOf(remark);
          return (
            <li key={does}>
              {seen}{' '}
              <Button look="quiet" onPress={() => onTake(remark.album)}>
                {does}
              </Button>
            </li>
          );
        })}
      </Stack>
    </section>
  );
}
