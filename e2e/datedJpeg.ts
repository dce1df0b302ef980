/** Bytes of a number, little end first. */
const le = (n: number, bytes: 2 | 4): number[] => Array.from({ length: bytes }, (_, i) => (n >> (8 * i)) & 0xff);

/** One entry of a directory: its tag, type (2: text, 4: number), how many, and the value or where it stands. */
const entry = (tag: number, type: 2 | 4, count: number, value: number): number[] => [
  ...le(tag, 2),
  ...le(type, 2),
  ...le(count, 4),
  ...le(value, 4),
];

/**
 * A JPEG with the day it was taken, as cameras write it: an APP1 segment with a TIFF block whose EXIF directory holds
 * DateTimeOriginal (0x9003). Source: JEITA CP-3451, Exchangeable image file format, from memory.
 * @param taken `2026:09:12 23:10:00`
 */
export function datedJpeg(jpeg: Uint8Array, taken: string): Uint8Array {
  const text = [...Buffer.from(`${taken}\0`, 'ascii')];
  const tiff = [
    0x49,
    0x49,
    ...le(42, 2),
    ...le(8, 4),
    ...le(1, 2),
    ...entry(0x8769, 4, 1, 26),
    ...le(0, 4),
    ...le(1, 2),
    ...entry(0x9003, 2, text.length, 44),
    ...le(0, 4),
    ...text,
  ];
  const body = [...Buffer.from('Exif\0\0', 'ascii'), ...tiff];
  const length = body.length + 2;
  return Uint8Array.from([...jpeg.slice(0, 2), 0xff, 0xe1, length >> 8, length & 0xff, ...body, ...jpeg.slice(2)]);
}
