import type { Size } from '../../../core/ground/geometry';
import { formatSize, parseSize } from '../../../core/ground/length';
import type { Photo } from '../../../core/stock/things';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { PRINT_SIZES, type PrintSize } from './printSizes';
import { withoutField, type ChangePhoto } from './withoutField';

const sizeKey = ({ w, h }: Size): PrintSize =>
  PRINT_SIZES.map(([id]) => id).find((id) => {
    const size = id === 'other' ? null : parseSize(id).value;
    return size !== null && ((size.w === w && size.h === h) || (size.w === h && size.h === w));
  }) ?? 'other';

/** How a photo is printed: its size, which way it lies, whether it is printed already, in black and white. */
export function PhotoPrint({ photo, dots, change }: { photo: Photo; dots: Size | null; change: ChangePhoto }) {
  const system = useSettings((s) => s.system);
  const resize = (to: PrintSize): void => {
    const size = parseSize(to).value;
    if (!size || !dots) return;
    // A print lies as its picture does, or turned where she turned it.
    const lies = dots.w > dots.h === size.w > size.h || size.w === size.h;
    change((now) => ({ ...withoutField(now, 'crop'), w: lies ? size.w : size.h, h: lies ? size.h : size.w }));
  };
  const turn = (): void => change((now) => ({ ...withoutField(now, 'crop'), w: now.h, h: now.w }));
  return (
    <>
      <Row>
        <Choice<PrintSize>
          label="Print"
          options={PRINT_SIZES.map(([id, words]): [PrintSize, string] => [
            id,
            id === 'other' ? formatSize(photo, system) : words,
          ])}
          value={sizeKey(photo)}
          onChange={resize}
        />
        <Button isRepeatable look="quiet" onPress={turn}>
          turn it
        </Button>
        {photo.crop && (
          <Button look="quiet" onPress={() => change((now) => withoutField(now, 'crop'))}>
            crop evenly
          </Button>
        )}
      </Row>
      <Tick
        isSelected={photo.isPrinted ?? false}
        onChange={(is) => change((now) => (is ? { ...now, isPrinted: true } : withoutField(now, 'isPrinted')))}
      >
        printed already
      </Tick>
      <Tick
        isSelected={photo.isGrey ?? false}
        onChange={(is) => change((now) => (is ? { ...now, isGrey: true } : withoutField(now, 'isGrey')))}
      >
        black and white
      </Tick>
    </>
  );
}
