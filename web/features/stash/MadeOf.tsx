import { changeLot } from '../../../core/acts';
import { materialOf, type Lot, type Material } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { Choice } from '../../ui/Choice';
import { Tick } from '../../ui/Tick';

const WORDS: readonly (readonly [Material, string])[] = [
  ['paper', 'paper'],
  ['see-through', 'see-through'],
  ['not-paper', 'not paper: felt, wood, cork …'],
];

/** What a thing is made of; packaging goes on pages only when she says so. */
export function MadeOf({ lot }: { lot: Lot }) {
  const say = (material: Material | undefined): void => {
    void act(changeLot(lot.id, ({ material: _, ...now }) => (material === undefined ? now : { ...now, material })));
  };
  const isForPages = lot.kind !== 'packaging' || lot.material !== undefined;
  return (
    <>
      {lot.kind === 'packaging' && (
        <Tick isSelected={isForPages} onChange={(may) => say(may ? materialOf(lot) : undefined)}>
          It may go on pages
        </Tick>
      )}
      {isForPages && lot.kind !== 'tool' && lot.kind !== 'medium' && (
        <Choice<Material> label="Made of" options={WORDS} value={materialOf(lot)} onChange={say} />
      )}
    </>
  );
}
