import { expect, test } from 'vitest';
import { datedJpeg } from '../../e2e/datedJpeg';
import { takenOf } from './taken';

const toArrayBuffer = (bytes: Uint8Array): ArrayBuffer => bytes.slice().buffer as ArrayBuffer;
/** The shortest thing that begins and ends as a JPEG. */
const BARE = Buffer.from([0xff, 0xd8, 0xff, 0xd9]);

test('the day and minute that the camera wrote', async () => {
  expect(await takenOf(toArrayBuffer(datedJpeg(BARE, '2026:09:12 23:10:59')))).toBe('2026-09-12 23:10');
});

test('a picture that does not say, says nothing; nor does one that is none', async () => {
  expect(await takenOf(toArrayBuffer(BARE))).toBeNull();
  expect(await takenOf(toArrayBuffer(datedJpeg(BARE, 'no day known at all')))).toBeNull();
  expect(await takenOf(toArrayBuffer(Buffer.from('this is no picture')))).toBeNull();
});
