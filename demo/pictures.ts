import { bars, box, disc, glow, hills, moth, oval, paint, sky, specks } from './paint';
import { nth } from '../core/ground/nth';

type Layers = Parameters<typeof paint>[2];
interface Picture {
  readonly id: string;
  readonly story: string;
  readonly name: string;
  readonly size: string;
  readonly layers: Layers;
}

/** All pictures of the demo: which story each belongs to, its name, how it is printed, and how it is painted. */
const PICTURES: readonly Picture[] = [
  {
    id: 'lamp',
    story: 'moths',
    name: 'Setting the lamp',
    size: '6x4',
    layers: [
      sky('#12182f', '#27375c'),
      specks(60, 0.004, '#f3e3b0', 3),
      hills(0.78, 0.04, 7, '#0d1424'),
      box(0.32, 0.3, 0.36, 0.42, '#e9dfc4'),
      glow(0.5, 0.4, 0.62, '#f6c766', 0.9),
      disc(0.5, 0.34, 0.05, '#fff3cf'),
      box(0.31, 0.28, 0.012, 0.5, '#3b2f2a'),
      box(0.68, 0.28, 0.012, 0.5, '#3b2f2a'),
    ],
  },
  {
    id: 'hawk',
    story: 'moths',
    name: 'Hawk-moth',
    size: '4x6',
    layers: [
      sky('#efe4c8', '#d9c79c'),
      glow(0.5, 0.1, 0.9, '#f8d27a', 0.7),
      ...moth(0.5, 0.42, 0.3, '#d98bb0', '#6b7443'),
    ],
  },
  {
    id: 'torch',
    story: 'moths',
    name: 'Torch on the wall',
    size: '6x4',
    layers: [
      sky('#1a2340', '#31486c'),
      disc(0.63, 0.32, 0.13, '#f6d27a'),
      glow(0.63, 0.32, 0.5, '#f6d27a', 0.5),
      hills(0.72, 0.12, 5, '#16203a'),
      hills(0.86, 0.06, 9, '#0c1322', 2),
    ],
  },
  {
    id: 'boxes',
    story: 'moths',
    name: 'Egg boxes at dawn',
    size: '4x4',
    layers: [
      sky('#d7c3cd', '#efdccb'),
      ...[0.2, 0.5, 0.8].flatMap((x) =>
        [0.25, 0.6].flatMap((y) => [oval(x, y, 0.2, 0.14, '#9a8f86'), oval(x, y - 0.02, 0.13, 0.08, '#5f5650')]),
      ),
      ...moth(0.5, 0.24, 0.09, '#c7b59a', '#3b2f2a'),
      ...moth(0.8, 0.6, 0.08, '#e6a7be', '#7b5237'),
    ],
  },
  {
    id: 'kiln',
    story: 'raku',
    name: 'The kiln at heat',
    size: '6x4',
    layers: [
      sky('#3b3b40', '#56504c'),
      box(0.25, 0.2, 0.5, 0.65, '#8c7566'),
      glow(0.5, 0.55, 0.7, '#f07a2c', 0.9),
      box(0.4, 0.42, 0.2, 0.3, '#ffd27a'),
      hills(0.9, 0.02, 12, '#2a2523'),
      specks(30, 0.006, '#ffb35a', 8, 0.5),
    ],
  },
  {
    id: 'sawdust',
    story: 'raku',
    name: 'Into the sawdust',
    size: '4x6',
    layers: [
      sky('#b9b4aa', '#8e867a'),
      hills(0.62, 0.03, 9, '#b98f62'),
      oval(0.5, 0.58, 0.34, 0.2, '#7b5237'),
      oval(0.5, 0.5, 0.24, 0.2, '#b9633f'),
      oval(0.5, 0.36, 0.13, 0.05, '#3b2f2a'),
      specks(40, 0.01, '#d9d3c6', 4, 0.4),
    ],
  },
  {
    id: 'bowl',
    story: 'raku',
    name: 'The bowl, washed',
    size: '4x4',
    layers: [
      sky('#ded7c8', '#c7bda9'),
      oval(0.5, 0.56, 0.52, 0.3, '#a5c8b4'),
      oval(0.5, 0.44, 0.5, 0.12, '#6f9482'),
      oval(0.5, 0.86, 0.2, 0.05, '#8e867a'),
      specks(26, 0.008, '#5d7d6e', 11, 0.8),
    ],
  },
  {
    id: 'shelf',
    story: 'raku',
    name: 'Waiting on the shelf',
    size: '6x4',
    layers: [
      sky('#d9d3c6', '#b9b4aa'),
      box(0, 0.7, 1, 0.08, '#7b5237'),
      ...[0.14, 0.38, 0.62, 0.86].flatMap((x, i) => [
        oval(x, 0.54, 0.13 + 0.02 * (i % 2), 0.18, nth(['#b9633f', '#a5c8b4', '#8e867a', '#c99a7a'], i)),
        oval(x, 0.4, 0.08, 0.03, '#56504c'),
      ]),
      box(0, 0.78, 1, 0.22, '#9a8f86'),
    ],
  },
  {
    id: 'tongs',
    story: 'raku',
    name: 'Tongs',
    size: '4x4',
    layers: [
      sky('#56504c', '#2a2523'),
      glow(0.5, 0.7, 0.8, '#f07a2c', 0.8),
      oval(0.5, 0.66, 0.28, 0.22, '#ffb35a'),
      oval(0.5, 0.52, 0.2, 0.05, '#7b3a1c'),
      box(0.34, 0, 0.03, 0.58, '#8e8e8c'),
      box(0.63, 0, 0.03, 0.58, '#8e8e8c'),
    ],
  },
  {
    id: 'marrow',
    story: 'marrow',
    name: 'On the scales',
    size: '6x4',
    layers: [
      sky('#dfe7c8', '#cddcae'),
      box(0, 0.72, 1, 0.28, '#9c7248'),
      box(0.3, 0.62, 0.4, 0.1, '#8e8e8c'),
      oval(0.5, 0.5, 0.5, 0.15, '#4f7f4a', -0.06),
      oval(0.5, 0.48, 0.44, 0.05, '#8aa45c', -0.06),
      disc(0.5, 0.82, 0.06, '#f2e9cf'),
    ],
  },
  {
    id: 'rows',
    story: 'marrow',
    name: 'The rows in July',
    size: '6x4',
    layers: [
      sky('#9cc3e0', '#dfe9e4'),
      hills(0.42, 0.03, 5, '#6b7443'),
      bars(0, 1, 14, 0.45, 0.5, 1, '#8aa45c'),
      bars(0.03, 1, 14, 0.2, 0.52, 1, '#4f7f4a'),
      specks(24, 0.012, '#cf3f62', 6, 1),
    ],
  },
  {
    id: 'shed',
    story: 'marrow',
    name: 'The shed door',
    size: '3x4',
    layers: [
      sky('#c9d9b4', '#a9b79a'),
      box(0.2, 0.2, 0.6, 0.75, '#9c7248'),
      bars(0.22, 0.78, 6, 0.9, 0.22, 0.95, '#b98f62'),
      disc(0.7, 0.58, 0.02, '#3b3b40'),
      hills(0.94, 0.02, 15, '#4f7f4a'),
    ],
  },
  {
    id: 'ropes',
    story: 'peal',
    name: 'Six ropes',
    size: '4x6',
    layers: [
      sky('#e4dccb', '#a99b86'),
      box(0, 0.8, 1, 0.2, '#6f5f4c'),
      bars(0.08, 0.92, 6, 0.16, 0, 0.75, '#d9c79c'),
      bars(0.08, 0.92, 6, 0.16, 0.3, 0.5, '#b23a3f'),
    ],
  },
  {
    id: 'band',
    story: 'peal',
    name: 'The band',
    size: '6x4',
    layers: [
      sky('#cfc3ad', '#8f7f69'),
      box(0, 0.78, 1, 0.22, '#6f5f4c'),
      ...[0.12, 0.28, 0.44, 0.6, 0.76, 0.9].flatMap((x, i) => [
        oval(x, 0.66, 0.09, 0.22, nth(['#56606b', '#b23a3f', '#a67c45', '#3b3b40', '#6d4a86', '#4f7f4a'], i)),
        disc(x, 0.36, 0.055, '#e0b48f'),
      ]),
    ],
  },
  {
    id: 'clock',
    story: 'peal',
    name: 'The clock in the chamber',
    size: '4x4',
    layers: [
      sky('#a99b86', '#7d6c55'),
      disc(0.5, 0.5, 0.36, '#f2e9cf'),
      disc(0.5, 0.5, 0.02, '#3b3b40'),
      box(0.495, 0.24, 0.012, 0.27, '#3b3b40'),
      box(0.5, 0.495, 0.16, 0.016, '#b23a3f'),
    ],
  },
  {
    id: 'tower',
    story: 'peal',
    name: 'The tower after',
    size: '4x6',
    layers: [
      sky('#8fa3b5', '#e8d6c0'),
      box(0.34, 0.22, 0.32, 0.7, '#56606b'),
      box(0.32, 0.18, 0.36, 0.06, '#3f4852'),
      oval(0.5, 0.42, 0.1, 0.1, '#22262b'),
      hills(0.88, 0.03, 8, '#6b7443'),
      glow(0.8, 0.3, 0.5, '#f6d9a0', 0.6),
    ],
  },
];

/** Whether a print of this size stands upright, lies, or is square, at 150 pixels to its shorter inch. */
function pixels(size: string): [number, number] {
  const [w, h] = size.split('x').map(Number) as [number, number];
  const scale = 520 / Math.max(w, h);
  return [Math.round(w * scale), Math.round(h * scale)];
}

type Painted = Omit<Picture, 'layers'> & { readonly jpeg: Buffer };
let painted: readonly Painted[] | null = null;

/** Every picture painted, as JPEG; once, however often it is asked for. */
export function paintPictures(): readonly Painted[] {
  painted ??= PICTURES.map(({ layers, ...picture }, i) => ({
    ...picture,
    jpeg: paint(...pixels(picture.size), layers, 100 + i),
  }));
  return painted;
}
