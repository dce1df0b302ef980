import type { ShapeKind } from '../../../core/ground/shapes';
import { useSettings } from '../../data/settings';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Row } from '../../ui/Screen';
import { SHAPE_KINDS, shapeName } from '../../ui/shapeWords';
import { FIELDS, START, USUAL, type Measures } from './shapeMeasures';

export interface ShapeFieldsProps {
  kind: ShapeKind;
  measures: Measures;
  onKind: (kind: ShapeKind) => void;
  onMeasures: (some: Partial<Measures>) => void;
}

/** Which shape, and what that is told by. */
export function ShapeFields({ kind, measures, onKind, onMeasures }: ShapeFieldsProps) {
  const system = useSettings((s) => s.system);
  return (
    <>
      <Choice<ShapeKind>
        label="Shape"
        options={SHAPE_KINDS.map((k) => [k, shapeName(k)])}
        value={kind}
        onChange={(to) => {
          onKind(to);
          onMeasures(USUAL[to] ?? { w: START.w, h: START.h });
        }}
      />
      <Row>
        {FIELDS[kind].map(([field, label]) => (
          <div key={`${kind} ${field}`} style={{ width: 92 }}>
            <MeasureField
              label={label}
              value={measures[field]}
              system={system}
              onChange={(length) => {
                if (length !== null) onMeasures({ [field]: length });
              }}
            />
          </div>
        ))}
      </Row>
      {kind === 'banner' && (
        <Choice
          label="End"
          options={[
            ['dovetail', 'dovetail'],
            ['point', 'point'],
          ]}
          value={measures.end}
          onChange={(end) => onMeasures({ end })}
        />
      )}
      {kind === 'tag' && (
        <Choice
          label="Corners"
          options={[
            ['clipped', 'upper two clipped'],
            ['round', 'all four round'],
          ]}
          value={measures.corners}
          onChange={(corners) => onMeasures({ corners })}
        />
      )}
    </>
  );
}
