import type { FocusEvent } from 'react';
import { Choice } from './Choice';
import { KIND_CHOICES } from './lotWords';
import { TextField } from './TextField';
import type { useThingSaid } from './useThingSaid';

const selectAll = ({ target }: FocusEvent): void => {
  if (target instanceof HTMLInputElement) target.select();
};

/** How many, what kind, its name, size and colours: five fields, in whatever they are laid. */
export function ThingFields({ state }: { state: ReturnType<typeof useThingSaid> }) {
  const { kind, setKind, fields, set, errors, isCounted } = state;
  return (
    <>
      {isCounted && (
        <TextField
          label="How many"
          value={fields.count}
          onChange={(count) => set({ count })}
          error={errors.count}
          isMeasure
          autoFocus
          onFocus={selectAll}
        />
      )}
      <Choice label="Kind" options={KIND_CHOICES} value={kind} onChange={setKind} />
      <TextField label="Name" value={fields.name} onChange={(name) => set({ name })} error={errors.name} />
      <TextField label="Size" value={fields.size} onChange={(size) => set({ size })} error={errors.size} isMeasure />
      <TextField
        label="Colours"
        value={fields.colours}
        onChange={(colours) => set({ colours })}
        placeholder="ink + amber"
      />
    </>
  );
}
