import crc32 from 'crc-32';
import { Unzip, UnzipInflate, UnzipPassThrough } from 'fflate';
import { nth } from '../../../core/ground/nth';
import type { Going } from './writeZip';
import type { ZipDirectory } from './zipDirectory';

export const isZip = async (blob: Blob): Promise<boolean> => {
  const head = new Uint8Array(await blob.slice(0, 4).arrayBuffer());
  return head[0] === 0x50 && head[1] === 0x4b && nth(head, 2) <= 5 && nth(head, 3) <= 6;
};

function joined(parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> {
  const bytes = new Uint8Array(parts.reduce((sum, part) => sum + part.length, 0));
  parts.reduce((at, part) => {
    bytes.set(part, at);
    return at + part.length;
  }, 0);
  return bytes;
}

/** Which members of a zip are wanted, and what is done with each. */
export interface Taking {
  readonly wants: (name: string) => boolean;
  readonly take: (name: string, bytes: Uint8Array<ArrayBuffer>) => Promise<void>;
  /** Absent where what comes may be damaged: then nothing is held against it. */
  readonly directory?: ZipDirectory;
}

/**
 * Reads a zip in pieces and hands over each member that is wanted, whole and held against its CRC-32.
 * @throws where the zip is damaged, in words
 */
export async function eachMember(
  blob: Blob,
  { wants, take, directory }: Taking,
  { onDone = () => undefined, isStopped = () => false }: Going = {},
): Promise<'whole' | 'stopped'> {
  const ready: { name: string; bytes: Uint8Array<ArrayBuffer> }[] = [];
  const seen = new Set<string>();
  let trouble: Error | null = null;
  const unzip = new Unzip((entry) => {
    if (!wants(entry.name)) return;
    if (seen.has(entry.name)) trouble = new Error(`${entry.name} stands in it twice`);
    seen.add(entry.name);
    const parts: Uint8Array[] = [];
    entry.ondata = (error, chunk, isLast) => {
      if (error) trouble = error;
      parts.push(chunk);
      if (isLast) ready.push({ name: entry.name, bytes: joined(parts) });
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  const reader = blob.stream().getReader();
  let read = 0;
  for (;;) {
    if (isStopped()) return 'stopped';
    const { value, done } = await reader.read();
    unzip.push(value ?? new Uint8Array(0), done);
    if (trouble) throw trouble as Error;
    for (const { name, bytes } of ready.splice(0)) {
      if (directory && directory.get(name) !== crc32.buf(bytes) >>> 0)
        throw new Error(`${name} is not as it was written`);
      await take(name, bytes);
    }
    read += value?.length ?? 0;
    onDone(Math.min(1, read / Math.max(1, blob.size)));
    if (done) return 'whole';
  }
}
