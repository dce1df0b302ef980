import { nanoid } from 'nanoid';
import { Link } from 'react-router';
import type { Leaf } from '../../../core/kit/album';
import type { AlbumPlace } from '../../../core/stock/things';
import { Button } from '../../ui/Button';
import { KeptTextField } from '../../ui/KeptTextField';
import { Row, Soft, Stack } from '../../ui/Screen';
import { leafName } from './leafName';

export interface ChosenPlaceProps {
  leaf: Leaf | null;
  onPush: (by: -1 | 1) => void;
  onTakeOut: () => void;
  /** A place before the chosen one, or at the end where none is. */
  onAdd: (place: AlbumPlace) => void;
  onSay: (place: AlbumPlace) => void;
}

/** What is chosen in the album, and what can be done with it. */
export function ChosenPlace({ leaf, onPush, onTakeOut, onAdd, onSay }: ChosenPlaceProps) {
  const where = leaf ? 'before it' : 'at the end';
  return (
    <section aria-label="What is chosen">
      <h2>{leaf ? leafName(leaf) : 'Choose a page'}</h2>
      <Stack $gap={8}>
        {!leaf && <Soft>With the arrow keys, or a press; with Shift they move it. Or drag it.</Soft>}
        {leaf && <Named key={leaf.place.id} place={leaf.place} onSay={onSay} />}
        {leaf && (
          <Row $gap={8}>
            <Button isRepeatable hint="Shift ←" onPress={() => onPush(-1)}>
              Earlier
            </Button>
            <Button isRepeatable hint="Shift →" onPress={() => onPush(1)}>
              Later
            </Button>
          </Row>
        )}
        <Row $gap={14}>
          {leaf?.page && <Link to={`/pages/${leaf.page.id}`}>open the page</Link>}
          <Button look="quiet" onPress={() => onAdd({ id: nanoid(8), gap: '' })}>
            a gap {where}
          </Button>
          <Button look="quiet" onPress={() => onAdd({ id: nanoid(8), title: '' })}>
            a title page {where}
          </Button>
          {leaf && (
            <Button look="quiet" onPress={onTakeOut}>
              take it out
            </Button>
          )}
        </Row>
      </Stack>
    </section>
  );
}

function Named({ place, onSay }: { place: AlbumPlace; onSay: (place: AlbumPlace) => void }) {
  if ('title' in place)
    return <KeptTextField label="Its words" value={place.title} onKeep={(title) => onSay({ ...place, title })} />;
  if ('gap' in place)
    return <KeptTextField label="Kept for" value={place.gap} onKeep={(gap) => onSay({ ...place, gap })} />;
  return null;
}
