import { useMemo, useState } from 'react';
import { create } from 'zustand';
import type { Rect } from '../../../core/ground/geometry';
import { formatSize, type MeasureSystem } from '../../../core/ground/length';
import { readScrap, type ScrapLine } from '../../../core/stock/listing';
import { putScrapAway, type Scrap } from '../../../core/acts';
import { isMonth } from '../../../core/stock/things';
import { actOn } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { useUnsent } from '../../data/unsent';
import { SIZE_TYPED } from '../../ui/sizeTyped';
import { gapAt, type GapPlace } from './scrapGap';
import { faceCalled, facesOfPapers, offersFor, type OfferedFace } from './scrapOffers';

/** Stands for a kit nobody remembers. */
export const OLDER = 'older';
/** Stands for a kit of about a year. */
export const ABOUT = 'about';

/** What stays from one scrap to the next, until she changes it; for as long as the window is open. */
interface Kept {
  /** A kit's id, {@link OLDER} or {@link ABOUT}. */
  readonly kit: string;
  readonly year: string;
  readonly place: string;
  /** The paper of the scrap before, by its face's id where it was there, and by name. */
  readonly face: { readonly id: string | null; readonly name: string };
  readonly change: (some: Partial<Omit<Kept, 'change'>>) => void;
}
const useKept = create<Kept>()((set) => ({
  kit: OLDER,
  year: '',
  place: '',
  face: { id: null, name: '' },
  change: set,
}));

/** A scrap put away in this sitting. */
export interface PutAway {
  readonly act: number;
  readonly words: string;
}

const missingOf = (read: ScrapLine | null, place: GapPlace): Rect[] =>
  read?.gap ? [gapAt(read.size, read.gap, place)] : [];

const kitOf = ({ kit, year }: Kept): Scrap['kit'] =>
  kit === OLDER || kit === ABOUT ? { month: kit === ABOUT ? year.trim() : '' } : { id: kit };

/** The paper a line tells of: the one that is called so, or, where no name is told, that of the scrap before. */
function paperOf({ name }: ScrapLine, all: readonly OfferedFace[], kit: string | null, before: Kept['face']) {
  if (name !== '') return faceCalled(all, name, kit);
  const same = all.find(({ face }) => face.id === before.id);
  return same ?? (before.name === '' ? null : faceCalled(all, before.name, kit));
}

const wordsOf = ({ count, size, name }: ScrapLine, paper: OfferedFace | null, system: MeasureSystem): string =>
  `${count > 1 ? `${count} × ` : ''}${formatSize(size, system)} ${paper?.face.name ?? (name || 'plain')}`;

/** What is wrong with a line, or null. */
function troubleOf(text: string, read: ScrapLine | null, { kept: { kit, year }, system }: Around): string | null {
  if (text.trim() === '') return null;
  if (kit === ABOUT && (year.trim() === '' || !isMonth(year.trim()))) return 'Of about which year? As 2022.';
  return read ? null : `How large is it? As ${SIZE_TYPED[system]}, and what is gone of it as gap 2x3.`;
}

interface Around {
  readonly kept: Kept;
  readonly all: readonly OfferedFace[];
  readonly picked: number | null;
  readonly gapPlace: GapPlace;
  readonly system: MeasureSystem;
}

/** What a line says, with what was kept of the scraps before. */
function understood(text: string, around: Around) {
  const { kept, all, picked, gapPlace, system } = around;
  const read = readScrap(text, system);
  const of = kitOf(kept);
  const kit = 'id' in of ? of.id : null;
  const offers = read ? offersFor(all, read.name, kit) : [];
  const chosen = (picked === null ? null : offers[picked]) ?? (read && paperOf(read, all, kit, kept.face));
  const isNew = read !== null && read.name !== '';
  const front: Scrap['front'] =
    chosen?.face.id ?? (isNew ? { name: read.name, colours: read.colours.map(({ hex }) => hex) } : null);
  return {
    read,
    of,
    offers,
    chosen,
    front,
    trouble: troubleOf(text, read, around),
    missing: missingOf(read, gapPlace),
  };
}

/** A scrap as it is typed: what is understood of it, the faces it may be of, and putting it away. */
export function useScrap() {
  const { lots, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const kept = useKept();
  const [text, setText] = useUnsent(`scrap in ${system}`);
  const [picked, setPicked] = useState<number | null>(null);
  const [gapPlace, setGapPlace] = useState<GapPlace>('top-right');
  const [done, setDone] = useState<readonly PutAway[]>([]);
  const all = useMemo(() => facesOfPapers({ lots, faces }), [lots, faces]);
  const said = understood(text, { kept, all, picked, gapPlace, system });
  const { read, of, chosen, front, missing, trouble } = said;

  const type = (typed: string): void => {
    setText(typed);
    setPicked(null);
  };

  const add = async (): Promise<void> => {
    if (!read || trouble !== null) return;
    // At once: the next is typed while this one is put away.
    type('');
    const name = chosen?.face.name ?? read.name;
    if (name !== '') kept.change({ face: { id: chosen?.face.id ?? null, name } });
    const written = await actOn(
      putScrapAway({
        kit: of,
        kind: read.kind,
        front,
        back: read.back,
        size: read.size,
        missing,
        count: read.count,
        place: kept.place.trim(),
      }),
      { isQuiet: true },
    );
    if (written === null || written.seq === null) {
      setText((now) => (now === '' ? text : now));
      return;
    }
    const { seq: act } = written;
    setDone((before) => [{ act, words: wordsOf(read, chosen, system) }, ...before]);
  };
  return {
    kept,
    text,
    type,
    ...said,
    picked,
    pick: setPicked,
    gapPlace,
    setGapPlace,
    add,
    done,
    takenBack: (act: number): void => setDone((before) => before.filter((one) => one.act !== act)),
  };
}
