import type { Rect } from '../../../core/ground/geometry';
import type { Photo } from '../../../core/stock/things';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { withoutField, type ChangePhoto } from './withoutField';

const NEW_AREA: Rect = { x: 0.35, y: 0.3, w: 0.3, h: 0.3 };

/** What of a photo must not be covered: a part is marked, or its mark taken away. */
export function KeptClear({ photo: { keep = [] }, change }: { photo: Photo; change: ChangePhoto }) {
  return (
    <div>
      <Row>
        <strong>Not to be covered</strong>
        <Button look="quiet" onPress={() => change((now) => ({ ...now, keep: [...(now.keep ?? []), NEW_AREA] }))}>
          mark a part
        </Button>
      </Row>
      {keep.length === 0 ? (
        <Soft>Nothing is marked: all of it.</Soft>
      ) : (
        <Row>
          {keep.map((_, i) => (
            <Button
              key={i}
              look="quiet"
              onPress={() =>
                change((now) => {
                  const left = (now.keep ?? []).filter((__, j) => j !== i);
                  return left.length > 0 ? { ...now, keep: left } : withoutField(now, 'keep');
                })
              }
            >{`take mark ${i + 1} away`}</Button>
          ))}
        </Row>
      )}
    </div>
  );
}
