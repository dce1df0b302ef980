import { fromUint8Array, toUint8Array } from 'js-base64';
import schema from '../../docs/formats/bench.schema.json';
import { fold, type LedgerEvent } from '../../core/ledger';
import { err, ok, type Result } from '../../core/result';
import { TABLES, type Image, type Records } from './bench';
import { schemaCheck } from './schemaCheck';
import type { StockDb, StoredEvent } from './stockDb';

type Table<K extends keyof Records> = Records[K][];
interface ImageWire {
  id: string;
  type: string;
  data: string;
}

/** Everything in one file. Source: `docs/formats/bench.schema.json`. */
export interface BenchFile {
  format: 'nubbin-bench';
  version: 1;
  kits: Table<'kits'>;
  faces: Table<'faces'>;
  lots: Table<'lots'>;
  stories: Table<'stories'>;
  photos: Table<'photos'>;
  images: ImageWire[];
  pages: Table<'pages'>;
  drafts: Table<'drafts'>;
  designs: Table<'designs'>;
  sharings: Table<'sharings'>;
  wishes: Table<'wishes'>;
  events: LedgerEvent[];
}

/** Where a file is wrong, and how. */
export interface FileError {
  readonly kind: 'not-json' | 'not-ours' | 'wrong' | 'same-id' | 'nothing-there' | 'ledger';
  readonly at: string;
  readonly message: string;
}

const check = schemaCheck<BenchFile>(schema);

const byId = (a: { id: string }, b: { id: string }): number => (a.id < b.id ? -1 : 1);

/** Reads all of the bench as a file; equal benches give equal text. */
export async function writeBenchFile(db: StockDb): Promise<string> {
  return db.transaction('r', [...TABLES.map((name) => db.table(name)), db.events], async () => {
    const table = async <K extends keyof Records>(name: K): Promise<Records[K][]> =>
      (await db.of(name).toArray()).sort(byId);
    const images = (await table('images')).map(({ id, type, bytes }): ImageWire => ({
      id,
      type,
      data: fromUint8Array(new Uint8Array(bytes)),
    }));
    const events = (await db.events.orderBy('seq').toArray()).map(({ seq: _, ...event }) => event as LedgerEvent);
    const file: BenchFile = {
      format: 'nubbin-bench',
      version: 1,
      kits: await table('kits'),
      faces: await table('faces'),
      lots: await table('lots'),
      stories: await table('stories'),
      photos: await table('photos'),
      images,
      pages: await table('pages'),
      drafts: await table('drafts'),
      designs: await table('designs'),
      sharings: await table('sharings'),
      wishes: await table('wishes'),
      events,
    };
    return `${JSON.stringify(file, null, 1)}\n`;
  });
}

function checkIds(file: BenchFile): Result<null, FileError> {
  for (const name of TABLES) {
    const seen = new Set<string>();
    for (const [i, { id }] of file[name].entries()) {
      if (seen.has(id))
        return err({
          kind: 'same-id',
          at: `/${name}/${i}/id`,
          message: `the id ${id} stands here for the second time`,
        });
      seen.add(id);
    }
  }
  return ok(null);
}

/** Whatever one record says of another must be there. */
function checkReferences(file: BenchFile): Result<null, FileError> {
  const ids = (name: keyof Records): Set<string> => new Set(file[name].map(({ id }) => id));
  const [kits, faces, lots, stories, images, photos] = [
    ids('kits'),
    ids('faces'),
    ids('lots'),
    ids('stories'),
    ids('images'),
    ids('photos'),
  ];
  const references: [string, string | null, Set<string>][] = [
    ...file.lots.flatMap((lot, i): [string, string | null, Set<string>][] => [
      [`/lots/${i}/kit`, lot.kit, kits],
      [`/lots/${i}/front`, lot.front, faces],
      [`/lots/${i}/back`, lot.back, faces],
    ]),
    ...file.faces.flatMap((face, i): [string, string, Set<string>][] =>
      face.picture ? [[`/faces/${i}/picture/image`, face.picture.image, images]] : [],
    ),
    ...file.photos.flatMap((photo, i): [string, string, Set<string>][] => [
      [`/photos/${i}/story`, photo.story, stories],
      [`/photos/${i}/image`, photo.image, images],
    ]),
    ...file.pages.flatMap((page, i) =>
      page.photos.map((place, j): [string, string | null, Set<string>] => [
        `/pages/${i}/photos/${j}/photo`,
        place.photo,
        photos,
      ]),
    ),
    ...file.events.flatMap((event, i): [string, string, Set<string>][] =>
      'lot' in event ? [[`/events/${i}/lot`, event.lot, lots]] : [],
    ),
  ];
  const broken = references.find(([, id, known]) => id !== null && !known.has(id));
  return broken
    ? err({ kind: 'nothing-there', at: broken[0], message: `${broken[1]} is nowhere in this file` })
    : ok(null);
}

function checkLedger({ events }: BenchFile): Result<null, FileError> {
  const folded = fold(events);
  if (folded.ok) return ok(null);
  const { kind, event, subject } = folded.error;
  const at = events.findIndex(({ id }) => id === event);
  return err({ kind: 'ledger', at: `/events/${at}`, message: `${kind.replaceAll('-', ' ')}: ${subject}` });
}

/** Checks a file whole, before anything is written. */
export function readBenchFile(text: string): Result<BenchFile, FileError> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return err({ kind: 'not-json', at: '', message: `it is not whole JSON: ${(error as Error).message}` });
  }
  if (typeof json !== 'object' || json === null || (json as { format?: unknown }).format !== 'nubbin-bench')
    return err({ kind: 'not-ours', at: '/format', message: 'it was not written by Nubbin' });
  const checked = check(json);
  if (!checked.ok) return err({ kind: 'wrong', at: checked.error.at, message: checked.error.message });
  // Files from before there were designs of her own, share-outs and wishes have none.
  const file = { ...EMPTY_FILE, ...checked.value };
  for (const further of [checkIds(file), checkReferences(file), checkLedger(file)]) if (!further.ok) return further;
  return ok(file);
}

/** Puts a checked file in place of everything, in one transaction; undo starts anew. */
export async function replaceBench(db: StockDb, file: BenchFile): Promise<void> {
  await db.transaction(
    'rw',
    [...TABLES.map((name) => db.table(name)), db.events, db.acts, db.meta, db.thumbs],
    async () => {
      for (const name of TABLES) await db.table(name).clear();
      await db.events.clear();
      await db.thumbs.clear();
      await db.acts.clear();
      for (const name of TABLES) {
        if (name === 'images') continue;
        await db.table(name).bulkAdd(file[name]);
      }
      await db.images.bulkAdd(
        file.images.map(({ id, type, data }): Image => ({ id, type, bytes: toUint8Array(data).slice().buffer })),
      );
      await db.events.bulkAdd(file.events as StoredEvent[]);
      await db.meta.put({ key: 'generation', value: ((await db.meta.get('generation'))?.value ?? 0) + 1 });
    },
  );
}

export const EMPTY_FILE: BenchFile = {
  format: 'nubbin-bench',
  version: 1,
  kits: [],
  faces: [],
  lots: [],
  stories: [],
  photos: [],
  images: [],
  pages: [],
  drafts: [],
  designs: [],
  sharings: [],
  wishes: [],
  events: [],
};
