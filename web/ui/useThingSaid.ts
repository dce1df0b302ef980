import { useState } from 'react';
import { nameOfColour, type ColourShare } from '../../core/ground/colour';
import type { Size } from '../../core/ground/geometry';
import { parseSize, TICKS_PER_INCH, TICKS_PER_MM, type MeasureSystem } from '../../core/ground/length';
import type { LotKind } from '../../core/stock/things';

/** A thing as it is known. */
export interface KnownThing {
  /** Null: how many there were cannot be told. */
  readonly count: number | null;
  readonly kind: LotKind;
  readonly name: string;
  readonly size: Size | null;
  /** Of its front, as hex. */
  readonly colours: readonly string[];
}

/** What she says of it otherwise; sizes, in inches, and colours as text. */
export interface ThingSaid {
  readonly kind: LotKind;
  readonly count?: number;
  readonly name?: string;
  readonly size?: string;
  readonly colours?: string;
}

export const hexesOf = (colours: readonly ColourShare[] = []): string[] => colours.map(({ hex }) => hex);

const side = (length: number, system: MeasureSystem): string =>
  String(Math.round((length / (system === 'in' ? TICKS_PER_INCH : 10 * TICKS_PER_MM)) * 1e4) / 1e4);
const sizeText = (size: Size | null, system: MeasureSystem): string =>
  size ? `${side(size.w, system)}x${side(size.h, system)}` : '';

/**
 * The fields in which a thing is put right, and what they say that is new.
 * @param system what its size is shown in, and one without a unit is read in
 */
export function useThingSaid(known: KnownThing, system: MeasureSystem) {
  const before = {
    count: known.count === null ? '' : String(known.count),
    name: known.name,
    size: sizeText(known.size, system),
    colours: known.colours.map(nameOfColour).join(' + '),
  };
  const [kind, setKind] = useState(known.kind);
  const [fields, setFields] = useState(before);
  const { count, name, size } = fields;
  const n = /^\d{1,5}$/.test(count.trim()) ? Number(count) : 0;
  const read = size.trim() === '' ? null : parseSize(size, system);
  const errors = {
    count: known.count === null || (n >= 1 && n <= 10_000) ? null : 'From 1 to 10,000',
    name: name.trim() === '' ? 'What is it called?' : null,
    size: read === null || (read.ok && read.value.w > 0 && read.value.h > 0) ? null : 'As 12x12',
  };
  const isWrong = Object.values(errors).some((error) => error !== null);
  const other = <K extends 'name' | 'colours'>(key: K): Partial<Record<K, string>> =>
    fields[key].trim() === before[key] ? {} : ({ [key]: fields[key].trim() } as Partial<Record<K, string>>);
  return {
    kind,
    setKind,
    fields,
    set: (some: Partial<typeof before>) => setFields((now) => ({ ...now, ...some })),
    errors,
    isCounted: known.count !== null,
    /** What is new; null while something cannot be. */
    said: (): ThingSaid | null =>
      isWrong
        ? null
        : {
            kind,
            ...(known.count === null || n === known.count ? {} : { count: n }),
            ...other('name'),
            ...(size.trim() === before.size ? {} : { size: sizeText(read?.value ?? null, 'in') }),
            ...other('colours'),
          },
  };
}
