import { err, ok, type Result } from '../../../core/ground/result';
import type { FileError } from './fileError';

/** A zip's own table of what is in it: each member's CRC-32, by its name. */
export type ZipDirectory = ReadonlyMap<string, number>;

const END = 0x06054b50;
const MEMBER = 0x02014b50;
/** The end record without its comment, and the longest comment. Source: APPNOTE.TXT 6.3.10, 4.3.12 and 4.3.16. */
const END_SIZE = 22;
const LONGEST_COMMENT = 0xffff;
const MEMBER_SIZE = 46;

const damaged = (message: string): Result<never, FileError> => err({ kind: 'damaged', at: '', message });

const viewOf = async (blob: Blob): Promise<DataView> => new DataView(await blob.arrayBuffer());

/** Reads the table at a zip's end; refused where it is missing, cut off, or names a member twice. */
export async function readZipDirectory(blob: Blob): Promise<Result<ZipDirectory, FileError>> {
  const tail = await viewOf(blob.slice(Math.max(0, blob.size - END_SIZE - LONGEST_COMMENT)));
  let end = tail.byteLength - END_SIZE;
  while (end >= 0 && tail.getUint32(end, true) !== END) end--;
  if (end < 0) return damaged('the zip is cut off: the table at its end is missing');
  const size = tail.getUint32(end + 12, true);
  const from = tail.getUint32(end + 16, true);
  const table = await viewOf(blob.slice(from, from + size));
  const members = new Map<string, number>();
  for (let at = 0; at < table.byteLength;) {
    if (at + MEMBER_SIZE > table.byteLength || table.getUint32(at, true) !== MEMBER)
      return damaged('the zip is damaged: the table at its end cannot be read');
    const long = table.getUint16(at + 28, true);
    const next = at + MEMBER_SIZE + long + table.getUint16(at + 30, true) + table.getUint16(at + 32, true);
    if (next > table.byteLength) return damaged('the zip is damaged: the table at its end cannot be read');
    const name = new TextDecoder().decode(new Uint8Array(table.buffer, at + MEMBER_SIZE, long));
    if (members.has(name)) return damaged(`${name} stands in the zip twice`);
    members.set(name, table.getUint32(at + 16, true));
    at = next;
  }
  if (members.size !== tail.getUint16(end + 10, true))
    return damaged('the zip is damaged: the table at its end is short');
  return ok(members);
}
