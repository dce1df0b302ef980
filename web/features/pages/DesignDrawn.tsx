import type { LayerCover } from '../../../core/trimmer/covering';
import type { DesignError, Layout } from '../../../core/page/design';
import { known } from '../../../core/ground/known';
import { formatArea, formatSize, inches, toInches } from '../../../core/ground/length';
import type { Result } from '../../../core/ground/result';
import { useSettings } from '../../data/settings';
import { PageDrawing } from '../../ui/PageDrawing';
import { designWords } from '../../ui/pageWords';
import { Soft, Stack, Wrong } from '../../ui/Screen';
import { layerName } from './layerName';

export interface DesignDrawnProps {
  /** Null: it cannot be read yet. */
  laid: Result<Layout, DesignError> | null;
  /** What of its layers is covered. */
  covers: readonly LayerCover[];
}

/** A design as she writes it, drawn, and what each layer covers. */
export function DesignDrawn({ laid, covers }: DesignDrawnProps) {
  const system = useSettings((s) => s.system);
  return (
    <Stack>
      {laid?.ok && (
        <PageDrawing
          layout={laid.value}
          papers={{}}
          pictures={[]}
          scale={Math.min(330 / toInches(laid.value.size.w), 330 / toInches(laid.value.size.h))}
          label="The design, drawn"
        />
      )}
      {laid && !laid.ok && <Wrong role="alert">{designWords(laid.error, system)}</Wrong>}
      {laid?.ok && covers.length > 0 && (
        <ul aria-label="What is covered">
          {covers.map(({ id, hidden, area, window }) => {
            const layer = known(laid.value.layers, (one) => one.id === id);
            return layer.role === 'photo' ? (
              <li key={id}>
                <Wrong>{layerName(laid.value, layer)} is partly covered.</Wrong>
              </li>
            ) : (
              <li key={id}>
                <strong>{layerName(laid.value, layer)}</strong>{' '}
                <Soft>
                  {formatArea(hidden, system)} of {formatArea(area, system)} hidden
                  {window && window.w > inches(1) && window.h > inches(1)
                    ? `; ${formatSize(window, system)} could be taken back`
                    : ''}
                </Soft>
              </li>
            );
          })}
        </ul>
      )}
    </Stack>
  );
}
