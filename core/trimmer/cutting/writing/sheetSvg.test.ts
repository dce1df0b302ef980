import { expect, test } from 'vitest';
import { inches } from '../../../ground/length';
import { sheetSvg } from '..';

const sheet = {
  stock: 'm1',
  copy: 1,
  cuts: [],
  nubbins: [],
  waste: [],
  pieces: [
    {
      id: 'mat <"&">',
      copy: 1,
      part: 'B',
      x: inches(1),
      y: 0,
      w: inches(3.25),
      h: inches(4.25),
      turned: false,
      face: 'front' as const,
    },
  ],
};

test('a sheet is drawn in millimetres, 25.4 to the inch (International yard and pound agreement, 1959), each piece one closed path', () => {
  const svg = sheetSvg(sheet, { w: inches(12), h: inches(12) });
  expect(svg).toContain('width="304.8mm" height="304.8mm" viewBox="0 0 304.8 304.8"');
  expect(svg).toContain('d="M25.4 0h82.55v107.95h-82.55z"');
  expect(svg.match(/class="cut"/g)).toHaveLength(1);
});

test('names do no harm in it', () => {
  expect(sheetSvg(sheet, { w: inches(12), h: inches(12) })).toContain('data-piece="mat &lt;&quot;&amp;&quot;>"');
});
