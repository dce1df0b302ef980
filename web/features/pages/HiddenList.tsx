import styled from 'styled-components';
import type { LayerCover } from '../../../core/trimmer/covering';
import { formatArea, formatSize } from '../../../core/ground/length';
import { isWorthTheKnife } from '../../../core/page/cutlist';
import type { Layout } from '../../../core/page/design';
import { useSettings } from '../../data/settings';
import { Soft } from '../../ui/Screen';
import { layerName } from './layerName';
import { known } from '../../../core/ground/known';

export interface HiddenListProps {
  layout: Layout;
  covers: readonly LayerCover[];
  chosen: string | null;
  onChoose: (layer: string) => void;
}

/** What the layers hide, and which middles could be cut out and used before glueing. */
export function HiddenList({ layout, covers, chosen, onChoose }: HiddenListProps) {
  const { system, hold } = useSettings();
  const hidden = covers
    .flatMap(({ id, hidden: area, window }) => {
      const layer = known(layout.layers, (one) => one.id === id);
      return layer.role !== 'photo' && area > 0 && window && isWorthTheKnife(window) ? [{ layer, area, window }] : [];
    })
    .sort((a, b) => b.window.w * b.window.h - a.window.w * a.window.h);
  return (
    <section aria-label="Hidden">
      <h2>Hidden, and worth taking back</h2>
      {hidden.length === 0 && <Soft>Nothing large enough is hidden.</Soft>}
      <ul>
        {hidden.map(({ layer, area, window }) => (
          <li key={layer.id}>
            <Line type="button" aria-pressed={chosen === layer.id} onClick={() => onChoose(layer.id)}>
              <strong>{layerName(layout, layer)}</strong> <span className="measure">{formatSize(window, system)}</span>
              <small>
                {formatSize({ w: window.x - layer.x, h: window.y - layer.y }, system)} from its left and head;{' '}
                {formatArea(area, system)} of it is covered
              </small>
            </Line>
          </li>
        ))}
      </ul>
      {hidden.length > 0 && (
        <Soft>
          {formatSize({ w: hold, h: hold }, system).split(' ×')[0]} stays under what covers it. Cut with a craft knife
          along a metal ruler, away from the hand; then back the page.
        </Soft>
      )}
    </section>
  );
}

const Line = styled.button`
  width: 100%;
  text-align: left;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  border-left: 4px solid ${({ theme }) => theme.pond};
  padding: 3px 10px;
  margin-top: 8px;
  cursor: pointer;
  &[aria-pressed='true'] {
    background: ${({ theme }) => theme.paper};
    border-color: ${({ theme }) => theme.beet};
  }
  small {
    display: block;
    color: ${({ theme }) => theme.soft};
    font-size: 14px;
  }
`;
