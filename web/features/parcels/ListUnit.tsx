import type { Unit } from '../../../core/ground/length';
import { Row, Soft } from '../../ui/Screen';
import { useSettings } from '../../data/settings';
import { Tabs } from '../../ui/Tabs';
import type { DraftState } from './useDraft';

const UNITS = [
  ['in', 'inches'],
  ['cm', 'cm'],
  ['mm', 'mm'],
] as const satisfies readonly (readonly [Unit, string])[];

/**
 * What sizes of the list are in that stand there without a unit. Kits are told in inches: it is asked only where she
 * reads centimetres, or where a size of the list can hardly be inches.
 */
export function ListUnit({ state: { draft, entries, acts } }: { state: DraftState }) {
  const system = useSettings((s) => s.system);
  const isInDoubt = entries.some(({ doubts }) => doubts.some(({ about }) => about === 'unit'));
  if (system === 'in' && draft.unit === undefined && !isInDoubt) return null;
  return (
    <Row>
      <Soft>Sizes without a unit are in</Soft>
      <Tabs
        label="Sizes without a unit are in"
        options={UNITS}
        value={draft.unit ?? 'in'}
        onChange={(unit) => acts.save({ unit })}
      />
    </Row>
  );
}
