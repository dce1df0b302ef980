import { formatSize, inches } from '../../../core/ground/length';
import type { Layout } from '../../../core/page/design';
import { useSettings } from '../../data/settings';
import { Paper } from '../../ui/Paper';
import { Soft } from '../../ui/Screen';
import { layerName } from './layerName';
import { ListLine } from './ListLine';

export interface LayerListProps {
  layout: Layout;
  papers: Readonly<Record<string, string>>;
  chosen: string | null;
  onChoose: (layer: string) => void;
}

/** What lies on what, the top first. */
export function LayerList({ layout, papers, chosen, onChoose }: LayerListProps) {
  const system = useSettings((s) => s.system);
  return (
    <section aria-label="Layers">
      <h2>What lies on what</h2>
      <Soft>top first; from the left and head of the page</Soft>
      <ol>
        {[...layout.layers].reverse().map((layer) => (
          <li key={layer.id}>
            <ListLine type="button" aria-pressed={chosen === layer.id} onClick={() => onChoose(layer.id)}>
              <Paper
                size={{ w: inches(2), h: inches(2) }}
                face={layer.slot === null ? null : (papers[layer.slot] ?? null)}
                scale={15}
              />
              <span>
                {layerName(layout, layer)}
                {layer.turn === 0 ? '' : `, turned ${layer.turn}°`}
                <br />
                <span className="measure">{formatSize(layer, system)}</span>{' '}
                <Soft>at {formatSize({ w: layer.x, h: layer.y }, system).replace(' × ', ', ')}</Soft>
              </span>
            </ListLine>
          </li>
        ))}
      </ol>
    </section>
  );
}
