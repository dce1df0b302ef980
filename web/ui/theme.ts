import type { DefaultTheme } from 'styled-components';

interface Theme {
  ground: string;
  paper: string;
  sheet: string;
  ink: string;
  soft: string;
  line: string;
  beet: string;
  beetInk: string;
  onBeet: string;
  pond: string;
  onPond: string;
  marigold: string;
  marigoldInk: string;
  marigoldWash: string;
  brick: string;
  brickWash: string;
  wood: string;
  woodDeep: string;
  woodInk: string;
  tray: string;
  shade: string;
}

declare module 'styled-components' {
  export interface DefaultTheme extends Theme {
    readonly name: 'day' | 'evening';
  }
}

export const day: DefaultTheme = {
  name: 'day',
  ground: '#f3ece0',
  paper: '#fbf6ec',
  sheet: '#fffefa',
  ink: '#2b1d33',
  soft: '#655867',
  line: '#d5c8b0',
  beet: '#8a1c4f',
  beetInk: '#8a1c4f',
  onBeet: '#ffffff',
  pond: '#1a5f6b',
  onPond: '#ffffff',
  marigold: '#d9961c',
  marigoldInk: '#734a00',
  marigoldWash: '#f5dfb0',
  brick: '#9e2b25',
  brickWash: '#f6ddd6',
  wood: '#eadfbc',
  woodDeep: '#dccb9a',
  woodInk: '#5a4a28',
  tray: '#e7dac3',
  shade: 'rgba(60, 40, 20, 0.28)',
};

export const evening: DefaultTheme = {
  name: 'evening',
  ground: '#221a27',
  paper: '#2d2333',
  sheet: '#352a3c',
  ink: '#f3e9dd',
  soft: '#c0b1bd',
  line: '#4c3d52',
  beet: '#ad3b72',
  beetInk: '#f29ac0',
  onBeet: '#ffffff',
  pond: '#7cc3cd',
  onPond: '#10272b',
  marigold: '#e6ab3e',
  marigoldInk: '#f5cd83',
  marigoldWash: '#4a3820',
  brick: '#f09a8d',
  brickWash: '#4c2723',
  wood: '#43372f',
  woodDeep: '#382d27',
  woodInk: '#d9c9a4',
  tray: '#31272d',
  shade: 'rgba(0, 0, 0, 0.5)',
};

export const heading = "'Bricolage Grotesque Variable', sans-serif";
export const text = "'Atkinson Hyperlegible Next Variable', sans-serif";
export const mono = "'Atkinson Hyperlegible Mono Variable', monospace";

/** A window that is small, or zoomed: columns stand below each other, and the screen scrolls. */
export const inSmallWindow = '@media (max-width: 800px), (max-height: 520px)';
