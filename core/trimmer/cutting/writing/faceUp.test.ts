import { expect, test } from 'vitest';
import { faceUp } from '..';

test('the face of most pieces lies up, the front where it is even or nothing is cut', () => {
  const up = (...faces: ('front' | 'back')[]) => faceUp(faces.map((face) => ({ face })));
  expect([up('back', 'back', 'front'), up('back', 'front'), up('front'), up()]).toEqual([
    'back',
    'front',
    'front',
    'front',
  ]);
});
